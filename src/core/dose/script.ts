import { boutsOf, type Bout, type BoutSide } from './bouts';
import type { Dose, Hand } from './dose';
import { PACE } from './pace';

type BeatKind = 'rep' | 'hold' | 'relax' | 'breath' | 'free' | 'step' | 'change' | 'rest';

/** One counted thing, or the pause around it. Occupies [startMs, startMs + durationMs). */
export type Beat = {
  readonly kind: BeatKind;
  readonly startMs: number;
  readonly durationMs: number;
  /** 1-based within its bout, of how many; both 0 for changes and rests. */
  readonly number: number;
  readonly of: number;
  readonly side: BoutSide;
  readonly direction: 1 | 2;
  readonly lead: 1 | 2;
  readonly set: number;
  readonly bout: number;
  /** The finger or position in a sequence. */
  readonly step: string | null;
  /** Said again while the group stays on it. */
  readonly again?: true;
  /** What a change is a change of. */
  readonly change: Bout['before'] | null;
};

export type ScriptContext = {
  /** Length of one breath, ms. */
  readonly breathMs: number;
  /** True when the group has not been shown this movement this term. */
  readonly isNew: boolean;
};

export const COUNTED: ReadonlySet<BeatKind> = new Set(['rep', 'hold', 'breath', 'free', 'step']);

/** The whole count of one dose, from 0: every number, side, direction, lead, set and rest. */
export function scriptOf(dose: Dose, context: ScriptContext): readonly Beat[] {
  const beats: Beat[] = [];
  let startMs = 0;
  const add = (durationMs: number, beat: Omit<Beat, 'startMs' | 'durationMs'>) => {
    if (durationMs <= 0) return;
    beats.push({ ...beat, startMs, durationMs });
    startMs += durationMs;
  };
  boutsOf(dose).forEach((bout, index) => {
    const shared = { ...pick(bout), bout: index, step: null, change: null };
    const pause = { ...shared, number: 0, of: 0, change: bout.before };
    if (bout.before === 'set') add(dose.restMs, { ...pause, kind: 'rest' });
    add(changeMs(bout, dose), { ...pause, kind: 'change' });
    for (const beat of countedBeats(dose, bout, context, index === 0)) {
      add(beat.durationMs, { ...shared, ...beat });
    }
  });
  return beats;
}

/** Total length of a script, ms. */
export function scriptLength(beats: readonly Beat[]): number {
  const last = beats.at(-1);
  return last ? last.startMs + last.durationMs : 0;
}

const pick = ({ set, lead, side, direction }: Bout) => ({ set, lead, side, direction });

function changeMs(bout: Bout, dose: Dose): number {
  switch (bout.before) {
    case 'start':
      return 0;
    case 'set':
      return dose.sides === 'each' ? PACE.changeSideMs : 0;
    case 'lead':
      return PACE.changeLeadMs;
    case 'side':
      return PACE.changeSideMs;
    case 'direction':
      return PACE.changeDirectionMs;
  }
}

type Counted = {
  kind: BeatKind;
  durationMs: number;
  number: number;
  of: number;
  side: BoutSide;
  step: string | null;
};

function countedBeats(dose: Dose, bout: Bout, context: ScriptContext, firstBout: boolean): Counted[] {
  const { count } = dose;
  const of = bout.count;
  const slow = (i: number, ms: number) =>
    context.isNew && firstBout && i === 0 ? Math.round(ms * PACE.firstRepetitionFactor) : ms;
  const base = { side: bout.side, step: null };
  switch (count.mode) {
    case 'reps':
      return range(of).map((i) => ({
        kind: 'rep',
        durationMs: slow(i, count.tempoMs),
        number: alternatingNumber(dose, bout, i),
        of: alternatingOf(dose, bout),
        side: handAt(dose, bout, i),
        step: null,
      }));
    case 'hold':
      return range(of).flatMap((i): Counted[] => {
        const side = handAt(dose, bout, i);
        const place = {
          number: alternatingNumber(dose, bout, i),
          of: alternatingOf(dose, bout),
          side,
          step: null,
        };
        return [
          { kind: 'hold', durationMs: count.holdMs, ...place },
          { kind: 'relax', durationMs: count.relaxMs, ...place },
        ];
      });
    case 'breaths':
      return range(of).map((i) => ({
        ...base,
        kind: 'breath',
        durationMs: context.breathMs,
        number: alternatingNumber(dose, bout, i),
        of: alternatingOf(dose, bout),
        side: handAt(dose, bout, i),
      }));
    case 'time':
      return [{ ...base, kind: 'free', durationMs: count.timeMs, number: 1, of: 1 }];
    case 'sequence': {
      const steps = bout.direction === 2 ? [...count.steps].reverse() : count.steps;
      return range(of).flatMap((round) =>
        steps.map((step, i) => ({
          kind: 'step' as const,
          durationMs: slow(round * steps.length + i, count.stepMs),
          number: alternatingNumber(dose, bout, round),
          of: alternatingOf(dose, bout),
          side: handAt(dose, bout, round),
          step,
        })),
      );
    }
  }
}

/** Alternating work goes first side, other side, first side ...; all else keeps its bout's side. */
function handAt(dose: Dose, bout: Bout, i: number): BoutSide {
  if (bout.side !== 'alternating') return bout.side;
  const other: Hand = dose.firstSide === 'L' ? 'R' : 'L';
  return i % 2 === 0 ? dose.firstSide : other;
}

/** A per-side alternating count says each number twice, once for each hand. */
const countsPerSide = (dose: Dose, bout: Bout) => bout.side === 'alternating' && dose.perSide;
const alternatingNumber = (dose: Dose, bout: Bout, i: number) =>
  countsPerSide(dose, bout) ? Math.floor(i / 2) + 1 : i + 1;
const alternatingOf = (dose: Dose, bout: Bout) => (countsPerSide(dose, bout) ? bout.count / 2 : bout.count);

const range = (n: number): number[] => Array.from({ length: n }, (_, i) => i);
