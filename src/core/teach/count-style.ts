import { z } from 'zod';

/** In what order numbers are said. */
export const COUNT_ORDERS = ['up', 'down', 'last few', 'first and last', 'silent'] as const;
/** What is counted aloud; usual is repetitions, the seconds of a hold, the two halves of a breath, or the music's beats. */
export const COUNT_UNITS = ['usual', 'repetition', 'second', 'breath', 'beat'] as const;

export const countStyleSchema = z.strictObject({
  order: z.enum(COUNT_ORDERS),
  unit: z.enum(COUNT_UNITS),
});
export type CountStyle = z.infer<typeof countStyleSchema>;

export const USUAL_STYLE: CountStyle = { order: 'up', unit: 'usual' };

/** The last so many are said where only the last few are. */
const LAST_FEW = 3;

/** The word for number n of so many, empty where this order leaves it out. */
export function numberWord({ order }: CountStyle, n: number, of: number): string {
  switch (order) {
    case 'up':
      return String(n);
    case 'down':
      return String(of - n + 1);
    case 'last few':
      return n > of - LAST_FEW ? String(of - n + 1) : '';
    case 'first and last':
      return n === of && of > 1 ? 'last one' : n === 1 ? 'first one' : '';
    case 'silent':
      return '';
  }
}

/** The number the screen shows: what is left where the count goes down, else what has come. */
export const numberShown = ({ order }: CountStyle, n: number, of: number): number =>
  order === 'down' ? of - n + 1 : n;
