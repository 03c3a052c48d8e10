import type { Catalogue } from '../catalogue';
import { lighterDose } from '../dose';
import { mapMovementRows, rungOf, type MovementRow, type Plan } from '../plan';
import type { TermWeek } from './term';

/**
 * The plan of one week of a term, made from a pattern. In the weeks of settling in a movement stands as many rungs under
 * the pattern as there are such weeks to come, this one counted; a lighter week asks less of everything.
 */
export function weekPlan(
  pattern: Plan,
  weeks: readonly TermWeek[],
  week: number,
  catalogue: Catalogue,
): Plan {
  const now = weeks[week - 1];
  const settling = weeks.slice(week - 1).filter((w) => w.phase === 'settle in').length;
  return mapMovementRows(pattern, (row) => {
    const dosed = now?.lighter ? { ...row, dose: lighterDose(row.dose) } : row;
    return settling > 0 ? downBy(dosed, settling, catalogue) : dosed;
  });
}

function downBy(row: MovementRow, rungs: number, catalogue: Catalogue): MovementRow {
  const movement = catalogue.movement(row.movementId);
  if (!movement) return row;
  return { ...row, rung: Math.max(0, rungOf(movement, row.rung) - rungs) };
}
