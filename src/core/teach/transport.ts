import { scriptLength, type Beat } from '../dose/script';
import { LONGEST_EFFORT_MS } from '../plan/effort';
import type { TaughtRow } from './class-script';
import { MOST_STAY_MS, stayLength, tempoNow, withEdits, type CountEdit } from './count-edits';
import { lastNumber, numberedOn } from './series';
import { START, type Moved, type TeachEvent, type TeachState } from './state';

/** `goOrPause` is one key: it starts what waits and pauses what counts. `stay` is one too: it begins and ends. */
export type TeachCommand =
  'go' | 'pause' | 'goOrPause' | 'next' | 'back' | 'repeat' | 'more' | 'skip' | 'faster' | 'slower' | 'stay';

export const offsetAtTime = (state: TeachState, nowMs: number): number =>
  state.offsetMs + (state.running ? Math.max(0, nowMs - state.anchorMs) : 0);

/** The beats of the row under way, with all that was changed. */
export const beatsOf = (
  rows: readonly TaughtRow[],
  { rowIndex, edits, ahead }: TeachState,
): readonly Beat[] => withEdits(numberedOn(rows[rowIndex]?.beats ?? [], ahead), edits);

/** Length of the count of the current row with its changes, shake-out included, ms. */
export function phaseLength(rows: readonly TaughtRow[], state: TeachState): number {
  const row = rows[state.rowIndex];
  if (!row) return 0;
  const countMs = row.kind === 'movement' ? scriptLength(beatsOf(rows, state)) : row.countMs;
  return countMs + row.resetMs;
}

/** Let the class flow to `nowMs`: a finished count passes on to the next row at the moment it was due. */
export function flow(rows: readonly TaughtRow[], state: TeachState, nowMs: number): Moved {
  const ended = stayOver(rows, state, nowMs);
  if (ended) {
    const on = flow(rows, ended.state, nowMs);
    return { state: on.state, events: [...ended.events, ...on.events] };
  }
  const row = rows[state.rowIndex];
  // Talk goes on until the instructor moves on; a count and a break end by themselves.
  if (state.phase !== 'count' || !row || row.kind === 'talk') return { state, events: [] };
  const overMs = offsetAtTime(state, nowMs) - phaseLength(rows, state);
  if (overMs < 0) return { state, events: [] };
  return onward(rows, state, Math.max(0, nowMs - overMs));
}

/** Carry out one command at `nowMs`. */
export function command(
  rows: readonly TaughtRow[],
  before: TeachState,
  what: TeachCommand,
  nowMs: number,
): Moved {
  const flowed = flow(rows, before, nowMs);
  const { state } = flowed;
  const row = rows[state.rowIndex];
  const event = (kind: TeachEvent['kind']): TeachEvent => eventAt(kind, row?.rowId ?? null, nowMs);
  const and = (moved: Moved): Moved => ({ ...moved, events: [...flowed.events, ...moved.events] });
  if (state.phase === 'done' && what !== 'back') return flowed;
  switch (what) {
    case 'goOrPause':
      // Pressed as the row ended, it was meant for that row: the next one neither starts nor stops.
      if (state.rowIndex !== before.rowIndex) return flowed;
      return and(command(rows, state, state.running && state.phase === 'count' ? 'pause' : 'go', nowMs));
    case 'go':
      if (state.phase === 'setUp' && row)
        return and({
          state: { ...state, phase: 'count', running: true, offsetMs: 0, anchorMs: nowMs },
          events: [event('count')],
        });
      if (state.running) return flowed;
      return and({ state: { ...state, running: true, anchorMs: nowMs }, events: [event('resume')] });
    case 'pause':
      if (!state.running) return flowed;
      return and({
        state: { ...state, running: false, offsetMs: offsetAtTime(state, nowMs), anchorMs: nowMs },
        events: [event('pause')],
      });
    case 'next':
      return and(onward(rows, state, nowMs));
    case 'skip': {
      const moved = onward(rows, state, nowMs);
      return and({ ...moved, events: [event('skip'), ...moved.events] });
    }
    case 'back':
      return and(enter(rows, state, Math.max(0, state.rowIndex - 1), nowMs));
    case 'repeat':
      return and({
        state: { ...state, phase: 'count', running: true, offsetMs: 0, anchorMs: nowMs, edits: [] },
        events: [event('repeat')],
      });
    case 'more':
      return edited(rows, flowed, nowMs, 'more', (beats, fromMs) => {
        const beat = beatAtTime(beats, fromMs) ?? beats.at(-1);
        return beat ? { kind: 'more', fromMs, bout: beat.bout } : null;
      });
    case 'faster':
      return paced(rows, flowed, nowMs, 0.9);
    case 'slower':
      return paced(rows, flowed, nowMs, 1 / 0.9);
    case 'stay':
      return stayed(rows, flowed, nowMs);
  }
}

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
function stayed(rows: readonly TaughtRow[], moved: Moved, nowMs: number): Moved {
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
  if (!effort) return MOST_STAY_MS;
  return beat.kind === 'hold' ? Math.max(0, LONGEST_EFFORT_MS - beat.durationMs) : EFFORT_AGAIN_MS;
}

/** A stay that has lasted as long as it may, ended; null while there is none. */
function stayOver(rows: readonly TaughtRow[], state: TeachState, nowMs: number): Moved | null {
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

export const isStaying = ({ edits }: TeachState): boolean => {
  const last = edits.at(-1);
  return last?.kind === 'stay' && last.ms === null;
};

/** A stay that goes on ends now; what came after it comes now. */
function goneOn(rows: readonly TaughtRow[], state: TeachState, nowMs: number): TeachState {
  const last = state.edits.at(-1);
  if (last?.kind !== 'stay' || last.ms !== null) return state;
  const before = state.edits.slice(0, -1);
  const planned = beatsOf(rows, { ...state, edits: before });
  const ms = Math.min(last.mostMs, stayLength(planned, last.fromMs, offsetAtTime(state, nowMs)));
  return { ...state, edits: [...before, { ...last, ms }] };
}

/** One change to the count under way, with any stay ended first. */
function edited(
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

export const eventAt = (kind: TeachEvent['kind'], rowId: string | null, nowMs: number): TeachEvent => ({
  kind,
  rowId,
  atMs: Math.round(nowMs),
});

/** On to the next row; a long series takes along the number it has really reached. */
function onward(rows: readonly TaughtRow[], state: TeachState, nowMs: number): Moved {
  const next = rows[state.rowIndex + 1];
  const reached = next && next.countedBefore > 0 ? reachedBy(rows, state, nowMs) - next.countedBefore : 0;
  return enter(rows, { ...state, ahead: reached }, state.rowIndex + 1, nowMs);
}

function reachedBy(rows: readonly TaughtRow[], state: TeachState, nowMs: number): number {
  const beats = beatsOf(rows, state);
  const done = beats.filter((b) => b.startMs + b.durationMs <= offsetAtTime(state, nowMs));
  const counted = state.phase === 'count' ? lastNumber(done) : 0;
  return Math.max(counted, (rows[state.rowIndex]?.countedBefore ?? 0) + state.ahead);
}

/** Take up a row from its beginning. */
export function enter(rows: readonly TaughtRow[], from: TeachState, index: number, nowMs: number): Moved {
  const row = rows[index];
  const kept = { changes: from.changes, ways: from.ways };
  if (!row) {
    const state: TeachState = { ...START, ...kept, rowIndex: rows.length, phase: 'done', anchorMs: nowMs };
    return { state, events: [eventAt('end', null, nowMs)] };
  }
  const state: TeachState = {
    ...START,
    ...kept,
    rowIndex: index,
    // Breaks and talk need no explaining; they run at once.
    phase: row.kind === 'movement' ? 'setUp' : 'count',
    running: true,
    anchorMs: nowMs,
    ahead: row.countedBefore > 0 ? from.ahead : 0,
  };
  return { state, events: [eventAt('enter', row.rowId, nowMs)] };
}

/** Begin: enter the first row. */
export const begin = (rows: readonly TaughtRow[], nowMs: number): Moved => enter(rows, START, 0, nowMs);

/** The beat that occupies an offset, [start, start + duration). */
export function beatAtTime(beats: readonly Beat[], offsetMs: number): Beat | null {
  return beats.find((b) => b.startMs <= offsetMs && offsetMs < b.startMs + b.durationMs) ?? null;
}
