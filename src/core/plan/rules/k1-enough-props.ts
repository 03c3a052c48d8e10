import { kitFor } from '../kit';
import { finding, type SequencingRule } from '../finding';

/** K1 There are enough of each prop for everyone doing the row, counting what is packed. */
export const enoughProps: SequencingRule = (context) =>
  kitFor(context)
    .filter((line) => line.short > 0)
    .map((line) =>
      finding(
        'K1',
        'must',
        `${line.needed} ${line.needed === 1 ? `${line.prop.name} is` : `${line.prop.plural} are`} needed, ${line.inBag} ${line.inBag === 1 ? 'is' : 'are'} in the bag.`,
        `Everyone doing the row holds one. Pack ${line.short} more, or ${line.prop.substitute} and count them in.`,
        { rowIds: line.rowIds },
      ),
    );
