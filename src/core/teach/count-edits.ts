import { z } from 'zod';
import type { Immutable } from '../frozen';
import type { Beat } from '../dose';
import { classMs } from './class-ms';
import { countInBeat } from './count-in';

/** A stay that nobody ends is over after this, ms. */
export const MAX_STAY_MS = 180_000;

/** No count-in is longer than this, ms. */
const MAX_COUNT_IN_MS = 15_000;

const fromMs = classMs;

/** A change made while a count runs, ms into the count. Beats that were over by then stay as they were. */
export const countEditSchema = z.discriminatedUnion('kind', [
  /** One more in the bout under way, and in the other sides and directions of the same set still to come. */
  z.strictObject({ kind: z.literal('more'), fromMs, bout: z.number().int().min(0).max(1_000) }),
  /** What is counted in time goes so many times as long; holds keep their seconds and breaths their breath. */
  z.strictObject({ kind: z.literal('tempo'), fromMs, factor: z.number().min(0.25).max(4) }),
  /** Stay on this one, at most so long; `ms` is null while it goes on. */
  z.strictObject({
    kind: z.literal('stay'),
    fromMs,
    mostMs: z.number().min(0).max(MAX_STAY_MS),
    ms: classMs.nullable(),
  }),
  /** These runs of the row alone: what was left undone is given after all. */
  z.strictObject({ kind: z.literal('only'), bouts: z.array(z.number().int().min(0).max(1_000)).max(200) }),
  /** The class is counted in for so long before the first; 0 where it is not. */
  z.strictObject({ kind: z.literal('countIn'), ms: z.number().min(0).max(MAX_COUNT_IN_MS) }),
  /** What is left of the bout under way is let go: the next side, pass or layer comes now. */
  z.strictObject({ kind: z.literal('cut'), fromMs }),
]);
export type CountEdit = Immutable<z.infer<typeof countEditSchema>>;

const AT_A_TEMPO: ReadonlySet<Beat['kind']> = new Set(['rep', 'step']);
/** What goes on while one stays on it; anything else comes again and again. */
const GOES_ON: ReadonlySet<Beat['kind']> = new Set(['hold', 'relax', 'free', 'rest', 'change']);

/** The beats with every change made to them, in the order they were made. */
export const withEdits = (beats: readonly Beat[], edits: readonly CountEdit[]): readonly Beat[] =>
  edits.reduce(withEdit, beats);

function withEdit(beats: readonly Beat[], edit: CountEdit): readonly Beat[] {
  switch (edit.kind) {
    case 'only':
      return inLine(firstChangeLess(beats.filter((b) => edit.bouts.includes(b.bout))));
    case 'countIn':
      return beats[0] && edit.ms > 0 ? inLine([countInBeat(beats[0], edit.ms), ...beats]) : beats;
    case 'more':
      return withMore(beats, edit.bout, edit.fromMs);
    case 'tempo':
      return atTempo(beats, edit.factor, edit.fromMs);
    case 'stay':
      return staying(beats, edit.fromMs, edit.ms ?? edit.mostMs);
    case 'cut':
      return cut(beats, edit.fromMs);
  }
}

/** Nothing changes before the first. */
function firstChangeLess(beats: readonly Beat[]): readonly Beat[] {
  const first = beats.findIndex((b) => b.number > 0);
  return first < 0 ? beats : beats.slice(first);
}

/** The bout under way ends now; what was counted of it stays. */
function cut(beats: readonly Beat[], atMs: number): readonly Beat[] {
  const now = beats.find((b) => b.startMs <= atMs && !isOver(b, atMs));
  if (!now) return beats;
  return inLine(
    beats.flatMap((beat) => {
      if (beat.bout !== now.bout || isOver(beat, atMs)) return [beat];
      // Not beyond now, so that what comes next is there at once, also while the count is paused.
      const durationMs = Math.floor(atMs - beat.startMs);
      return beat === now && durationMs > 0 ? [endedAt(beat, durationMs)] : [];
    }),
  );
}

/** What goes on until told is done whenever it ends; of all else only a share was. */
const endedAt = (beat: Beat, durationMs: number): Beat => ({
  ...told(beat),
  durationMs,
  ...(!beat.waits && { cut: durationMs / beat.durationMs }),
});

const told = ({ waits: _, ...beat }: Beat): Beat => beat;

/** Beats one after another from 0. */
function inLine(beats: readonly Beat[]): readonly Beat[] {
  let startMs = 0;
  return beats.map((beat) => {
    const placed = { ...beat, startMs };
    startMs += beat.durationMs;
    return placed;
  });
}

const isOver = (beat: Beat, atMs: number): boolean => beat.startMs + beat.durationMs <= atMs;

function withMore(beats: readonly Beat[], bout: number, atMs: number): readonly Beat[] {
  const set = beats.find((b) => b.bout === bout)?.set;
  const open = new Set(beats.filter((b, i) => i === beats.length - 1 || !isOver(b, atMs)).map((b) => b.bout));
  const grows = (b: Beat) => b.set === set && b.bout >= bout && open.has(b.bout);
  return inLine(
    beats.flatMap((beat, i) => {
      if (!grows(beat)) return [beat];
      const shown = isOver(beat, atMs) || beat.of === 0 ? beat : { ...beat, of: beat.of + 1 };
      const boutEnds = beats[i + 1]?.bout !== beat.bout;
      return boutEnds ? [shown, ...oneMoreOf(beats, beat.bout)] : [shown];
    }),
  );
}

/** The last counted thing of a bout once more, numbered on. */
function oneMoreOf(beats: readonly Beat[], bout: number): readonly Beat[] {
  const counted = beats.filter((b) => b.bout === bout && b.number > 0 && !b.again);
  const last = counted.at(-1);
  if (!last) return [];
  return counted
    .filter((b) => b.number === last.number)
    .map((b) => ({ ...b, number: b.number + 1, of: b.of + 1 }));
}

const atTempo = (beats: readonly Beat[], factor: number, atMs: number): readonly Beat[] =>
  inLine(
    beats.map((beat) =>
      beat.startMs < atMs || !AT_A_TEMPO.has(beat.kind)
        ? beat
        : { ...beat, durationMs: Math.round(beat.durationMs * factor) },
    ),
  );

function staying(beats: readonly Beat[], atMs: number, ms: number): readonly Beat[] {
  return inLine(
    beats.flatMap((beat) => {
      if (beat.startMs > atMs || isOver(beat, atMs)) return [beat];
      if (GOES_ON.has(beat.kind)) return [{ ...beat, durationMs: beat.durationMs + Math.round(ms) }];
      const times = Math.round(ms / beat.durationMs);
      return [beat, ...Array.from({ length: times }, () => ({ ...told(beat), again: true as const }))];
    }),
  );
}

/** How long a stay was that ends at a moment: whole turns of what comes again, so that the turn under way is finished. */
export function stayLength(planned: readonly Beat[], fromMs: number, nowMs: number): number {
  const beat = planned.find((b) => b.startMs <= fromMs && !isOver(b, fromMs));
  if (!beat) return 0;
  if (GOES_ON.has(beat.kind)) return nowMs - fromMs;
  return Math.floor((nowMs - beat.startMs) / beat.durationMs) * beat.durationMs;
}

/** How much slower the count goes than planned by now; 1 as planned. */
export const tempoNow = (edits: readonly CountEdit[]): number =>
  edits.reduce((n, e) => (e.kind === 'tempo' ? n * e.factor : n), 1);
