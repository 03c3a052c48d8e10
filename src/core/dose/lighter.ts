import { noLongerThan, withoutExtras } from './longest';
import { lengthMs } from './nudge';
import { leastCount, primaryCount, withPrimaryCount, type Dose } from './dose';

/** What is left of the work in a lighter week. */
const LIGHTER_SHARE = 2 / 3;
/** Lengths are cut to whole steps of this, ms. */
const STEP_MS = 1_000;

/**
 * A dose for a lighter week: two thirds of all that is counted over the sets, with no more in a set and no more sets than
 * before. What is not counted, free time and a single hold, is shortened alike.
 */
export function lighterDose(dose: Dose): Dose {
  const even = withoutExtras(dose);
  const { count } = even;
  const counted = primaryCount(count);
  const ms = lengthMs(count);
  if (ms !== null && (count.mode === 'time' || counted * dose.sets === 1))
    return noLongerThan(even, Math.round((ms * LIGHTER_SHARE) / STEP_MS) * STEP_MS);
  const { n, sets } = nearest(counted, dose.sets, Math.min(counted, leastCount(dose)));
  return {
    ...even,
    count: withPrimaryCount(count, n),
    sets,
    fewest: Math.min(dose.fewest, n),
  };
}

/** The count and the sets whose product comes nearest to the lighter share; of two as near the smaller, with fewer sets. */
function nearest(
  counted: number,
  sets: number,
  least: number,
): { readonly n: number; readonly sets: number } {
  const target = counted * sets * LIGHTER_SHARE;
  const choices = Array.from({ length: sets }, (_, i) => i + 1).flatMap((s) =>
    [Math.floor(target / s), Math.ceil(target / s)]
      .filter((n) => n >= least && n <= counted)
      .map((n) => ({ n, sets: s })),
  );
  const off = (c: { n: number; sets: number }) => Math.abs(c.n * c.sets - target);
  return choices.reduce((best, c) => (off(c) < off(best) - 1e-9 ? c : best), { n: least, sets: 1 });
}
