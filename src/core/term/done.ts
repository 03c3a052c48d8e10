import { movementRows, onlyRows, type Plan } from '../plan';
import type { Mark, RowRecord } from '../teach';

/** What was counted of a class that was taught. */
export function donePlan(plan: Plan, record: ReadonlyMap<string, RowRecord>): Plan {
  const counted = movementRows(plan).filter((r) => {
    const taken = record.get(r.id);
    return taken?.counted && !taken.skipped;
  });
  return onlyRows(plan, new Set(counted.map((r) => r.id)));
}

/** And of that, what one person who came did not skip and was not stopped in. */
export function doneByPerson(done: Plan, marks: readonly Mark[], personId: string): Plan {
  const dropped = new Set(
    marks
      .filter((m) => m.personId === personId && (m.mark === 'skipped' || m.mark === 'stopped'))
      .map((m) => m.rowId),
  );
  return onlyRows(done, new Set(movementRows(done).flatMap((r) => (dropped.has(r.id) ? [] : [r.id]))));
}
