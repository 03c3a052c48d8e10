import type { FigureOnRung } from '@/core/hand';
import { handsOnRungs } from './hands';
import { peopleOnRungs } from './people';

/** What looks different on a rung, by the movement's id and the rung's words. */
export const ON_RUNGS: Readonly<Record<string, Readonly<Record<string, FigureOnRung>>>> = {
  ...handsOnRungs,
  ...peopleOnRungs,
};
