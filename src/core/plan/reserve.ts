import type { Dose, Hand } from '../dose/dose';
import type { Movement } from '../catalogue/movement';
import { reserveTrace, type LoadSpan, type ReservePoint } from '../load/fatigue';
import { gripSpans } from '../load/grip-spans';
import type { Person } from '../people/person';
import { memo } from '../remember';
import type { HandVerdict } from '../screening/verdict';
import { movementPlaces, type RuleContext } from './finding';
import { scriptContextOf } from './timing';

/** What a class asks of one grip, in order; hands that are asked the same share one list. */
export type GripAsks = readonly (LoadSpan & { readonly rowId: string })[];

export type HandAsks = {
  readonly person: Person;
  readonly hand: Hand;
  /** Which of the lists. */
  readonly list: number;
};

/** What the whole class asks of every attending person's each hand. */
export type ClassAsks = {
  readonly lists: readonly GripAsks[];
  readonly hands: readonly HandAsks[];
  readonly endMs: number;
};

const HANDS = ['L', 'R'] as const;

export function classAsks(context: RuleContext): ClassAsks {
  const lists: GripAsks[] = [];
  const known = new Map<string, number>();
  const hands = context.people.flatMap((person) =>
    HANDS.map((hand): HandAsks => {
      const asks = asksOf(context, person, hand);
      const key = asks.map((s) => `${s.startMs} ${s.endMs} ${s.load}`).join();
      const list = known.get(key) ?? lists.push(asks) - 1;
      known.set(key, list);
      return { person, hand, list };
    }),
  );
  return { lists, hands, endMs: context.timing.totalMs };
}

export const asksOf = (context: RuleContext, person: Person, hand: Hand): GripAsks =>
  movementPlaces(context).flatMap(({ row, movement, timing }) => {
    const from = timing.startMs + timing.propsMs + timing.setUpMs;
    const verdict = context.verdictOf(row.id, person.id)?.[hand] ?? null;
    const { breathMs, isNew } = scriptContextOf(context.plan, timing);
    return rowSpans(movement, row.dose, hand, verdict, breathMs, isNew).map((s) => ({
      ...s,
      startMs: s.startMs + from,
      endMs: s.endMs + from,
      rowId: row.id,
    }));
  });

const remember = memo<readonly LoadSpan[]>();
const ANY_HAND = {};

/** A row's spans from the start of its count: a dose and a verdict that stay the same ask the same. */
const rowSpans = (
  movement: Movement,
  dose: Dose,
  hand: Hand,
  verdict: HandVerdict | null,
  breathMs: number,
  isNew: boolean,
): readonly LoadSpan[] =>
  remember(
    [movement, dose, verdict?.adaptation ?? ANY_HAND],
    `${hand} ${verdict?.kind} ${breathMs} ${isNew}`,
    () => gripSpans(movement, dose, hand, verdict, { breathMs, isNew }),
  );

/** The grip reserve of one hand over a class, with when it is lowest and in which row. */
export type HandReserve = {
  readonly person: Person;
  readonly hand: Hand;
  readonly trace: readonly ReservePoint[];
  readonly lowest: number;
  readonly atMs: number;
  /** Null when nothing is gripped. */
  readonly rowId: string | null;
};

export type Trace = readonly ReservePoint[];

/** The reserves of every hand, from one trace to each list of asks. */
export function reservesFrom({ lists, hands }: ClassAsks, traces: readonly Trace[]): readonly HandReserve[] {
  const worked = lists.map((asks, i) => lowestOf(asks, traces[i]!));
  return hands.map(({ person, hand, list }) => ({ person, hand, ...worked[list]! }));
}

/** The same, worked out in one go. */
export function reservesOf(context: RuleContext): readonly HandReserve[] {
  const asks = classAsks(context);
  return reservesFrom(
    asks,
    asks.lists.map((list) => reserveTrace(list, asks.endMs)),
  );
}

function lowestOf(asks: GripAsks, trace: Trace): Omit<HandReserve, 'person' | 'hand'> {
  const lowest = trace.reduce((a, b) => (b.reserve < a.reserve ? b : a), trace[0]!);
  const row = asks.find((s) => s.startMs < lowest.atMs && lowest.atMs <= s.endMs);
  return { trace, lowest: lowest.reserve, atMs: lowest.atMs, rowId: row?.rowId ?? null };
}

/** The reserve at a moment, straight between the points of a trace; traces are in order. */
export function reserveAt(trace: Trace, atMs: number): number {
  let [low, high] = [0, trace.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (trace[middle]!.atMs < atMs) low = middle + 1;
    else high = middle;
  }
  const [b, a] = [trace[low]!, trace[low - 1]];
  if (!a || b.atMs <= atMs) return b.reserve;
  return a.reserve + ((atMs - a.atMs) / (b.atMs - a.atMs)) * (b.reserve - a.reserve);
}
