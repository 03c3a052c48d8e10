import { isLeftOut } from '../../screening/verdict';
import { fullName, helpersNeeded } from '../../people/person';
import { nameList, plural } from '../../words';
import { finding, movementPlaces, type SequencingRule } from '../finding';

/** P2 Helpers needed at the same time do not exceed helpers present. */
export const helpersPresent: SequencingRule = (context) => {
  const short = movementPlaces(context).filter(({ row, movement }) => {
    if (movement.effort === 'notice' || movement.effort === 'breath') return false;
    const moving = context.people.filter((p) => !isLeftOut(context.verdictOf(row.id, p.id)));
    return helpersNeeded(moving) > context.helpers;
  });
  if (short.length === 0) return [];
  const supported = context.people.filter((p) => p.assistance >= 2);
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
