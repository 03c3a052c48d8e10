import { isEffort, LONGEST_EFFORT_MS, type Movement } from '../../../../catalogue';
import { breathOf, longestCount, noLongerThan, type Dose } from '../../../../dose';
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
      const ms = isEffort(movement) ? heldMs(movement, row.dose, context.plan.breathMs) : 0;
      if (ms <= LONGEST_EFFORT_MS) return [];
      const text = `${movement.name} holds an effort for ${Math.round(ms / 1000)} s.`;
      return [{ text, rowIds: [row.id], row, movement }];
    }),
  mend: (_, { row, movement }) => ({
    label: `Hold for at most ${LONGEST_EFFORT_MS / 1000} s`,
    step: { type: 'setDose', rowId: row.id, dose: shortened(movement, row.dose) },
  }),
});

/** The longest that an effort is held without a pause, ms, however it is counted; 0 where it moves. */
function heldMs(movement: Movement, dose: Dose, usualBreathMs: number): number {
  const count = longestCount(dose);
  const isHeld = movement.dose.count.mode === 'hold';
  switch (count.mode) {
    case 'hold':
      return count.holdMs;
    case 'sequence':
      return count.stepMs;
    case 'breaths':
      return isHeld ? count.breaths * breathOf(dose, { breathMs: usualBreathMs }) : 0;
    case 'time':
      return isHeld ? count.timeMs : 0;
    case 'reps':
      return 0;
  }
}

/** The same held for 10 s at most; what was held through breaths or free time becomes the movement’s usual holds. */
function shortened(movement: Movement, dose: Dose): Dose {
  const { count, fewest, most } = movement.dose;
  const isOpen = dose.count.mode === 'breaths' || dose.count.mode === 'time';
  return noLongerThan(isOpen ? { ...dose, count, fewest, most } : dose, LONGEST_EFFORT_MS);
}
