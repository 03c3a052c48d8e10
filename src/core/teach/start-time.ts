import { minutesOf, timeOf } from '../days';

/** What of a class is booked: its day and its start are local to the venue. */
type Booked = { readonly day: string; readonly startsAt: string; readonly slotMinutes: number };

/** How a class begins against its booking. */
export type StartTime =
  | { readonly kind: 'as booked' }
  | { readonly kind: 'another day'; readonly day: string }
  | {
      readonly kind: 'late';
      readonly now: string;
      readonly lateMinutes: number;
      /** Ending as booked, and after the whole slot. */
      readonly asBooked: string;
      readonly wholeSlot: string;
      /** What is left of the slot until the booked end, minutes. */
      readonly leftMinutes: number;
    };

/** Less late than this is on time. */
const LATE_FROM_MIN = 2;
/** With less than this left there is nothing to choose: a class has its whole slot. */
const WORTH_IT_MIN = 5;

/** Whether a class begins as it was booked; `now` is "HH:MM" of that day, null where the time of day is not known. */
export function startTime(
  { day, startsAt, slotMinutes }: Booked,
  today: string,
  now: string | null,
): StartTime {
  if (day !== today) return { kind: 'another day', day };
  if (now === null) return { kind: 'as booked' };
  const lateMinutes = minutesOf(now) - minutesOf(startsAt);
  const leftMinutes = slotMinutes - lateMinutes;
  if (lateMinutes < LATE_FROM_MIN || leftMinutes < WORTH_IT_MIN) return { kind: 'as booked' };
  return {
    kind: 'late',
    now,
    lateMinutes,
    asBooked: timeOf(minutesOf(startsAt) + slotMinutes),
    wholeSlot: timeOf(minutesOf(now) + slotMinutes),
    leftMinutes,
  };
}
