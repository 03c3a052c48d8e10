import { z } from 'zod';
import type { Hand } from '../dose';
import { daySchema } from '../days';
import { isCounted, takenWith, type Measure } from '../people';
import { changeFrom, gripThreshold, type Change, type Session } from './real-change';
import { scoreOfTrials, type Scoring } from './force-curve';

export const HANDS = ['L', 'R'] as const satisfies readonly Hand[];

/** Tries of each hand, and the rest before a hand squeezes again. */
export const TRIES = 3;
export const REST_MS = 60_000;

const gripTrialSchema = z.strictObject({
  hand: z.enum(HANDS),
  peakKg: z.number().min(0, 'A squeeze is 0 kg or more').max(120, 'That is more than a hand can do'),
  /** Only a meter that sends its readings tells these two. */
  timeToPeakMs: z.number().min(0).max(20_000).optional(),
  unsteadyPercent: z.number().min(0).max(100).optional(),
});
export type GripTrial = z.infer<typeof gripTrialSchema>;

export const gripTestSchema = z.strictObject({
  day: daySchema,
  trials: z
    .array(gripTrialSchema)
    .min(1, 'A grip test has at least one try')
    .max(12, 'A grip test has at most twelve tries'),
  ...takenWith,
});
export type GripTest = z.infer<typeof gripTestSchema>;

const triesOf = (trials: readonly Pick<GripTrial, 'hand'>[], hand: Hand): number =>
  trials.filter((t) => t.hand === hand).length;

/** Whose turn it is: hands by turns, the one with fewer good tries next; null once both have three. */
export function nextHand(trials: readonly Pick<GripTrial, 'hand'>[], first: Hand): Hand | null {
  const other: Hand = first === 'L' ? 'R' : 'L';
  if (triesOf(trials, first) >= TRIES && triesOf(trials, other) >= TRIES) return null;
  return triesOf(trials, first) <= triesOf(trials, other) ? first : other;
}

/** The peaks of one hand in a test, kg, as they came. */
export const peaksOf = ({ trials }: Pick<GripTest, 'trials'>, hand: Hand): readonly number[] =>
  trials.filter((t) => t.hand === hand).map((t) => t.peakKg);

/** All the days a hand's grip was measured, oldest first: tests with their tries, and single values written down by hand; what does not count is not among them. */
export function gripSessions(
  tests: readonly GripTest[],
  measures: readonly Measure[],
  hand: Hand,
): readonly Session[] {
  const tested = tests
    .filter(isCounted)
    .map((t): Session => ({ day: t.day, trials: peaksOf(t, hand), ...markOf(t) }))
    .filter((s) => s.trials.length > 0);
  const days = new Set(tested.map((s) => s.day));
  const written = measures
    .filter((m) => m.kind === 'grip' && m.hand === hand && !days.has(m.on) && isCounted(m))
    .map((m): Session => ({ day: m.on, trials: [m.value], ...markOf(m) }));
  return [...tested, ...written].sort((a, b) => a.day.localeCompare(b.day));
}

const markOf = ({ simulated, instrument }: Pick<GripTest, 'simulated' | 'instrument'>) => ({
  ...(simulated && { simulated }),
  ...(instrument && { step: instrument.step }),
});

export type GripResult = {
  readonly baselineKg: number | null;
  readonly nowKg: number | null;
  readonly thresholdKg: number;
  readonly change: Change;
};

/** The first day against the last, with the threshold of real change. A day with too few tries for a mean counts by its best. */
export function gripResult(sessions: readonly Session[], scoring: Scoring): GripResult {
  const score = (s: Session | undefined) =>
    s ? (scoreOfTrials(s.trials, scoring) ?? scoreOfTrials(s.trials, 'best')) : null;
  const baselineKg = score(sessions[0]);
  const nowKg = sessions.length > 1 ? score(sessions.at(-1)) : null;
  const thresholdKg = gripThreshold(
    sessions.flatMap((s) => score(s) ?? []),
    sessions,
  );
  return { baselineKg, nowKg, thresholdKg, change: changeFrom(baselineKg, nowKg, thresholdKg) };
}
