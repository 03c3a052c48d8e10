import { fullName } from '../../people/person';
import { nameList } from '../../words';
import { breakBefore, finding, movementPlaces, type RuleContext } from '../finding';
import { reserveAt, type HandReserve } from '../reserve';

const TIRED_BELOW = 0.6;

/** O4 Loading never comes on tired hands: a modelled reserve below the line when it begins. */
export const loadOnFreshHands = (context: RuleContext, reserves: readonly HandReserve[]) =>
  movementPlaces(context)
    .filter((p) => p.movement.effort === 'load')
    .flatMap(({ row, movement, timing }) => {
      const tired = reserves.filter((r) => reserveAt(r.trace, timing.startMs) < TIRED_BELOW);
      if (tired.length === 0) return [];
      const people = [...new Map(tired.map((r) => [r.person.id, r.person])).values()];
      return [
        finding(
          'O4',
          'should',
          `${movement.name} comes on tired hands for ${nameList(people.map(fullName))}.`,
          'Weight goes on rested hands; the reserve is modelled, not measured.',
          {
            rowIds: [row.id],
            personIds: people.map((p) => p.id),
            mend: breakBefore(context.plan, row.id, 'hand', 60, 'Put in a hand break of 60 s before it'),
          },
        ),
      ];
    });
