import { capital } from '../../../../words';
import { kitFor } from '../../kit';
import { PRACTICE, rule } from '../rule';

export const cleanProps = rule({
  code: 'K3',
  severity: 'must',
  title: 'Shared props are cleaned between people',
  reason: 'Fragile skin and lowered defence are common in these groups.',
  source: PRACTICE,
  /** What is one each is not shared. */
  find: (context) =>
    kitFor(context)
      .filter((line) => line.short > 0 && line.inBag > 0 && context.people.length > 1)
      .map(({ prop, rowIds }) => ({
        text:
          prop.cleaning === 'wiped between people'
            ? `${capital(prop.plural)} would be shared: wipe each one before it goes to the next person.`
            : `${capital(prop.plural)} cannot be shared: they are ${prop.cleaning === 'one each, not shared' ? 'one each' : 'washed after class, not during it'}.`,
        rowIds,
      })),
});
