import type { Dose, Hand } from '../../dose';
import { GRIPPING, type Movement } from '../../catalogue';
import { gripSpans, propDemandOn, reserveTrace, type LoadSpan, type ReservePoint } from '../../load';
import type { Person } from '../../people';
import { memo, remembered } from '../../remember';
import type { HandVerdict } from '../../screening';
import { movementPlaces, type MovementPlace, type RuleContext } from './finding';
import { scriptContextOf } from './timing';

/** What a class asks of one grip, in order; hands that are asked the same share one list. */
type GripAsks = readonly (LoadSpan & { readonly rowId: string })[];

type HandAsks = {
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
  const places = grippingPlaces(context);
  const lists: GripAsks[] = [];
  const known = new Map<string, number>();
  const hands = context.people.flatMap((person) =>
    HANDS.map((hand): HandAsks => {
      const spans = places.map((place) => spansAt(context, place, person, hand));
      const key = spans.map(wordOf).join('|');
      const list = known.get(key) ?? lists.push(onClock(places, spans)) - 1;
      known.set(key, list);
      return { person, hand, list };
    }),
  );
  return { lists, hands, endMs: context.timing.totalMs };
}

/** What one hand of one person is asked. */
export function asksOf(context: RuleContext, person: Person, hand: Hand): GripAsks {
  const places = grippingPlaces(context);
  return onClock(
    places,
    places.map((place) => spansAt(context, place, person, hand)),
  );
}

const grippingPlaces = (context: RuleContext): readonly MovementPlace[] =>
  movementPlaces(context).filter((p) => GRIPPING.has(p.movement.effort));

/** Rows' spans, each from the start of its count, put on the class clock. */
const onClock = (places: readonly MovementPlace[], spans: readonly (readonly LoadSpan[])[]): GripAsks =>
  places.flatMap(({ row, timing }, i) => {
    const from = timing.startMs + timing.propsMs + timing.placeMs + timing.wayInMs;
    return spans[i]!.map((s) => ({
      load: s.load,
      startMs: s.startMs + from,
      endMs: s.endMs + from,
      rowId: row.id,
    }));
  });

const words = new WeakMap<readonly LoadSpan[], string>();
/** Two lists that ask the same have the same word. */
const wordOf = (spans: readonly LoadSpan[]): string =>
  remembered(words, spans, () => spans.map((s) => `${s.startMs} ${s.endMs} ${s.load}`).join());

function spansAt(
  { plan, verdictOf, catalogue, week }: RuleContext,
  { row, movement, timing }: MovementPlace,
  person: Person,
  hand: Hand,
): readonly LoadSpan[] {
  const { breathMs, slowFirst } = scriptContextOf(plan, timing);
  const verdict = verdictOf(row.id, person.id)?.[hand] ?? null;
  const prop = movement.propId === null ? undefined : catalogue.prop(movement.propId);
  const demand = prop ? propDemandOn(prop, person, hand, verdict, week) : 0;
  // What the effort stands for already is the same for every hand.
  const propDemand = demand > movement.effortOf10 / 10 ? demand : 0;
  return rowSpans(movement, row.dose, hand, verdict, breathMs, slowFirst, propDemand);
}

const remember = memo<readonly LoadSpan[]>();
const ANY_HAND = {};

/** A row's spans from the start of its count: a dose and a verdict that stay the same ask the same. */
const rowSpans = (
  movement: Movement,
  dose: Dose,
  hand: Hand,
  verdict: HandVerdict | null,
  breathMs: number,
  slowFirst: boolean,
  propDemand: number,
): readonly LoadSpan[] =>
  remember(
    [movement, dose, verdict?.adaptation ?? ANY_HAND],
    `${hand} ${verdict?.kind} ${breathMs} ${slowFirst} ${propDemand}`,
    () => gripSpans(movement, dose, hand, verdict, { breathMs, slowFirst }, propDemand),
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

type Trace = readonly ReservePoint[];

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
