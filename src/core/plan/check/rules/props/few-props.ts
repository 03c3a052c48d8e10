import { kitFor } from '../../kit';
import { PRACTICE, rule } from '../rule';

const MAX_PROPS = 3;
const IN_A_CLASS_UP_TO_MS = 45 * 60_000;

export const fewProps = rule({
  code: 'K2',
  severity: 'should',
  title: 'At most three props in up to 45 minutes',
  reason: 'Handing out and collecting more than three props takes time from moving.',
  source: PRACTICE,
  find: (context) => {
    const kit = kitFor(context);
    if (context.slotMs > IN_A_CLASS_UP_TO_MS || kit.length <= MAX_PROPS) return [];
    return [
      {
        text: `${kit.length} different props in one class: ${kit.map((k) => k.prop.plural).join(', ')}.`,
        rowIds: kit.flatMap((k) => k.rowIds),
      },
    ];
  },
});
