import { capital } from '../../words';
import { kitFor } from '../kit';
import { finding, type SequencingRule } from '../finding';

/** K3 Shared props are cleaned between people; what is one each is not shared. */
export const cleanProps: SequencingRule = (context) =>
  kitFor(context)
    .filter((line) => line.short > 0 && line.inBag > 0 && context.people.length > 1)
    .map(({ prop, rowIds }) =>
      finding(
        'K3',
        'must',
        prop.cleaning === 'wiped between people'
          ? `${capital(prop.plural)} would be shared: wipe each one before it goes to the next person.`
          : `${capital(prop.plural)} cannot be shared: they are ${prop.cleaning === 'one each, not shared' ? 'one each' : 'washed after class, not during it'}.`,
        'Fragile skin and lowered defence are common in these groups.',
        { rowIds },
      ),
    );
