import { z } from 'zod';
import type { Immutable } from '../frozen';
import { MAX_PASSES, passesOfOlder, passSchema, type OlderTurns } from './passes';

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

/** The shortest hold, free time and step that can be counted, ms. */
export const MIN_MS = { hold: 1_000, time: 5_000, step: 200 } as const;

/** The most that a set can count. */
export const MOST = { reps: 100, hold: 30, breaths: 40, sequence: 20 } as const;

/** The instructor ends it by feel, side by side and pass by pass; what is written is the usual length. */
const untilTold = z.literal(true).optional();

/** How a dose is counted. Durations are integer milliseconds. */
export const countSchema = z.discriminatedUnion('mode', [
  z.strictObject({
    mode: z.literal('reps'),
    reps: times(MOST.reps, 'Repetitions'),
    tempoMs: ms(200, 60_000, 'Tempo'),
    untilTold,
  }),
  z.strictObject({
    mode: z.literal('hold'),
    holds: times(MOST.hold, 'Holds'),
    holdMs: ms(MIN_MS.hold, 180_000, 'A hold'),
    relaxMs: ms(0, 60_000, 'The pause after a hold'),
    untilTold,
  }),
  z.strictObject({ mode: z.literal('breaths'), breaths: times(MOST.breaths, 'Breaths'), untilTold }),
  z.strictObject({ mode: z.literal('time'), timeMs: ms(MIN_MS.time, 600_000, 'Time'), untilTold }),
  z.strictObject({
    mode: z.literal('sequence'),
    rounds: times(MOST.sequence, 'Rounds'),
    steps: z.array(z.string().trim().min(1).max(24)).min(2, 'A sequence needs two steps or more').max(16),
    stepMs: ms(MIN_MS.step, 60_000, 'A step'),
    /** Each round goes to the end of the row and back again. */
    thereAndBack: z.literal(true).optional(),
    /** Steps that come more often in each round, or take longer, than the others. */
    more: z
      .array(
        z.strictObject({
          step: z.string().trim().min(1).max(24),
          times: z.number().int().min(1).max(5, 'A step can come at most 5 times more').optional(),
          ms: ms(MIN_MS.step, 60_000, 'A step').optional(),
        }),
      )
      .max(16)
      .optional(),
  }),
]);
export type Count = Immutable<z.infer<typeof countSchema>>;

/**
 * One item's dose. `sides` 'left' or 'right' is one side only. `passes` are the named ways it is done, in order; none
 * where there is only one way. `extraLeft`/`extraRight` are added to the primary count of that side when sides are
 * done in turn: more of the same, never more force. `perSide` says whether an alternating count is per side or in all.
 */
const passedDoseSchema = z
  .strictObject({
    count: countSchema,
    sides: z.enum(['both', 'each', 'alternating', 'left', 'right']),
    firstSide: z.enum(['L', 'R']),
    passes: z.array(passSchema).max(MAX_PASSES, `At most ${MAX_PASSES} passes`),
    /** What is built up: each layer is a short dose of its own, as often as the count says or as `n` does. */
    layers: z
      .array(
        z.strictObject({
          name: z
            .string()
            .trim()
            .min(1, 'A layer needs a name')
            .max(40, 'Keep the name of a layer under 40 letters'),
          n: times(100, 'The count of a layer').optional(),
        }),
      )
      .min(2, 'What is built up has two layers or more')
      .max(6, 'At most 6 layers')
      .refine(
        (layers) => new Set(layers.map((l) => l.name)).size === layers.length,
        'Each layer has a name of its own',
      )
      .optional(),
    /** The length of one breath here, ms; left out for that of the class. */
    breathMs: ms(4_000, 12_000, 'A breath').optional(),
    sets: times(6, 'Sets'),
    restMs: ms(0, 300_000, 'Rest between sets'),
    extraLeft: z.number().int().min(0, 'Extra cannot be less than none').max(10, 'Extra can be at most 10'),
    extraRight: z.number().int().min(0, 'Extra cannot be less than none').max(10, 'Extra can be at most 10'),
    perSide: z.boolean(),
    grouping: z.union([z.literal(5), z.literal(8)]),
    fewest: times(200, 'Fewest'),
    most: times(200, 'Most'),
    /** Why the sides or passes are uneven; empty when nothing was chosen. */
    unevenReason: z.string().trim().max(200, 'Keep the reason under 200 characters'),
  })
  .refine((d) => d.fewest <= d.most, { path: ['fewest'], message: 'Fewest must not be over most' })
  .refine((d) => new Set(d.passes.map((p) => p.name)).size === d.passes.length, {
    path: ['passes'],
    message: 'Each pass has a name of its own',
  });

/** A dose as it is stored and sent. One from before passes had directions and leads, and is read as the passes it meant. */
export const doseSchema = z.preprocess(withPasses, passedDoseSchema);
export type Dose = Immutable<z.infer<typeof doseSchema>>;

const olderTurnsSchema = z.object({
  directions: z.union([z.literal(1), z.literal(2)]),
  leads: z.union([z.literal(1), z.literal(2)]),
  count: countSchema,
});

function withPasses(dose: unknown): unknown {
  const older = olderTurnsSchema.safeParse(dose);
  if (!older.success || 'passes' in (dose as object)) return dose;
  const { directions: _, leads: __, ...rest } = dose as OlderTurns;
  return { ...rest, passes: passesOfOlder(older.data, older.data.count) };
}

/** A dose from its count alone: both hands, one pass, one set, equal sides. */
export function doseOf(count: Count, rest: Partial<Omit<Dose, 'count'>> = {}): Dose {
  const usual = primaryCount(count);
  return {
    count,
    sides: 'both',
    firstSide: 'L',
    passes: [],
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

/** The least that leaves no hand with nothing. */
export const leastCount = ({ sides, perSide }: Pick<Dose, 'sides' | 'perSide'>): number =>
  sides === 'alternating' && !perSide ? 2 : 1;

/** So many more a hand does than the other: where sides are done in turn, and of what is counted. */
export const extraOf = ({ sides, count, extraLeft, extraRight }: Dose, hand: Hand): number =>
  sides === 'each' && count.mode !== 'time' ? (hand === 'L' ? extraLeft : extraRight) : 0;

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

/** The step that undoes a row; it comes last in either order. */
export const UNDOING = 'open';

/** The steps of one round in order, the way back included. */
export function stepsOfRound(
  count: Extract<Count, { mode: 'sequence' }>,
  reversed = false,
): readonly string[] {
  const row = count.steps.filter((step) => step !== UNDOING);
  const undoing = row.length < count.steps.length ? [UNDOING] : [];
  const there = [...(reversed ? row.toReversed() : row), ...undoing];
  const round = count.thereAndBack ? [...there, ...there.toReversed()] : there;
  if (!count.more) return round;
  return round.flatMap((step) => Array.from({ length: 1 + (ofStep(count, step)?.times ?? 0) }, () => step));
}

const ofStep = ({ more }: Extract<Count, { mode: 'sequence' }>, step: string) =>
  more?.find((m) => m.step === step);

/** How long a step takes, ms: its own length, that of the pass, or that of the count. */
export const stepMs = (count: Extract<Count, { mode: 'sequence' }>, step: string, passMs?: number): number =>
  ofStep(count, step)?.ms ?? passMs ?? count.stepMs;
