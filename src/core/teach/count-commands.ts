import type { Beat } from '../dose';
import { LONGEST_EFFORT_MS } from '../catalogue';
import type { TaughtRow } from './taught-row';
import { MAX_STAY_MS, stayLength, tempoNow, type CountEdit } from './count-edits';
import { beatAtTime, beatsOf, offsetAtTime } from './position';
import type { Moved, TeachEvent, TeachState } from './state';

export const eventAt = (kind: TeachEvent['kind'], rowId: string | null, nowMs: number): TeachEvent => ({
  kind,
  rowId,
  atMs: Math.round(nowMs),
});

/** The bounds of a tempo against the planned one. */
const TEMPO = { least: 0.5, most: 2 };

/** The count from the next one on so many times as long; as far as the bounds allow. */
export function paced(rows: readonly TaughtRow[], moved: Moved, nowMs: number, factor: number): Moved {
  const was = tempoNow(moved.state.edits);
  const is = Math.min(TEMPO.most, Math.max(TEMPO.least, was * factor));
  if (Math.abs(is / was - 1) < 0.01) return moved;
  return edited(rows, moved, nowMs, is < was ? 'faster' : 'slower', (_, fromMs) => ({
    kind: 'tempo',
    fromMs,
    factor: is / was,
  }));
}

/** Stay on what is counted now, or go on from it. */
export function stayed(rows: readonly TaughtRow[], moved: Moved, nowMs: number): Moved {
  if (isStaying(moved.state)) {
    const row = rows[moved.state.rowIndex];
    const state = goneOn(rows, moved.state, nowMs);
    return { state, events: [...moved.events, eventAt('stay', row?.rowId ?? null, nowMs)] };
  }
  return edited(rows, moved, nowMs, 'stay', (beats, fromMs) => {
    const mostMs = longestStay(rows[moved.state.rowIndex]!, beatAtTime(beats, fromMs));
    return mostMs > 0 ? { kind: 'stay', fromMs, mostMs, ms: null } : null;
  });
}

/** A repetition with effort comes again for so long at most, ms. */
const EFFORT_AGAIN_MS = 20_000;

/** How long one may stay on a beat: a hold with effort no longer than an effort may last, other effort a little, the rest three minutes. */
export function longestStay({ effort }: TaughtRow, beat: Beat | null): number {
  if (!beat) return 0;
  if (!effort) return MAX_STAY_MS;
  return beat.kind === 'hold' ? Math.max(0, LONGEST_EFFORT_MS - beat.durationMs) : EFFORT_AGAIN_MS;
}

/** A stay that has lasted as long as it may, ended; null while there is none. */
export function stayOver(rows: readonly TaughtRow[], state: TeachState, nowMs: number): Moved | null {
  const last = state.edits.at(-1);
  if (last?.kind !== 'stay' || last.ms !== null || state.phase !== 'count') return null;
  const overMs = offsetAtTime(state, nowMs) - last.fromMs - last.mostMs;
  if (overMs < 0) return null;
  const at = nowMs - overMs;
  return {
    state: goneOn(rows, state, at),
    events: [eventAt('stay', rows[state.rowIndex]?.rowId ?? null, at)],
  };
}

/** What goes on until told has lasted its usual time: it goes on until it is told, or as long as an effort may. Null where nothing waits. */
export function waited(rows: readonly TaughtRow[], state: TeachState, nowMs: number): TeachState | null {
  const row = rows[state.rowIndex];
  if (state.phase !== 'count' || row?.kind !== 'movement') return null;
  const isTold = (b: Beat) =>
    state.edits.some((e) => e.kind === 'stay' && e.fromMs >= b.startMs && e.fromMs < endOf(b));
  const offset = offsetAtTime(state, nowMs);
  const beat = beatsOf(rows, state).find((b) => b.waits && endOf(b) <= offset && !isTold(b));
  const mostMs = beat ? longestStay(row, beat) : 0;
  if (!beat || mostMs === 0) return null;
  return { ...state, edits: [...state.edits, { kind: 'stay', fromMs: endOf(beat) - 1, mostMs, ms: null }] };
}

const endOf = (beat: Beat): number => beat.startMs + beat.durationMs;

/** It goes on only because it has not been told to end. */
export function isWaiting(rows: readonly TaughtRow[], state: TeachState): boolean {
  const last = state.edits.at(-1);
  if (last?.kind !== 'stay' || last.ms !== null) return false;
  const planned = beatsOf(rows, { ...state, edits: state.edits.slice(0, -1) });
  return beatAtTime(planned, last.fromMs)?.waits === true;
}

/** On to the next side, pass or layer; what waits or is stayed on ends. */
export function wentOn(rows: readonly TaughtRow[], moved: Moved, nowMs: number): Moved {
  if (isStaying(moved.state)) return stayed(rows, moved, nowMs);
  return edited(rows, moved, nowMs, 'on', (_, fromMs) => ({ kind: 'cut', fromMs }));
}

export const isStaying = ({ edits }: TeachState): boolean => {
  const last = edits.at(-1);
  return last?.kind === 'stay' && last.ms === null;
};

/** A stay that goes on ends now; what came after it comes now. */
export function goneOn(rows: readonly TaughtRow[], state: TeachState, nowMs: number): TeachState {
  const last = state.edits.at(-1);
  if (last?.kind !== 'stay' || last.ms !== null) return state;
  const before = state.edits.slice(0, -1);
  const planned = beatsOf(rows, { ...state, edits: before });
  const ms = Math.min(last.mostMs, stayLength(planned, last.fromMs, offsetAtTime(state, nowMs)));
  return { ...state, edits: [...before, { ...last, ms }] };
}

/** One change to the count under way, with any stay ended first. */
export function edited(
  rows: readonly TaughtRow[],
  moved: Moved,
  nowMs: number,
  kind: TeachEvent['kind'],
  editOf: (beats: readonly Beat[], fromMs: number) => CountEdit | null,
): Moved {
  const row = rows[moved.state.rowIndex];
  if (moved.state.phase !== 'count' || row?.kind !== 'movement') return moved;
  const state = goneOn(rows, moved.state, nowMs);
  const edit = editOf(beatsOf(rows, state), offsetAtTime(state, nowMs));
  if (!edit) return moved;
  return {
    state: { ...state, edits: [...state.edits, edit] },
    events: [...moved.events, eventAt(kind, row.rowId, nowMs)],
  };
}
