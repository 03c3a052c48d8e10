import { kitFor } from '../kit';
import { finding, type SequencingRule } from '../finding';

const MOST_IN_45_MIN = 3;

/** K2 At most three different props in a class of up to 45 minutes. */
export const fewProps: SequencingRule = (context) => {
  const kit = kitFor(context);
  if (context.slotMs > 45 * 60_000 || kit.length <= MOST_IN_45_MIN) return [];
  return [
    finding(
      'K2',
      'should',
      `${kit.length} different props in one class: ${kit.map((k) => k.prop.plural).join(', ')}.`,
      'Handing out and collecting more than three props eats the time for moving.',
      { rowIds: kit.flatMap((k) => k.rowIds) },
    ),
  ];
};
