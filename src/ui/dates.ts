import { format, parseISO } from 'date-fns';

/** "Wednesday 25 November". */
export const longDay = (day: string): string => format(parseISO(day), 'EEEE d MMMM');
/** "Wed 25 Nov". */
export const shortDay = (day: string): string => format(parseISO(day), 'EEE d MMM');

/** "10:30 to 11:15". */
export function timeSpan(startsAt: string, minutes: number): string {
  const [h = 0, m = 0] = startsAt.split(':').map(Number);
  const end = h * 60 + m + minutes;
  const two = (n: number) => String(n).padStart(2, '0');
  return `${startsAt} to ${two(Math.floor(end / 60) % 24)}:${two(end % 60)}`;
}

/** "23 Jan 2027". */
export const dayWithYear = (day: string): string => format(parseISO(day), 'd MMM yyyy');
