import { clockText } from '../../../../words';
import { placedRows } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const MIN_WORK = 0.55;

export const enoughWork = rule({
  code: 'T2',
  severity: 'could',
  title: 'At least 55 % working time',
  reason:
    'At least 55 % is worth aiming for; explaining, handing out and rest take the others. Working time is movement and holds; pauses between them count as rest.',
  source: PRACTICE,
  find: ({ timing, plan }) => {
    const share = timing.workMs / timing.totalMs;
    if (!placedRows(plan).some(({ row }) => row.kind === 'movement') || share >= MIN_WORK) return [];
    return [
      {
        text: `${Math.floor(share * 100)} % of the class is working time: ${clockText(timing.workMs)} of ${clockText(timing.totalMs)}.`,
      },
    ];
  },
});
