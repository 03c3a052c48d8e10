import type { Catalogue } from '../catalogue';
import { lighterDose, type Dose } from '../dose';
import { rungOf, type Plan, type PlanStep } from '../plan';
import { rowOfItem, type ItemKey } from './items';

/** What is changed of an item: its rung, its dose or both. A dose is that of a usual week. */
export type ItemChange = { readonly rung?: number | undefined; readonly dose?: Dose | undefined };

/** One class that a change may reach. */
export type Reached = { readonly plan: Plan; readonly lighter: boolean };

/**
 * The steps that bring a change into each of these classes, the first being the one where it was made; null where there is
 * nothing to do, since the class has none of the item or has it so already. In a lighter week that the change is only
 * carried into the dose is made lighter.
 */
export const carrySteps = (
  classes: readonly Reached[],
  item: ItemKey,
  change: ItemChange,
  catalogue: Catalogue,
): readonly (PlanStep | null)[] =>
  classes.map(({ plan, lighter }, i) => {
    const dose = change.dose && lighter && i > 0 ? lighterDose(change.dose) : change.dose;
    return changeStep(plan, item, { ...change, dose }, catalogue);
  });

function changeStep(
  plan: Plan,
  item: ItemKey,
  { rung, dose }: ItemChange,
  catalogue: Catalogue,
): PlanStep | null {
  const row = rowOfItem(plan, item);
  const movement = catalogue.movement(item.movementId);
  if (!row || !movement) return null;
  const steps = [
    ...(rung !== undefined && rungOf(movement, row.rung) !== rungOf(movement, rung)
      ? [{ type: 'setRung', rowId: row.id, rung } as const]
      : []),
    ...(dose && JSON.stringify(dose) !== JSON.stringify(row.dose)
      ? [{ type: 'setDose', rowId: row.id, dose } as const]
      : []),
  ];
  return steps.length === 0 ? null : { type: 'several', steps };
}
