import { canBeJoined, type Catalogue } from '../../catalogue';
import { doseIssues, foreignPasses } from '../../dose';
import { fail, type Failure as Misfit } from '../../result';
import { canServe } from '../at-rung';
import { findRow, movementRows, type MovementRow, type Plan } from '../plan';

/** The first thing that an edit brought into a plan and that cannot be so, with a sentence; null where all of it can. */
export function misfitIn(after: Plan, before: Plan, catalogue: Catalogue): Misfit | null {
  for (const row of movementRows(after)) {
    const was = findRow(before, row.id)?.row;
    if (was === row) continue;
    const misfit = misfitOf(row, was?.kind === 'movement' ? was : null, catalogue);
    if (misfit) return misfit;
  }
  return null;
}

function misfitOf(row: MovementRow, was: MovementRow | null, catalogue: Catalogue): Misfit | null {
  const movement = catalogue.movement(row.movementId);
  if (!movement) return was ? null : fail('not-found', 'That movement is not in the catalogue.');
  const wrongProp = row.props === was?.props ? undefined : row.props?.find((id) => !canServe(movement, id));
  if (wrongProp !== undefined) {
    const name = catalogue.prop(wrongProp)?.name ?? 'something that is in no list of props';
    return fail('wrong-prop', `${movement.name} cannot be done with a ${name}. Nothing was changed.`);
  }
  // Plain names of older plans are let be.
  const known = [...movement.passes, ...(was?.dose.passes ?? [])];
  const [wrongPass] = foreignPasses(row.dose.passes, row.dose.count, known);
  if (wrongPass !== undefined)
    return fail('wrong-pass', `${movement.name} has no pass called “${wrongPass}”. Nothing was changed.`);
  const before = was ? doseIssues(was.dose) : [];
  const [wrongDose] = doseIssues(row.dose).filter((issue) => !before.includes(issue));
  if (wrongDose !== undefined)
    return fail('wrong-dose', `${movement.name}: ${wrongDose}. Nothing was changed.`);
  return row.joinedId === was?.joinedId ? null : wrongJoin(row, movement.name, catalogue);
}

function wrongJoin({ movementId, joinedId }: MovementRow, name: string, catalogue: Catalogue): Misfit | null {
  if (joinedId === undefined) return null;
  const joined = catalogue.movement(joinedId);
  if (joined && joinedId !== movementId && canBeJoined(joined)) return null;
  const what = joined?.name ?? 'A movement that is not in the catalogue';
  return fail('wrong-join', `${what} cannot go on beside ${name.toLowerCase()}. Nothing was changed.`);
}
