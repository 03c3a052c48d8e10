import { format, parseISO } from 'date-fns';
import type { DayWords } from '@/core/paper';

export const dayWords: DayWords = {
  long: (day) => format(parseISO(day), 'EEEE d MMMM'),
  short: (day) => format(parseISO(day), 'EEE d MMM'),
};
