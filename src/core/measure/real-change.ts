import { STEPS_OF_NOISE, type Simulated } from '../people';
import { mean, variance } from '../statistics';

/** What a measure did against its threshold of real change. */
export type Change = 'better' | 'no real change' | 'worse' | 'not yet';

export const CHANGE_WORDS: Readonly<Record<Change, string>> = {
  better: 'Better',
  'no real change': 'No real change',
  worse: 'Worse',
  'not yet': 'One day only',
};

/** One day on which something was measured several times: the tries and the step of the instrument, in the measure's own unit. */
export type Session = {
  readonly day: string;
  readonly trials: readonly number[];
  readonly step?: number;
  readonly simulated?: Simulated;
};

/** Under this many days a person's own spread says too little. */
const ENOUGH_DAYS = 6;
/** Grip never counts as changed by less than this until the person's own days show better, kg (Bohannon 2019: 5.0 to 6.5). */
const GRIP_LEAST_KG = 5;
/** Nor ever by less than two steps of the coarsest meter; one that nobody described is taken to show half kilograms. */
const USUAL_STEP_KG = 0.5;
const twoSteps = (sessions: readonly Session[]): number =>
  STEPS_OF_NOISE * Math.max(USUAL_STEP_KG, ...sessions.map((s) => s.step ?? 0));

/**
 * Standard error of measurement from test and retest: the root of half the mean square of the differences from one day to the next, so
 * that a steady rise adds little to it. Tries of one day say nothing of how days differ. Null with one day only.
 */
export function standardError(dayScores: readonly number[]): number | null {
  if (dayScores.length < 2) return null;
  return Math.sqrt(mean(dayScores.slice(1).map((score, i) => (score - dayScores[i]!) ** 2)) / 2);
}

/** Student's t, 19 times of 20, by the number of differences that a standard error is taken from; 1.96 with very many. */
const STUDENT: readonly (readonly [atLeast: number, t: number])[] = [
  [30, 2.04],
  [20, 2.09],
  [15, 2.13],
  [10, 2.23],
  [8, 2.31],
  [6, 2.45],
  [5, 2.57],
  [4, 2.78],
  [3, 3.18],
  [2, 4.3],
  [1, 12.71],
];

/** Each day is in two differences, so that about two thirds of them say something of their own. */
const INDEPENDENT = 2 / 3;

/** Smallest difference of two days that is not chance, 19 times of 20: t x root 2 x the standard error. */
export const realChange95 = (sem: number, differences: number): number =>
  (STUDENT.find(([atLeast]) => differences >= atLeast)?.[1] ?? Infinity) * Math.SQRT2 * sem;

/** The same from tries of one day, the mean of the days: it says how unsteady the tries are. Null where no day has two. */
function standardErrorOfTries(sessions: readonly Session[]): number | null {
  const variances = sessions.filter((s) => s.trials.length >= 2).map((s) => variance(s.trials));
  return variances.length === 0 ? null : Math.sqrt(mean(variances));
}

/**
 * The threshold for a person's grip, kg: their own by the score of each day where there are enough days; else five, or more where the tries
 * of a day are unsteady. Two days alone cannot say what is chance between them.
 */
export function gripThreshold(dayScores: readonly number[], sessions: readonly Session[] = []): number {
  const sem = standardError(dayScores);
  if (sem !== null && dayScores.length >= ENOUGH_DAYS)
    return Math.max(twoSteps(sessions), realChange95(sem, Math.floor((dayScores.length - 1) * INDEPENDENT)));
  return Math.max(
    GRIP_LEAST_KG,
    twoSteps(sessions),
    1.96 * Math.SQRT2 * (standardErrorOfTries(sessions) ?? 0),
  );
}

/** Against the baseline: changed where the difference is larger than the threshold; where less is better the sign is turned. */
export function changeFrom(
  baseline: number | null,
  now: number | null,
  threshold: number,
  betterIs: 'more' | 'less' = 'more',
): Change {
  if (baseline === null || now === null) return 'not yet';
  const gain = betterIs === 'more' ? now - baseline : baseline - now;
  if (gain > threshold) return 'better';
  return gain < -threshold ? 'worse' : 'no real change';
}
