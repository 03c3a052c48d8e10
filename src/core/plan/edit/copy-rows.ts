import type { Dose } from '../../dose';
import { findRow, placedRows, type Plan, type Row } from '../plan';
import type { PlanStep } from './step-schema';

/** Rows under ids a plan does not use yet. */
export function freshRows(plan: Plan, rows: readonly Row[]): Row[] {
  const taken = new Set(placedRows(plan).map((p) => p.row.id));
  return rows.map((row) => {
    const base = row.id.replace(/~\d+$/, '').slice(0, 50);
    let n = 2;
    let id = base;
    while (taken.has(id)) id = `${base}~${n++}`;
    taken.add(id);
    return { ...row, id };
  });
}

/** Put rows into a section from a place on, as one step; null for no rows. */
export function insertRows(
  plan: Plan,
  sectionId: string,
  index: number,
  rows: readonly Row[],
): PlanStep | null {
  const fresh = freshRows(plan, rows);
  if (fresh.length === 0) return null;
  return {
    type: 'several',
    steps: fresh.map((row, i) => ({ type: 'insertRow', sectionId, index: index + i, row })),
  };
}

/** The chosen rows once more, after the last of them. */
export function duplicateRows(plan: Plan, rowIds: readonly string[]): PlanStep | null {
  const chosen = chosenRows(plan, rowIds);
  const last = chosen.at(-1);
  if (!last) return null;
  return insertRows(
    plan,
    last.section.id,
    last.index + 1,
    chosen.map((p) => p.row),
  );
}

/** Of the chosen rows those of one side alone, for the other side, after the last of them; null where there are none. */
export function otherSideRows(plan: Plan, rowIds: readonly string[]): PlanStep | null {
  const oneSided = chosenRows(plan, rowIds).flatMap((p) => {
    const flipped = p.row.kind === 'movement' ? forOtherSide(p.row.dose) : null;
    return flipped ? [{ ...p, row: { ...p.row, dose: flipped } as Row }] : [];
  });
  const last = chosenRows(plan, rowIds).at(-1);
  if (!last) return null;
  return insertRows(
    plan,
    last.section.id,
    last.index + 1,
    oneSided.map((p) => p.row),
  );
}

function forOtherSide(dose: Dose): Dose | null {
  if (dose.sides !== 'left' && dose.sides !== 'right') return null;
  const { extraLeft, extraRight } = dose;
  return {
    ...dose,
    sides: dose.sides === 'left' ? 'right' : 'left',
    extraLeft: extraRight,
    extraRight: extraLeft,
  };
}

/** Chosen rows in running order. */
export const chosenRows = (plan: Plan, rowIds: readonly string[]) =>
  placedRows(plan).filter(({ row }) => rowIds.includes(row.id));

/** The chosen rows one place up or down together; null when the first or last stands at its section's end. */
export function moveRows(plan: Plan, rowIds: readonly string[], by: -1 | 1): PlanStep | null {
  const chosen = chosenRows(plan, rowIds);
  const moving = by === -1 ? chosen : [...chosen].reverse();
  const bySection = moving.map(({ row, section, index }) => ({
    type: 'moveRow' as const,
    rowId: row.id,
    sectionId: section.id,
    index: index + by,
    isEnd: index + by < 0 || index + by >= section.rows.length,
  }));
  if (bySection.length === 0 || bySection.some((s) => s.isEnd)) return null;
  return { type: 'several', steps: bySection.map(({ isEnd: _, ...step }) => step) };
}

export function removeRows(plan: Plan, rowIds: readonly string[]): PlanStep | null {
  const steps = rowIds
    .filter((id) => findRow(plan, id))
    .map((rowId) => ({ type: 'removeRow' as const, rowId }));
  return steps.length > 0 ? { type: 'several', steps } : null;
}
