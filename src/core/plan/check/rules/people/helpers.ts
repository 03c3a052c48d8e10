import { fullName, helpersNeeded } from '../../../../people';
import { nameList, plural } from '../../../../words';
import { leftOutOf, movementPlaces } from '../../finding';
import { PRACTICE, rule } from '../rule';

const GIVEN = 'One row is given by a helper, hand by hand, and no helper is coming.';

/** From this level of assistance a helper stays beside. */
const SUPPORTED_FROM = 2;

export const helpersPresent = rule({
  code: 'P2',
  severity: 'must',
  title: 'Helpers for everyone who needs one',
  reason: 'People at assistance 2 or 3 are supported by a helper throughout.',
  source: PRACTICE,
  find: (context) => {
    const supported = context.people.filter((p) => p.assistance >= SUPPORTED_FROM);
    const short = movementPlaces(context).filter(({ row, movement }) => {
      if (movement.effort === 'notice' || movement.effort === 'breath') return false;
      const out = leftOutOf(context, row.id);
      return helpersNeeded(supported.filter((p) => !out.has(p.id))) > context.helpers;
    });
    const given = movementPlaces(context).filter(({ movement }) =>
      movement.traits.includes('given by a helper'),
    );
    const noneGives = given.length > 0 && context.helpers === 0;
    const alone = noneGives ? [{ text: GIVEN, rowIds: given.map((g) => g.row.id), personIds: [] }] : [];
    if (short.length === 0) return alone;
    const who = `${nameList(supported.map(fullName))} ${supported.length === 1 ? 'needs' : 'need'}`;
    const coming =
      context.helpers === 0 ? 'none is' : `${context.helpers} ${context.helpers === 1 ? 'is' : 'are'}`;
    return [
      ...alone,
      {
        text: `${who} ${plural(helpersNeeded(supported), 'helper')} at once, ${coming} coming.`,
        rowIds: short.map((p) => p.row.id),
        personIds: supported.map((p) => p.id),
      },
    ];
  },
});
