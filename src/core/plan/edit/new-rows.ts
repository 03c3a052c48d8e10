import type { Catalogue, Movement } from '../../catalogue';
import type { Mend } from '../check/finding';
import { findRow, placedRows, type MovementRow, type Plan } from '../plan';
import type { PlanStep } from './step-schema';

/** Insert new rows after a row (or before it); ids stay the same for the same plan. */
export function insertBeside(
  plan: Plan,
  rowId: string,
  where: 'before' | 'after',
  rows: readonly Parameters<typeof rowStep>[1][],
): PlanStep {
  const place = findRow(plan, rowId)!;
  const at = place.index + (where === 'after' ? 1 : 0);
  return { type: 'several', steps: rows.map((row, i) => rowStep(place.section.id, row, at + i)) };
}

export const rowStep = (
  sectionId: string,
  row: Extract<PlanStep, { type: 'insertRow' }>['row'],
  index: number,
): Extract<PlanStep, { type: 'insertRow' }> => ({ type: 'insertRow', sectionId, index, row });

/** An id that the plan does not use yet. */
export function freshRowId(plan: Plan, base: string): string {
  const taken = new Set(placedRows(plan).map((p) => p.row.id));
  if (!taken.has(base)) return base;
  for (let n = 2; ; n++) if (!taken.has(`${base}-${n}`)) return `${base}-${n}`;
}

export const newMovementRow = (plan: Plan, movement: Movement, why: string): MovementRow => ({
  kind: 'movement',
  id: freshRowId(plan, `${why}-${movement.id}`.slice(0, 50)),
  movementId: movement.id,
  dose: movement.dose,
  note: '',
});

/** Another movement in a row's place, at its own usual dose, as one step; null where the row is gone. */
export function insteadOf(plan: Plan, rowId: string, movement: Movement, why: string): PlanStep | null {
  const place = findRow(plan, rowId);
  if (!place) return null;
  const row = newMovementRow(plan, movement, why);
  return {
    type: 'several',
    steps: [rowStep(place.section.id, row, place.index), { type: 'removeRow', rowId }],
  };
}

/** The first movement in the catalogue that fits, without a prop when there is one. */
export function pickMovement(catalogue: Catalogue, fits: (m: Movement) => boolean): Movement | null {
  const fitting = catalogue.movements.filter(fits);
  return fitting.find((m) => m.propId === null) ?? fitting[0] ?? null;
}

/** A break put in before a row, as a mend. */
export function breakBefore(
  plan: Plan,
  rowId: string,
  what: 'hand' | 'water',
  seconds: number,
  label: string,
): Mend {
  const id = freshRowId(plan, `${what}-before-${rowId}`.slice(0, 50));
  const row = { kind: 'break', id, what, durationMs: seconds * 1000 } as const;
  return { label, step: insertBeside(plan, rowId, 'before', [row]) };
}
