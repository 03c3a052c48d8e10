import { RESISTED, type Movement } from '../../catalogue';

/** A hold with effort is never longer, ms, so that breath and blood pressure stay easy. */
export const LONGEST_EFFORT_MS = 10_000;

/** Work against resistance or body weight. */
export const isEffort = (m: Pick<Movement, 'effort'>): boolean =>
  RESISTED.has(m.effort) || m.effort === 'load';
