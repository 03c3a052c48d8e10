import { z } from 'zod';

const DAY_MS = 86_400_000;
const instant = (day: string): number => Date.parse(`${day}T00:00:00Z`);

/** Is this a day there is, written YYYY-MM-DD? The 31st of February is none. */
export const isDay = (text: string): boolean =>
  /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(instant(text)) && addDays(text, 0) === text;

/** Days are ISO days, local to the venue; counting them never meets a clock change. */
export const addDays = (day: string, days: number): string =>
  new Date(instant(day) + days * DAY_MS).toISOString().slice(0, 10);

/** Whole days from one day to another, below 0 when it is before. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((instant(to) - instant(from)) / DAY_MS);

/** 1 is Monday, 7 is Sunday. */
export const weekdayOf = (day: string): number => new Date(instant(day)).getUTCDay() || 7;

/** The Monday of the week of a day. */
export const mondayOf = (day: string): string => addDays(day, 1 - weekdayOf(day));

/** Records of people who live begin after it. */
const FIRST_DAY = '1900-01-01';

export const daySchema = z
  .string()
  .regex(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'Write the date as year-month-day')
  .refine(isDay, 'There is no such day')
  .refine((day) => day >= FIRST_DAY, 'That is before anybody here was born');

/** Minutes after midnight of a time "HH:MM", and back; beyond midnight it goes on with the next day. */
export const minutesOf = (time: string): number => {
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return hours * 60 + minutes;
};
export const timeOf = (minutes: number): string =>
  [Math.floor(minutes / 60) % 24, minutes % 60].map((n) => String(n).padStart(2, '0')).join(':');
