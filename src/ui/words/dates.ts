import { format, parseISO } from 'date-fns';

/** "Wednesday 25 November". */
export const longDay = (day: string): string => format(parseISO(day), 'EEEE d MMMM');
/** "Wed 25 Nov". */
export const shortDay = (day: string): string => format(parseISO(day), 'EEE d MMM');

/** A day as a list shows it: with its year where that is not the one it is now. */
export const listDay = (day: string, today: string): string =>
  day.slice(0, 4) === today.slice(0, 4)
    ? shortDay(day)
    : `${format(parseISO(day), 'EEE')} ${dayWithYear(day)}`;

/** "23 Jan 2027". */
export const dayWithYear = (day: string): string => format(parseISO(day), 'd MMM yyyy');
