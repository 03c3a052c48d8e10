import { z } from 'zod';
import { addDays } from '../days';
import { doseTotals, type Dose } from '../dose';
import { nameList } from '../words';

const timeOfDay = z
  .number()
  .int()
  .min(0, 'No such time of the day')
  .max(24 * 60 - 1, 'No such time of the day');

/** When home practice may be, minutes after midnight, and the least time between two goes, minutes. */
export const homeHoursSchema = z
  .strictObject({
    fromMin: timeOfDay,
    untilMin: timeOfDay,
    gapMin: z.number().int().min(30, 'At least half an hour apart').max(360, 'At most six hours apart'),
  })
  .refine((h) => h.fromMin <= h.untilMin, 'The last time of the day comes after the first');
export type HomeHours = Readonly<z.infer<typeof homeHoursSchema>>;

export const USUAL_HOURS: HomeHours = { fromMin: 8 * 60, untilMin: 20 * 60, gapMin: 120 };
export const MAX_TIMES = 8;
const TO_THE_MIN = 15;

/** As often as fits into the hours at their gap, at most eight times. */
export const mostTimes = ({ fromMin, untilMin, gapMin }: HomeHours): number =>
  Math.min(MAX_TIMES, 1 + Math.floor(Math.max(0, untilMin - fromMin) / gapMin));

/**
 * Little and often: so many times spread evenly over the waking hours, minutes after midnight to the quarter of an hour, never nearer
 * than the gap. Where they do not fit there are fewer.
 */
export function littleAndOften(times: number, hours: HomeHours = USUAL_HOURS): readonly number[] {
  const { fromMin, untilMin, gapMin } = hours;
  const span = untilMin - fromMin;
  if (times < 1 || span < 0) return [];
  const fitting = Math.min(times, mostTimes(hours));
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

/** So many times of the day are named one by one. */
const MOST_NAMED = 4;

/** "at about 8:00, 14:00 and 20:00", "about every 2 hours from 8:00 to 20:00"; empty for none. */
export function whenText(times: readonly number[]): string {
  const [first, last] = [times[0], times.at(-1)];
  if (first === undefined || last === undefined) return '';
  if (times.length <= MOST_NAMED) return `at about ${nameList(times.map(minuteText), MOST_NAMED)}`;
  const hours = Math.round((last - first) / (times.length - 1) / 30) / 2;
  return `about every ${hours === 1 ? 'hour' : `${hours} hours`} from ${minuteText(first)} to ${minuteText(last)}`;
}
