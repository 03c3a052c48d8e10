import { withoutExtras } from './longest';
import { MIN_MS, primaryCount, withPrimaryCount, type Dose } from './dose';

/** What is left of a count in a lighter week. */
const LIGHTER_SHARE = 2 / 3;

/** A dose for a lighter week: two thirds of the count and one set fewer, never none. Free time is shortened alike. */
export function lighterDose(dose: Dose): Dose {
  const { count } = dose;
  const lighter =
    count.mode === 'time'
      ? {
          ...count,
          timeMs: Math.max(MIN_MS.time, Math.round((count.timeMs * LIGHTER_SHARE) / 5_000) * 5_000),
        }
      : withPrimaryCount(count, Math.round(primaryCount(count) * LIGHTER_SHARE));
  const n = primaryCount(lighter);
  return {
    ...withoutExtras(dose),
    count: lighter,
    sets: Math.max(1, dose.sets - 1),
    fewest: Math.min(dose.fewest, n),
    most: Math.max(dose.most, n),
  };
}
