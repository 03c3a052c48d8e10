import { format } from 'date-fns';

/** Today as an ISO day, by the machine's own clock. OSKIL_TODAY moves it, for demos and tests. */
export const today = (): string => process.env.OSKIL_TODAY || format(new Date(), 'yyyy-MM-dd');

/** The time of day as "HH:MM", by the machine's own clock; null where the day is moved and OSKIL_NOW does not say. */
export const timeOfDay = (): string | null =>
  process.env.OSKIL_TODAY ? (process.env.OSKIL_NOW ?? null) : format(new Date(), 'HH:mm');

/** How many times as fast the teaching clock runs; 1 outside tests. */
export function clockRate(): number {
  const rate = Number(process.env.OSKIL_CLOCK_RATE ?? '1');
  return Number.isFinite(rate) && rate >= 1 && rate <= 200 ? rate : 1;
}
