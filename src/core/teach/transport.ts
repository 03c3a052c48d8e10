import type { TaughtRow } from './taught-row';
import { edited, eventAt, paced, stayed, stayOver } from './count-commands';
import { beatAtTime, beatsOf, offsetAtTime, phaseLength } from './position';
import { lastNumber } from './series';
import { START, type Moved, type TeachEvent, type TeachState } from './state';

/** `goOrPause` is one key: it starts what waits and pauses what counts. `stay` is one too: it begins and ends. */
export type TeachCommand =
  'go' | 'pause' | 'goOrPause' | 'next' | 'back' | 'repeat' | 'more' | 'skip' | 'faster' | 'slower' | 'stay';

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
  const kept = { changes: from.changes, rungShifts: from.rungShifts };
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
