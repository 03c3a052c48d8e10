import { z } from 'zod';
import type { Immutable } from '../frozen';

/** The five digits in order, thumb first. */
export const FINGERS = ['thumb', 'index', 'middle', 'ring', 'little'] as const;
export type Hand = 'L' | 'R';

const ms = (min: number, max: number, what: string) =>
  z
    .number(`${what} must be a number`)
    .int(`${what} must be in whole milliseconds`)
    .min(min, `${what} must be at least ${min / 1000} s`)
    .max(max, `${what} can be at most ${max / 1000} s`);

const times = (max: number, what: string) =>
  z
    .number(`${what} must be a number`)
    .int(`${what} must be a whole number`)
    .min(1, `${what} must be at least 1`)
    .max(max, `${what} can be at most ${max}`);

/** How a dose is counted. Durations are integer milliseconds. */
export const countSchema = z.discriminatedUnion('mode', [
  z.strictObject({
    mode: z.literal('reps'),
    reps: times(100, 'Repetitions'),
    tempoMs: ms(200, 60_000, 'Tempo'),
  }),
  z.strictObject({
    mode: z.literal('hold'),
    holds: times(30, 'Holds'),
    holdMs: ms(1_000, 180_000, 'A hold'),
    relaxMs: ms(0, 60_000, 'The pause after a hold'),
  }),
  z.strictObject({ mode: z.literal('breaths'), breaths: times(40, 'Breaths') }),
  z.strictObject({ mode: z.literal('time'), timeMs: ms(5_000, 600_000, 'Time') }),
  z.strictObject({
    mode: z.literal('sequence'),
    rounds: times(20, 'Rounds'),
    steps: z.array(z.string().trim().min(1).max(24)).min(2, 'A sequence needs two steps or more').max(16),
    stepMs: ms(200, 60_000, 'A step'),
  }),
]);
export type Count = Immutable<z.infer<typeof countSchema>>;

/**
 * One item's dose. `sides` 'left' or 'right' is one side only, `leads` 2 means
 * both interlaces or either hand on top. `extraLeft`/`extraRight` are added to
 * the primary count of that side when sides are done in turn: more of the same,
 * never more force. `perSide` says whether an alternating count is per side or in all.
 */
export const doseSchema = z
  .strictObject({
    count: countSchema,
    sides: z.enum(['both', 'each', 'alternating', 'left', 'right']),
    firstSide: z.enum(['L', 'R']),
    directions: z.union([z.literal(1), z.literal(2)]),
    leads: z.union([z.literal(1), z.literal(2)]),
    sets: times(6, 'Sets'),
    restMs: ms(0, 300_000, 'Rest between sets'),
    extraLeft: z.number().int().min(0, 'Extra cannot be less than none').max(10, 'Extra can be at most 10'),
    extraRight: z.number().int().min(0, 'Extra cannot be less than none').max(10, 'Extra can be at most 10'),
    perSide: z.boolean(),
    grouping: z.union([z.literal(5), z.literal(8)]),
    fewest: times(200, 'Fewest'),
    most: times(200, 'Most'),
    /** Why the sides, directions or leads are uneven; empty when nothing was chosen. */
    unevenReason: z.string().trim().max(200, 'Keep the reason under 200 characters'),
  })
  .refine((d) => d.fewest <= d.most, { path: ['fewest'], message: 'Fewest must not be over most' });
export type Dose = Immutable<z.infer<typeof doseSchema>>;

/** A dose from its count alone: both hands, one direction, one set, equal sides. */
export function doseOf(count: Count, rest: Partial<Omit<Dose, 'count'>> = {}): Dose {
  const usual = primaryCount(count);
  return {
    count,
    sides: 'both',
    firstSide: 'L',
    directions: 1,
    leads: 1,
    sets: 1,
    restMs: 0,
    extraLeft: 0,
    extraRight: 0,
    perSide: true,
    grouping: 5,
    fewest: Math.max(1, Math.floor(usual * 0.6)),
    most: Math.max(usual, Math.ceil(usual * 1.5)),
    unevenReason: '',
    ...rest,
  };
}

/** The number a person chooses: repetitions, holds, breaths, rounds; 1 for free time. */
export function primaryCount(count: Count): number {
  switch (count.mode) {
    case 'reps':
      return count.reps;
    case 'hold':
      return count.holds;
    case 'breaths':
      return count.breaths;
    case 'sequence':
      return count.rounds;
    case 'time':
      return 1;
  }
}

/** The same count with its primary number set, never under 1; free time is left as it is. */
export function withPrimaryCount(count: Count, n: number): Count {
  const whole = Math.max(1, Math.round(n));
  switch (count.mode) {
    case 'reps':
      return { ...count, reps: whole };
    case 'hold':
      return { ...count, holds: whole };
    case 'breaths':
      return { ...count, breaths: whole };
    case 'sequence':
      return { ...count, rounds: whole };
    case 'time':
      return count;
  }
}
