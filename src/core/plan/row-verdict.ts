import type { Person } from '../people';
import { verdictFor, withOwnSets, type ScreeningContext, type Verdict } from '../screening';
import type { RowMovement } from '../stance';
import type { MovementRow } from './plan';

/** May this person do this row, with each hand, in as many sets as they do of it? */
export function verdictOnRow(
  person: Person,
  { dose, ownSets }: Pick<MovementRow, 'dose' | 'ownSets'>,
  movement: RowMovement,
  context: ScreeningContext,
): Verdict {
  const sets = ownSets?.find((o) => o.personId === person.id)?.sets ?? dose.sets;
  if (sets === dose.sets) return verdictFor(person, movement, dose, context);
  return withOwnSets(verdictFor(person, movement, { ...dose, sets }, context), sets);
}
