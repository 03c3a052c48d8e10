import type { Hand } from '../dose/dose';
import { reserveTrace, type LoadSpan, type ReservePoint } from '../load/fatigue';
import { gripSpans } from '../load/grip-spans';
import type { Person } from '../people/person';
import { movementPlaces, type RuleContext } from './finding';
import { scriptContextOf } from './timing';

/** The grip reserve of one hand over a class, with the row its lowest point lies in. */
export type HandReserve = {
  readonly person: Person;
  readonly hand: Hand;
  readonly trace: readonly ReservePoint[];
  readonly lowest: number;
  /** The row in which it is lowest; null when nothing is gripped. */
  readonly rowId: string | null;
};

/** The reserve of every hand in the class; hands that are asked the same share one calculation. */
export function reservesOf(context: RuleContext): readonly HandReserve[] {
  const places = movementPlaces(context);
  const worked = new Map<string, Pick<HandReserve, 'trace' | 'lowest' | 'rowId'>>();
  return context.people.flatMap((person) =>
    (['L', 'R'] as const).map((hand): HandReserve => {
      const asked = places.flatMap(({ row, movement, timing }) => {
        const verdict = context.verdictOf(row.id, person.id)?.[hand] ?? null;
        const from = timing.startMs + timing.propsMs + timing.setUpMs;
        const scripted = scriptContextOf(context.plan, timing);
        return gripSpans(movement, row.dose, hand, verdict, scripted).map((s) => ({
          ...s,
          startMs: s.startMs + from,
          endMs: s.endMs + from,
          rowId: row.id,
        }));
      });
      const key = asked.map((s) => `${s.startMs} ${s.endMs} ${s.load}`).join();
      const known = worked.get(key) ?? lowestOf(asked, context.timing.totalMs);
      worked.set(key, known);
      return { person, hand, ...known };
    }),
  );
}

function lowestOf(spans: readonly (LoadSpan & { rowId: string })[], endMs: number) {
  const trace = reserveTrace(spans, endMs);
  const lowest = trace.reduce((a, b) => (b.reserve < a.reserve ? b : a), trace[0]!);
  const row = spans.find((s) => s.startMs < lowest.atMs && lowest.atMs <= s.endMs);
  return { trace, lowest: lowest.reserve, rowId: row?.rowId ?? null };
}
