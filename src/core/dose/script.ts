import { boutsOf, type Bout, type BoutSide } from './bouts';
import { stepMs, stepsOfRound, type Dose, type Hand } from './dose';
import type { Pass } from './passes';
import { breathInMs, PACE, slowFirstMs } from './pace';

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
  readonly pass: Pass;
  readonly layer: string | null;
  readonly set: number;
  readonly bout: number;
  /** The finger or position in a sequence. */
  readonly step: string | null;
  /** On the way back of a round that goes there and back. */
  readonly back?: true;
  /** It was ended before its time: the share of it that was done. */
  readonly cut?: number;
  /** It goes on until the instructor says so. */
  readonly waits?: true;
  /** Breathed out first, then in: effort is on the out-breath. */
  readonly outFirst?: true;
  /** Said again while the group stays on it. */
  readonly again?: true;
  /** What a change is a change of. */
  readonly change: Bout['before'] | null;
};

export type ScriptContext = {
  /** Length of one breath, ms. */
  readonly breathMs: number;
  /** The first repetition is slow, as it is where the group learns a movement while it moves. */
  readonly slowFirst: boolean;
  /** The effort of what is counted in breaths is on the out-breath, so that comes first. */
  readonly outFirst?: boolean;
};

export const COUNTED: ReadonlySet<BeatKind> = new Set(['rep', 'hold', 'breath', 'free', 'step']);

/** The whole count of one dose, from 0: every number, side, pass, set and rest. */
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
    const counted = countedBeats(dose, bout, context, index === 0);
    const last = counted.findLastIndex((beat) => beat.kind !== 'relax');
    counted.forEach((beat, i) => {
      const open = dose.count.mode !== 'sequence' && dose.count.untilTold;
      const waits = open && (i === last || beat.kind === 'hold');
      add(beat.durationMs, { ...shared, ...beat, ...(waits && { waits: true as const }) });
    });
  });
  return beats;
}

/** Total length of a script, ms. */
export function scriptLength(beats: readonly Beat[]): number {
  const last = beats.at(-1);
  return last ? last.startMs + last.durationMs : 0;
}

const pick = ({ set, side, pass, layer }: Bout) => ({ set, side, pass, layer });

function changeMs(bout: Bout, dose: Dose): number {
  switch (bout.before) {
    case 'start':
      return 0;
    case 'set':
      return dose.sides === 'each' ? PACE.changeSideMs : 0;
    case 'layer':
      return PACE.changeLayerMs;
    case 'swap':
      return PACE.changeSwapMs;
    case 'side':
      return PACE.changeSideMs;
    case 'pass':
      return PACE.changePassMs;
  }
}

type Counted = {
  kind: BeatKind;
  durationMs: number;
  number: number;
  of: number;
  side: BoutSide;
  step: string | null;
  back?: true;
  outFirst?: true;
};

function countedBeats(dose: Dose, bout: Bout, context: ScriptContext, firstBout: boolean): Counted[] {
  const { count } = dose;
  const of = bout.count;
  const own = (usualMs: number) => bout.pass.ms ?? usualMs;
  const slow = (i: number, ms: number) =>
    context.slowFirst && firstBout && i === 0 ? ms + slowFirstMs(ms) : ms;
  const base = { side: bout.side, step: null };
  switch (count.mode) {
    case 'reps':
      return range(of).map((i) => ({
        kind: 'rep',
        durationMs: slow(i, own(count.tempoMs)),
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
          { kind: 'hold', durationMs: own(count.holdMs), ...place },
          { kind: 'relax', durationMs: count.relaxMs, ...place },
        ];
      });
    case 'breaths':
      return range(of).map((i) => ({
        ...base,
        kind: 'breath',
        durationMs: breathOf(dose, context),
        number: alternatingNumber(dose, bout, i),
        of: alternatingOf(dose, bout),
        side: handAt(dose, bout, i),
        ...(context.outFirst && { outFirst: true as const }),
      }));
    case 'time':
      return [{ ...base, kind: 'free', durationMs: own(count.timeMs), number: 1, of: 1 }];
    case 'sequence': {
      const steps = stepsOfRound(count, bout.pass.reversed);
      return range(of).flatMap((round) =>
        steps.map((step, i) => ({
          kind: 'step' as const,
          durationMs: slow(round * steps.length + i, stepMs(count, step, bout.pass.ms)),
          number: alternatingNumber(dose, bout, round),
          of: alternatingOf(dose, bout),
          side: handAt(dose, bout, round),
          step,
          ...(i >= steps.length / 2 && count.thereAndBack && { back: true as const }),
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

/** The length of one breath, ms: the dose's own, or that of the class. */
export const breathOf = ({ breathMs }: Dose, context: Pick<ScriptContext, 'breathMs'>): number =>
  breathMs ?? context.breathMs;

/** The first half of a breath, ms: the in-breath, or the longer out-breath where the effort is on it. */
export const firstHalfMs = ({ durationMs, outFirst }: Pick<Beat, 'durationMs' | 'outFirst'>): number =>
  outFirst ? durationMs - breathInMs(durationMs) : breathInMs(durationMs);

const range = (n: number): number[] => Array.from({ length: n }, (_, i) => i);
