import { clockText } from '../../words';
import { placedRows } from '../plan';
import { finding, type Finding, type RuleContext, type SequencingRule } from '../finding';

const LEAST_WORK = 0.55;
const LONGEST_TALK_MS = 2 * 60_000;

/** T2 Working time is at least 55 % of the class; talk in one piece is at most two minutes. */
export const enoughWork: SequencingRule = (context) => [...workShare(context), ...longTalk(context)];

function workShare({ timing, plan }: RuleContext): readonly Finding[] {
  const share = timing.workMs / timing.totalMs;
  if (!placedRows(plan).some(({ row }) => row.kind === 'movement') || share >= LEAST_WORK) return [];
  return [
    finding(
      'T2',
      'could',
      `${Math.floor(share * 100)} % of the class is working time: ${clockText(timing.workMs)} of ${clockText(timing.totalMs)}.`,
      'At least 55 % is worth aiming for; explaining, handing out and rest take the others.',
    ),
  ];
}

function longTalk({ plan }: RuleContext): readonly Finding[] {
  return placedRows(plan).flatMap(({ row }) => {
    if (row.kind !== 'talk' || row.durationMs <= LONGEST_TALK_MS) return [];
    return [
      finding(
        'T2',
        'could',
        `${row.title} is ${clockText(row.durationMs)} of talk in one piece.`,
        'Talk in one piece stays within two minutes; hands go cold.',
        {
          rowIds: [row.id],
          mend: {
            label: 'Shorten it to 2:00',
            step: { type: 'setDuration', rowId: row.id, durationMs: LONGEST_TALK_MS },
          },
        },
      ),
    ];
  });
}
