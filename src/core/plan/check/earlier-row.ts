import { movementRows, type MovementRow, type Plan } from '../plan';

/** The row of an earlier plan that a row goes on from: the same movement, the same time round. Null when it is new. */
export function earlierRow(earlier: Plan, plan: Plan, row: MovementRow): MovementRow | null {
  const same = (p: Plan) => movementRows(p).filter((r) => r.movementId === row.movementId);
  return same(earlier)[same(plan).findIndex((r) => r.id === row.id)] ?? null;
}
