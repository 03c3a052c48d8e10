import { doseTiming } from '../dose';
import { same } from '../meanwhile';
import { movementRows, type MovementRow, type Plan, type RuleContext } from '../plan';
import type { Option } from './option';

/** What was chosen, in the order of the plan and at the dose that it has there once it was mended. */
export function asPlanned(
  chosen: readonly Option[],
  plan: Plan,
  { baseline, plan: { breathMs } }: RuleContext,
): readonly Option[] {
  const rows = movementRows(plan);
  const before = baseline ? movementRows(baseline.plan) : [];
  const of = (movementId: string) => (row: MovementRow) => row.movementId === movementId;
  const ids = [...new Set(rows.map((r) => r.movementId))];
  return ids.flatMap((id) => {
    const option = chosen.find((o) => o.movement.id === id);
    const dose = rows.find(of(id))!.dose;
    if (!option || same(dose, option.dose)) return option ? [option] : [];
    const asBefore = same(dose, before.find(of(id))?.dose);
    const minutes = doseTiming(dose, { breathMs, slowFirst: false }).totalMs / 60_000;
    return [{ ...option, dose, minutes, step: asBefore ? ('same' as const) : option.step }];
  });
}

/** Movements that were to be raised, and are as before since a rule did not allow it. */
export const takenBack = (chosen: readonly Option[], planned: readonly Option[]): readonly string[] =>
  chosen
    .filter((o) => o.step === 'more')
    .map((o) => o.movement.id)
    .filter((id) => planned.some((o) => o.movement.id === id && o.step === 'same'));
