import type { MovementRow, Plan, Row } from '../plan';

const withRows = (plan: Plan, rowsOf: (rows: readonly Row[]) => Row[]): Plan => ({
  ...plan,
  sections: plan.sections.map((s) => ({ ...s, rows: rowsOf(s.rows) })),
});

/** A plan with each movement row made anew; talk and breaks stay. */
export const mapMovementRows = (plan: Plan, of: (row: MovementRow) => MovementRow): Plan =>
  withRows(plan, (rows) => rows.map((r) => (r.kind === 'movement' ? of(r) : r)));

/** A row for whoever comes, without what was agreed with single people. */
export const forAnybody = <R extends Row>(row: R): R => {
  if (row.kind !== 'movement' || !row.ownSets) return row;
  const { ownSets: _, ...rest } = row;
  return rest as R;
};

/** A plan with these movement rows alone; talk and breaks stay. */
export const onlyRows = (plan: Plan, kept: ReadonlySet<string>): Plan =>
  withRows(plan, (rows) => rows.filter((r) => r.kind !== 'movement' || kept.has(r.id)));
