import { z } from 'zod';
import type { Immutable } from '../frozen';
import { COUNTED, MIN_MS, primaryCount, withPrimaryCount, type Beat, type Dose } from '../dose';
import { groupBy } from '../group';

/** How much of one run of a row was counted with a hand, of how much: a run is one set of one side, pass and layer. */
export const countedRunSchema = z.strictObject({
  bout: z.number().int().min(0).max(1_000),
  side: z.enum(['both', 'L', 'R']),
  pass: z.string().max(40),
  /** Repetitions, holds, breaths or rounds that were done in full; of free time the share. */
  n: z.number().min(0).max(1_000),
  of: z.number().min(0).max(1_000),
});
export type CountedRun = Immutable<z.infer<typeof countedRunSchema>>;

/** What has been counted by a moment of a row, run by run, against what was planned; what was let go is not counted. */
export function countedSoFar(
  planned: readonly Beat[],
  beats: readonly Beat[],
  offsetMs: number,
): readonly CountedRun[] {
  const doneIn = runsOf(beats.filter((b) => !b.again));
  return [...runsOf(planned)].map(([key, run]) => {
    const { bout, side, pass } = run[0]!;
    const n = unitsOf(doneIn.get(key) ?? []).reduce((sum, unit) => {
      const whole = unitsOf(run).find((u) => u[0]!.number === unit[0]!.number)?.length ?? unit.length;
      return sum + doneOf(unit, whole, offsetMs);
    }, 0);
    return {
      bout,
      side: side === 'alternating' ? 'both' : side,
      pass: pass.name,
      n: Math.round(n * 100) / 100,
      of: unitsOf(run).length,
    };
  });
}

const runsOf = (beats: readonly Beat[]) =>
  groupBy(
    beats.filter((b) => COUNTED.has(b.kind)),
    (b) => `${b.bout} ${b.side}`,
  );

/** What has one number: a repetition, or all steps of a round. */
const unitsOf = (run: readonly Beat[]): readonly (readonly Beat[])[] => [
  ...groupBy(run, (b) => b.number).values(),
];

/** A hold counts from its half on, free time by its share, all else when it is over. */
function doneOf(unit: readonly Beat[], whole: number, offsetMs: number): number {
  const shares = unit.map(
    (b) => Math.min(1, Math.max(0, (offsetMs - b.startMs) / b.durationMs)) * (b.cut ?? 1),
  );
  const [share = 0] = shares;
  if (unit[0]!.kind === 'free') return share;
  if (unit[0]!.kind === 'hold') return share >= 0.5 ? 1 : 0;
  return shares.filter((s) => s >= 1).length >= whole ? 1 : 0;
}

/** Runs of which less than half was done, by their place in the row. */
export const undoneBouts = (runs: readonly CountedRun[]): readonly number[] =>
  [...groupBy(runs, (r) => r.bout)].flatMap(([bout, of]) => (shareOf(of) < 0.5 ? [bout] : []));

/** The share that was done, 0 to 1; all of it where nothing was written down. */
export const shareOf = (runs: readonly CountedRun[]): number => {
  const of = runs.reduce((sum, r) => sum + r.of, 0);
  return of === 0 ? 1 : runs.reduce((sum, r) => sum + Math.min(r.n, r.of), 0) / of;
};

/** What each hand was given; both hands together count for each. */
export const handTotals = (
  runs: readonly CountedRun[],
  of: 'n' | 'of',
): Readonly<Record<'L' | 'R', number>> => ({
  L: runs.reduce((sum, r) => sum + (r.side === 'R' ? 0 : r[of]), 0),
  R: runs.reduce((sum, r) => sum + (r.side === 'L' ? 0 : r[of]), 0),
});

/** Two records of the same row: what was done later of a run stands beside what was done before. */
export const mergedRuns = (
  before: readonly CountedRun[],
  after: readonly CountedRun[],
): readonly CountedRun[] =>
  [...groupBy([...before, ...after], (r) => `${r.bout} ${r.side}`).values()].map((same) => ({
    ...same[0]!,
    n: Math.max(...same.map((r) => r.n)),
  }));

/** The dose as it was really given; null where nothing of it was. */
export function doneDose(dose: Dose, runs: readonly CountedRun[]): Dose | null {
  if (runs.every((r) => r.n >= r.of)) return dose;
  const done = runs.filter((r) => r.n > 0);
  if (done.length === 0) return null;
  const hands = new Set(done.map((r) => r.side));
  const oneSide = dose.sides === 'each' && hands.size === 1 && !hands.has('both');
  const passes = dose.passes.filter((p) => done.some((r) => r.pass === p.name));
  const bouts = new Set(done.map((r) => r.bout)).size;
  const inASet =
    (oneSide || dose.sides !== 'each' ? 1 : 2) * Math.max(1, passes.length) * (dose.layers?.length ?? 1);
  const sets = Math.max(1, Math.min(dose.sets, Math.round(bouts / inASet)));
  return {
    ...withMean(dose, done),
    sides: oneSide ? (hands.has('L') ? 'left' : 'right') : dose.sides,
    passes,
    sets,
    extraLeft: 0,
    extraRight: 0,
  };
}

/** As many as were done on average; of free time its share. */
function withMean(dose: Dose, done: readonly CountedRun[]): Dose {
  const mean = done.reduce((sum, r) => sum + r.n, 0) / done.length;
  const { count } = dose;
  if (count.mode === 'time') {
    const timeMs = Math.max(MIN_MS.time, Math.round((count.timeMs * Math.min(1, mean)) / 1000) * 1000);
    return { ...dose, count: { ...count, timeMs } };
  }
  // Counted in all, what alternates has half of it with each hand.
  const inAll = dose.sides === 'alternating' && !dose.perSide ? 2 : 1;
  const n = Math.max(1, Math.min(primaryCount(count), Math.round(mean * inAll)));
  return {
    ...dose,
    count: withPrimaryCount(count, n),
    fewest: Math.min(dose.fewest, n),
    most: Math.max(dose.most, n),
  };
}
