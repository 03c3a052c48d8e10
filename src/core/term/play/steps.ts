import { doseInSchool, type Catalogue, type School } from '../../catalogue';
import { lighterDose, primaryCount, withPrimaryCount, type Dose } from '../../dose';
import { atRung, mapMovementRows, rungOf, type MovementRow, type Plan } from '../../plan';

/** Where the class stands with a movement when it goes by the rules: its rung and its count. */
export type RungAndDose = { readonly rung: number; readonly dose: Dose };

/** A plan counted as a school would; what that school does not count keeps its dose. */
export const inSchool = (plan: Plan, school: School | null, catalogue: Catalogue): Plan =>
  school === null
    ? plan
    : mapMovementRows(plan, (row) => {
        const movement = catalogue.movement(row.movementId);
        const dose = movement && doseInSchool(atRung(movement, row.rung), school);
        return dose ? { ...row, dose } : row;
      });

/** A plan with every movement where the class stands with it; what is new is as planned. */
export const asStood = (plan: Plan, stands: ReadonlyMap<string, RungAndDose>, lighter: boolean): Plan =>
  mapMovementRows(plan, (row) => {
    const stand = stands.get(row.movementId);
    if (!stand) return row;
    return { ...row, rung: stand.rung, dose: lighter ? lighterDose(stand.dose) : stand.dose };
  });

/** Where a row leaves the class: up a rung with the usual count when it moves on, else one more of what is counted, up to the most. */
export function rungAndDoseAfter(
  row: MovementRow,
  moves: boolean,
  usual: Dose,
  catalogue: Catalogue,
): RungAndDose | null {
  const movement = catalogue.movement(row.movementId);
  if (!movement) return null;
  const rung = rungOf(movement, row.rung);
  if (moves) return { rung: Math.min(movement.rungs.length - 1, rung + 1), dose: usual };
  const n = Math.min(row.dose.most, primaryCount(row.dose.count) + 1);
  return { rung, dose: { ...row.dose, count: withPrimaryCount(row.dose.count, n) } };
}
