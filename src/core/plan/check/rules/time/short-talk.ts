import { clockText } from '../../../../words';
import { placedRows } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const LONGEST_TALK_MS = 2 * 60_000;

export const shortTalk = rule({
  code: 'T4',
  severity: 'could',
  title: 'Talk within two minutes',
  reason: 'Talk in one piece stays within two minutes; hands go cold.',
  source: PRACTICE,
  find: ({ plan }) =>
    placedRows(plan).flatMap(({ row }) =>
      row.kind === 'talk' && row.durationMs > LONGEST_TALK_MS
        ? [
            {
              text: `${row.title} is ${clockText(row.durationMs)} of talk in one piece.`,
              rowIds: [row.id] as const,
            },
          ]
        : [],
    ),
  mend: (_, { rowIds: [rowId] }) => ({
    label: `Shorten it to ${clockText(LONGEST_TALK_MS)}`,
    step: { type: 'setDuration', rowId, durationMs: LONGEST_TALK_MS },
  }),
});
