import { bell, dice } from '../dice';
import { quantile } from '../statistics';
import type { Band } from './band';
import { someBody } from './body';
import { loadOfStance, type Stance } from './stance';

/** Heights are told and measured to so much, m. */
const STATURE_SPREAD_M = 0.02;
const BODIES = 300;
const SEED = 1;
/** Of so many bodies the one in twenty with the least and with the most is left out. */
const [LEAST, MOST] = [0.05, 0.95];

/** What a stance puts through the wrists of bodies as people have them, share of body weight; null where the hands do not reach. */
export function spreadAmongBodies(stance: Stance, statureM: number): Band | null {
  const average = loadOfStance(stance, statureM);
  if (!average.ok) return null;
  const roll = dice(SEED);
  const shares = Array.from({ length: BODIES }, () =>
    loadOfStance(stance, statureM + STATURE_SPREAD_M * bell(roll), someBody(roll)),
  ).flatMap((load) => (load.ok ? [load.value.wrist.middle] : []));
  const { middle } = average.value.wrist;
  if (shares.length === 0) return { low: middle, middle, high: middle };
  return {
    low: Math.min(middle, quantile(shares, LEAST)),
    middle,
    high: Math.max(middle, quantile(shares, MOST)),
  };
}
