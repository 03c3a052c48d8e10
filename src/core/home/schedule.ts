import { addDays } from '../days';
import { doseTotals, type Dose } from '../dose';

/** Waking hours in minutes after midnight, and the least time between two goes. */
type Waking = { readonly fromMin: number; readonly untilMin: number; readonly gapMin: number };
const USUAL_WAKING: Waking = { fromMin: 8 * 60, untilMin: 20 * 60, gapMin: 120 };
const TO_THE_MIN = 15;

/**
 * Little and often: so many times spread evenly over the waking hours, minutes after midnight to the quarter of an hour, never nearer
 * than the gap. Where they do not fit there are fewer.
 */
export function littleAndOften(
  times: number,
  { fromMin, untilMin, gapMin }: Waking = USUAL_WAKING,
): readonly number[] {
  const span = untilMin - fromMin;
  if (times < 1 || span < 0) return [];
  const fitting = Math.min(times, 1 + Math.floor(span / gapMin));
  if (fitting === 1) return [quarter(fromMin + span / 2)];
  const step = span / (fitting - 1);
  return Array.from({ length: fitting }, (_, i) => quarter(fromMin + i * step)).filter(
    (at, i, all) => i === 0 || at - all[i - 1]! >= gapMin,
  );
}

const quarter = (min: number): number => Math.floor(min / TO_THE_MIN) * TO_THE_MIN;

/** One day of home practice for one item. */
type HomeDay = { readonly day: string; readonly times: number };

/** What is at most done between two classes, in days after the class. */
const LONGEST_DAYS = 7;

/**
 * The days from the day after a class to the day before the next, at most a week. What may be done daily has all its times each
 * day; what needs a day between is done once, on every other day, never on the day next to a class.
 */
export function homeDays(
  classDay: string,
  nextClass: string | null,
  timesADay: number,
  dayBetween: boolean,
): readonly HomeDay[] {
  const days = Array.from({ length: LONGEST_DAYS }, (_, i) => addDays(classDay, i + 1)).filter(
    (day) => nextClass === null || day < nextClass,
  );
  return days.map((day, i): HomeDay => {
    if (!dayBetween) return { day, times: timesADay };
    const beforeClass = nextClass !== null && addDays(day, 1) === nextClass;
    return { day, times: i % 2 === 1 && !beforeClass ? 1 : 0 };
  });
}

/** What a week comes to, exactly: goes, and what each hand counts in all of them. */
export function weeklyTotal(
  days: readonly HomeDay[],
  dose: Dose,
): { goes: number; left: number; right: number } {
  const goes = days.reduce((n, d) => n + d.times, 0);
  const { left, right } = doseTotals(dose);
  return { goes, left: goes * left, right: goes * right };
}

/** "8:00" from minutes after midnight. */
export const minuteText = (min: number): string =>
  `${Math.floor(min / 60)}:${String(min % 60).padStart(2, '0')}`;
