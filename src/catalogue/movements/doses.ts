import { doseOf, type Dose } from '@/core/dose';

type Rest = Partial<Omit<Dose, 'count' | 'fewest' | 'most'>>;
type Range = readonly [fewest: number, most: number];

/** Where a range is given, the usual count is its lower third: the gentler side; over five a number that people count to. */
function usualIn([fewest, most]: Range): number {
  const third = fewest + Math.floor((most - fewest) / 3);
  if (third <= ROUND_FROM) return third;
  return Math.max(fewest, third - (third % 5));
}
const ROUND_FROM = 5;
const ranged = ([fewest, most]: Range, rest: Rest) => ({ fewest, most, ...rest });

export const reps = (range: Range, tempoMs: number, rest: Rest = {}): Dose =>
  doseOf({ mode: 'reps', reps: usualIn(range), tempoMs }, ranged(range, rest));

export const holds = (range: Range, holdMs: number, relaxMs: number, rest: Rest = {}): Dose =>
  doseOf({ mode: 'hold', holds: usualIn(range), holdMs, relaxMs }, ranged(range, rest));

export const breaths = (range: Range, rest: Rest = {}): Dose =>
  doseOf({ mode: 'breaths', breaths: usualIn(range) }, ranged(range, rest));

export const rounds = (range: Range, steps: readonly string[], stepMs: number, rest: Rest = {}): Dose =>
  doseOf({ mode: 'sequence', rounds: usualIn(range), steps: [...steps], stepMs }, ranged(range, rest));

/** A row of fingers that turns round within each round. */
export const thereAndBack = (dose: Dose): Dose =>
  dose.count.mode === 'sequence' ? { ...dose, count: { ...dose.count, thereAndBack: true } } : dose;

export const free = (timeMs: number, rest: Rest = {}): Dose => doseOf({ mode: 'time', timeMs }, rest);

export const FINGERS_ONLY = ['index', 'middle', 'ring', 'little'] as const;
export const ALL_DIGITS = ['thumb', 'index', 'middle', 'ring', 'little'] as const;
