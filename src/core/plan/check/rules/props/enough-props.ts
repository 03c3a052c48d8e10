import { kitFor } from '../../kit';
import { PRACTICE, rule } from '../rule';

export const enoughProps = rule({
  code: 'K1',
  severity: 'must',
  title: 'Enough of each prop',
  reason: 'Everyone doing the row holds one.',
  source: PRACTICE,
  find: (context) =>
    kitFor(context)
      .filter((line) => line.short > 0)
      .map(({ needed, prop, inBag, short, rowIds }) => ({
        text: `${needed} ${needed === 1 ? `${prop.name} is` : `${prop.plural} are`} needed, ${inBag} ${inBag === 1 ? 'is' : 'are'} in the bag. Pack ${short} more, or bring substitutes (${prop.substitute} each) and add them to the bag.`,
        rowIds,
      })),
});
