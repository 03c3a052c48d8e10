import { daysBetween } from '../days';
import type { Measure } from '../people/person';

/** Measures are due again after so many days. */
export const MEASURE_EVERY_DAYS = 28;

/** Is it time to measure? Never before the first class; then when nothing was measured yet, or four weeks ago. */
export function isMeasureDue(
  measures: readonly Pick<Measure, 'on'>[],
  firstClass: string | null,
  today: string,
): boolean {
  if (!firstClass || firstClass > today) return false;
  const last = measures.reduce<string | null>((l, m) => (l === null || m.on > l ? m.on : l), null);
  return last === null || daysBetween(last, today) >= MEASURE_EVERY_DAYS;
}
