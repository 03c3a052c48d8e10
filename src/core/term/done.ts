import { mapMovementRows, movementRows, onlyRows, type Plan } from '../plan';
import { doneDose, type Mark, type RowRecord } from '../teach';

/** What was counted of a class that was taught: the rows that were, each with the hands and as many as were really done. */
export function donePlan(plan: Plan, record: ReadonlyMap<string, RowRecord>): Plan {
  const doses = new Map(
    movementRows(plan).flatMap((r) => {
      const taken = record.get(r.id);
      const dose = taken?.counted && !taken.skipped ? doneDose(r.dose, taken.runs) : null;
      return dose ? [[r.id, dose] as const] : [];
    }),
  );
  const done = onlyRows(plan, new Set(doses.keys()));
  return mapMovementRows(done, (r) => {
    const dose = doses.get(r.id)!;
    return dose === r.dose ? r : { ...r, dose };
  });
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
