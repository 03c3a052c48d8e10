import { fullName } from '../../../../people';
import { nameList } from '../../../../words';
import { movementPlaces } from '../../finding';
import { breakBefore } from '../../../edit/new-rows';
import { reserveAt } from '../../reserve';
import { GRIP_LEFT } from '../../limits';
import { rule, type ReserveContext } from '../rule';

const BREAK_S = 60;

export const loadOnFreshHands = rule({
  code: 'O12',
  severity: 'should',
  title: 'No loading on tired hands',
  reason: 'Weight goes on rested hands; the reserve is modelled, not measured.',
  source: 'Model: Xia and Frey-Law 2008; Looft, Herkert and Frey-Law 2018; the limit of 80 % is ours',
  find: (context: ReserveContext) =>
    movementPlaces(context)
      .filter((p) => p.movement.effort === 'load')
      .flatMap(({ row, movement, timing }) => {
        const tired = context.reserves.filter((r) => reserveAt(r.trace, timing.startMs) < GRIP_LEFT.should);
        if (tired.length === 0) return [];
        const people = [...new Map(tired.map((r) => [r.person.id, r.person])).values()];
        return [
          {
            text: `${movement.name} comes on tired hands for ${nameList(people.map(fullName))}.`,
            rowIds: [row.id] as const,
            personIds: people.map((p) => p.id),
          },
        ];
      }),
  mend: ({ plan }, { rowIds: [rowId] }) =>
    breakBefore(plan, rowId, 'hand', BREAK_S, `Put in a hand break of ${BREAK_S} s before it`),
});
