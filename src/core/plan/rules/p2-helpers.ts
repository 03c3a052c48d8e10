import { fullName, helpersNeeded } from '../../people/person';
import { nameList, plural } from '../../words';
import { finding, leftOutOf, movementPlaces, type SequencingRule } from '../finding';

/** P2 Helpers needed at the same time do not exceed helpers present. */
export const helpersPresent: SequencingRule = (context) => {
  const supported = context.people.filter((p) => p.assistance >= 2);
  const short = movementPlaces(context).filter(({ row, movement }) => {
    if (movement.effort === 'notice' || movement.effort === 'breath') return false;
    const out = leftOutOf(context, row.id);
    return helpersNeeded(supported.filter((p) => !out.has(p.id))) > context.helpers;
  });
  if (short.length === 0) return [];
  return [
    finding(
      'P2',
      'must',
      `${nameList(supported.map(fullName))} ${supported.length === 1 ? 'needs' : 'need'} ${plural(helpersNeeded(supported), 'helper')} at once, ${context.helpers === 0 ? 'none is' : `${context.helpers} ${context.helpers === 1 ? 'is' : 'are'}`} coming.`,
      'People at assistance 2 or 3 are supported by a helper throughout.',
      { rowIds: short.map((p) => p.row.id), personIds: supported.map((p) => p.id) },
    ),
  ];
};
