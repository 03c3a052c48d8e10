import { daysBetween } from '../days';
import { isCounted, type Measure } from '../people';

/** Measures are due again after so many days; in a week of review after so many. */
const [EVERY_DAYS, IN_REVIEW_DAYS] = [28, 7];

/**
 * Is it time to measure? Before somebody's first class never; then when nothing was measured yet, or not for four weeks. In a
 * week of review everybody, once.
 */
export function isMeasureDue(
  measures: readonly Pick<Measure, 'on' | 'simulated'>[],
  firstClass: string | null,
  today: string,
  review = false,
): boolean {
  if (!review && (!firstClass || firstClass > today)) return false;
  const last = measures
    .filter(isCounted)
    .reduce<string | null>((l, m) => (l === null || m.on > l ? m.on : l), null);
  return last === null || daysBetween(last, today) >= (review ? IN_REVIEW_DAYS : EVERY_DAYS);
}
