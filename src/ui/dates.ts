import { format, parseISO } from 'date-fns';

/** "Wednesday 25 November". */
export const longDay = (day: string): string => format(parseISO(day), 'EEEE d MMMM');
/** "Wed 25 Nov". */
export const shortDay = (day: string): string => format(parseISO(day), 'EEE d MMM');

/** "23 Jan 2027". */
export const dayWithYear = (day: string): string => format(parseISO(day), 'd MMM yyyy');
