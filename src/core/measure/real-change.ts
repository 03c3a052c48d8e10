import { mean, variance } from '../statistics';

/** What a measure did against its threshold of real change. */
export type Change = 'better' | 'no real change' | 'worse' | 'not yet';

export const CHANGE_WORDS: Readonly<Record<Change, string>> = {
  better: 'Better',
  'no real change': 'No real change',
  worse: 'Worse',
  'not yet': 'One day only',
};

/** One day on which something was measured several times: the tries, in the measure's own unit. */
export type Session = { readonly day: string; readonly trials: readonly number[] };

/** Under this many days of repeated tries a person's own spread says too little. */
const ENOUGH_SESSIONS = 3;
/** Grip never counts as changed by less than this unless the person's own tries are steadier, kg (Bohannon 2019: 5.0 to 6.5). */
const GRIP_LEAST_KG = 5;

/**
 * Standard error of measurement from tries repeated on the same day: the root of the mean of the days' variances. Null where
 * no day has two tries.
 */
export function standardError(sessions: readonly Session[]): number | null {
  const variances = sessions.filter((s) => s.trials.length >= 2).map((s) => variance(s.trials));
  if (variances.length === 0) return null;
  return Math.sqrt(mean(variances));
}

/** Smallest difference that is not chance, 19 times of 20: 1.96 x root 2 x the standard error. */
export const realChange95 = (sem: number): number => 1.96 * Math.SQRT2 * sem;

/** The threshold for a person's grip, kg: their own where they have enough tries, else never under five. */
export function gripThreshold(sessions: readonly Session[]): number {
  const sem = standardError(sessions);
  if (sem === null) return GRIP_LEAST_KG;
  const own = realChange95(sem);
  const enough = sessions.filter((s) => s.trials.length >= 2).length >= ENOUGH_SESSIONS;
  return enough ? own : Math.max(GRIP_LEAST_KG, own);
}

/** Against the baseline, with its threshold; where less is better the sign is turned. */
export function changeFrom(
  baseline: number | null,
  now: number | null,
  threshold: number,
  betterIs: 'more' | 'less' = 'more',
): Change {
  if (baseline === null || now === null) return 'not yet';
  const gain = betterIs === 'more' ? now - baseline : baseline - now;
  if (gain >= threshold) return 'better';
  return gain <= -threshold ? 'worse' : 'no real change';
}
