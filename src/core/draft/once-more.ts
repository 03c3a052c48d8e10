import type { EffortKind } from '../catalogue';
import { AFTER_LOADING, ENDING } from './frame';
import { movementRows, type ClassFacts, type MovementRow, type Plan, type Section } from '../plan';
import { isOfTheBody } from './score';

/** What may be done again at any time of a class: it neither stretches nor works against anything. */
const AGAIN: ReadonlySet<EffortKind> = new Set([
  'breath',
  'warm',
  'active',
  'tap',
  'coordination',
  'opening',
]);

/** What stands where it does for a reason. */
const FRAME: ReadonlySet<string> = new Set([...ENDING, ...AFTER_LOADING]);

/** A class is full enough from this share of its time on. */
export const ENOUGH = 0.93;

/**
 * Where a class has time left that no further movement may take, those that were done are done once more before the easing, from memory:
 * one after the other until the time is full, what moves the hands before what moves the body.
 */
export function withOnceMore(
  plan: Plan,
  { catalogue }: ClassFacts,
  lengthMs: number,
  totalMs: (plan: Plan) => number,
): Plan {
  const first = [
    ...new Map([...movementRows(plan)].reverse().map((r) => [r.movementId, r])).values(),
  ].reverse();
  const mayBe = first.flatMap(({ movementId, dose }) => {
    const movement = catalogue.movement(movementId);
    return movement && AGAIN.has(movement.effort) && !FRAME.has(movementId) ? [{ movement, dose }] : [];
  });
  const handsFirst = mayBe.sort((a, b) => Number(isOfTheBody(a.movement)) - Number(isOfTheBody(b.movement)));
  const again = handsFirst.map(({ movement: { id }, dose }): MovementRow => {
    return { kind: 'movement', id: `again-${id}`, movementId: id, dose, note: '' };
  });
  const taken = new Set(movementRows(plan).map((r) => r.id));
  const free = (id: string): string => (taken.has(id) ? free(`${id}-too`) : id);
  const fresh = again.map((row) => ({ ...row, id: free(row.id) }));
  return fresh.reduce((now, row) => {
    const longer = withRow(now, row);
    return totalMs(now) < ENOUGH * lengthMs && totalMs(longer) <= lengthMs ? longer : now;
  }, plan);
}

const ONCE_MORE = 'once-more';
export const ONCE_MORE_NAME = 'Once more';

/** With this row last in the part that is done once more. */
function withRow(plan: Plan, row: MovementRow): Plan {
  const there = plan.sections.find((s) => s.id === ONCE_MORE);
  const part: Section = there ?? { id: ONCE_MORE, kind: 'move', name: ONCE_MORE_NAME, rows: [] };
  const grown = { ...part, rows: [...part.rows, row] };
  const sections = there
    ? plan.sections.map((s) => (s.id === ONCE_MORE ? grown : s))
    : plan.sections.flatMap((s) => (s.kind === 'ease' ? [grown, s] : [s]));
  return { ...plan, sections };
}
