import { isEffort, LONGEST_EFFORT_MS } from '../../effort';
import { movementPlaces } from '../../finding';
import { PRACTICE, rule } from '../rule';

export const shortEfforts = rule({
  code: 'T3',
  severity: 'must',
  title: 'No effort is held over 10 s',
  reason: 'An effort is held for at most 10 s, so that breath and blood pressure stay easy.',
  source: PRACTICE,
  find: (context) =>
    movementPlaces(context).flatMap(({ row, movement }) => {
      const { count } = row.dose;
      if (count.mode !== 'hold' || count.holdMs <= LONGEST_EFFORT_MS || !isEffort(movement)) return [];
      const text = `${movement.name} holds an effort for ${count.holdMs / 1000} s.`;
      return [{ text, rowIds: [row.id], row, count }];
    }),
  mend: (_, { row, count }) => ({
    label: `Hold for ${LONGEST_EFFORT_MS / 1000} s`,
    step: {
      type: 'setDose',
      rowId: row.id,
      dose: { ...row.dose, count: { ...count, holdMs: LONGEST_EFFORT_MS } },
    },
  }),
});
