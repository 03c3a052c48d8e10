import { isEffort, LONGEST_EFFORT_MS } from '../effort';
import { finding, movementPlaces, type SequencingRule } from '../finding';

/** T3 A single hold at effort is never over 10 s. */
export const shortEfforts: SequencingRule = (context) =>
  movementPlaces(context).flatMap(({ row, movement }) => {
    const { count } = row.dose;
    if (count.mode !== 'hold' || count.holdMs <= LONGEST_EFFORT_MS || !isEffort(movement)) return [];
    return [
      finding(
        'T3',
        'must',
        `${movement.name} holds an effort for ${count.holdMs / 1000} s.`,
        'An effort is held for at most 10 s, so that breath and blood pressure stay easy.',
        {
          rowIds: [row.id],
          mend: {
            label: 'Hold for 10 s',
            step: {
              type: 'setDose',
              rowId: row.id,
              dose: { ...row.dose, count: { ...count, holdMs: LONGEST_EFFORT_MS } },
            },
          },
        },
      ),
    ];
  });
