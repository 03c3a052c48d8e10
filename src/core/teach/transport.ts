import type { TaughtRow } from './taught-row';
import { edited, eventAt, isWaiting, paced, stayed, stayOver, waited, wentOn } from './count-commands';
import { countInMs } from './count-in';
import { countedSoFar, undoneBouts, type CountedRun } from './counted';
import { beatAtTime, beatsOf, offsetAtTime, phaseLength } from './position';
import { lastNumber } from './series';
import { MAX_OWED, START, type Moved, type TeachEvent, type TeachState } from './state';

/**
 * `goOrPause` is one key: it starts what waits and pauses what counts. `stay` is one too: it begins and ends. `on` goes on to
 * the next side, pass or layer of the row. `give` takes up what was left undone, `letGo` lets it be; `end` ends the class here.
 */
export type TeachCommand =
  | 'go'
  | 'pause'
  | 'goOrPause'
  | 'next'
  | 'back'
  | 'repeat'
  | 'more'
  | 'skip'
  | 'faster'
  | 'slower'
  | 'stay'
  | 'on'
  | 'give'
  | 'letGo'
  | 'end';

/** Let the class flow to `nowMs`: a finished count passes on to the next row at the moment it was due. */
export function flow(rows: readonly TaughtRow[], state: TeachState, nowMs: number): Moved {
  const waits = waited(rows, state, nowMs);
  if (waits) return flow(rows, waits, nowMs);
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
  const dueMs = Math.max(0, nowMs - overMs);
  const moved = onward(rows, state, dueMs);
  const next = rows[moved.state.rowIndex];
  if (moved.state.phase !== 'setUp' || !next || next.countedBefore === 0) return moved;
  // A long series runs on without stopping.
  const counting = { ...moved.state, ...COUNTING, anchorMs: dueMs };
  const on = flow(rows, counting, nowMs);
  return { state: on.state, events: [...moved.events, eventAt('count', next.rowId, dueMs), ...on.events] };
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
      if (state.running && isWaiting(rows, state)) return wentOn(rows, flowed, nowMs);
      if (state.phase === 'setUp' && row) return and(countedIn(rows, state, event('count'), nowMs));
      return and(command(rows, state, state.running && state.phase === 'count' ? 'pause' : 'go', nowMs));
    case 'go':
      if (state.phase === 'setUp' && row)
        return and({
          state: { ...state, ...COUNTING, anchorMs: nowMs },
          events: [event('count')],
        });
      if (state.running) return flowed;
      return and({
        state: { ...state, running: true, anchorMs: nowMs, pausedFor: null },
        events: [event('resume')],
      });
    case 'pause':
      if (!state.running) return flowed;
      return and({
        state: { ...state, running: false, offsetMs: offsetAtTime(state, nowMs), anchorMs: nowMs },
        events: [event('pause')],
      });
    case 'next':
      return and(onward(rows, withOwed(rows, state, nowMs), nowMs));
    case 'end':
      return and(enter(rows, state, rows.length, nowMs));
    case 'give':
      return and(given(rows, state, nowMs));
    case 'letGo':
      return { ...flowed, state: { ...state, owed: state.owed.slice(0, -1) } };
    case 'skip': {
      const moved = onward(rows, state, nowMs);
      return and({ ...moved, events: [event('skip'), ...moved.events] });
    }
    case 'back':
      return and(enter(rows, state, Math.max(0, state.rowIndex - 1), nowMs));
    case 'repeat':
      return and(countedIn(rows, state, event('repeat'), nowMs));
    case 'more':
      return edited(rows, flowed, nowMs, 'more', (beats, fromMs) => {
        const beat = beatAtTime(beats, fromMs) ?? beats.at(-1);
        return beat ? { kind: 'more', fromMs, bout: Math.max(0, beat.bout) } : null;
      });
    case 'faster':
      return paced(rows, flowed, nowMs, 0.9);
    case 'slower':
      return paced(rows, flowed, nowMs, 1 / 0.9);
    case 'stay':
      return stayed(rows, flowed, nowMs);
    case 'on':
      return wentOn(rows, flowed, nowMs);
  }
}

/** At the beginning of a count. */
const COUNTING = { phase: 'count', running: true, offsetMs: 0, pausedFor: null } as const;

/** The count of a movement begins, and the class with it: two beats first, and what it begins with. */
function countedIn(rows: readonly TaughtRow[], state: TeachState, event: TeachEvent, nowMs: number): Moved {
  const row = rows[state.rowIndex];
  const only = state.edits.filter((e) => e.kind === 'only');
  const first = beatsOf(rows, { ...state, edits: only })[0];
  const ready = row && first ? [{ kind: 'countIn' as const, ms: countInMs(first, row.voice) }] : [];
  const edits = [...only, ...ready];
  const counting = { ...COUNTING, anchorMs: nowMs, edits };
  return { state: { ...state, ...counting }, events: [event] };
}

/** On to the next row; a long series takes along the number it has really reached. */
function onward(rows: readonly TaughtRow[], state: TeachState, nowMs: number): Moved {
  if (state.returnTo !== null)
    return enter(rows, { ...state, ahead: 0 }, indexOf(rows, state.returnTo), nowMs);
  const next = rows[state.rowIndex + 1];
  const reached = next && next.countedBefore > 0 ? reachedBy(rows, state, nowMs) - next.countedBefore : 0;
  return enter(rows, { ...state, ahead: reached }, state.rowIndex + 1, nowMs);
}

/** The place of a row; the end of the class where it is gone, or there was none to go on with. */
function indexOf(rows: readonly TaughtRow[], rowId: string): number {
  const index = rows.findIndex((r) => r.rowId === rowId);
  return index < 0 ? rows.length : index;
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
  const kept = { changes: from.changes, rungShifts: from.rungShifts, owed: from.owed, away: from.away };
  const left = leaving(rows, from, nowMs);
  if (!row) {
    const state: TeachState = { ...START, ...kept, rowIndex: rows.length, phase: 'done', anchorMs: nowMs };
    return { state, events: [...left, eventAt('end', null, nowMs)] };
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
  return { state, events: [...left, eventAt('enter', row.rowId, nowMs)] };
}

/** What was really counted of the row that is left, for the record. */
function leaving(rows: readonly TaughtRow[], state: TeachState, nowMs: number): readonly TeachEvent[] {
  const row = rows[state.rowIndex];
  const runs = countedNow(rows, state, nowMs);
  return row && runs.length > 0 ? [{ ...eventAt('counted', row.rowId, nowMs), counted: [...runs] }] : [];
}

function countedNow(rows: readonly TaughtRow[], state: TeachState, nowMs: number): readonly CountedRun[] {
  const row = rows[state.rowIndex];
  if (state.phase !== 'count' || row?.kind !== 'movement') return [];
  // Of what is given after all, only that is looked at.
  const given = state.edits.find((e) => e.kind === 'only');
  const planned = given ? row.beats.filter((b) => given.bouts.includes(b.bout)) : row.beats;
  return countedSoFar(planned, beatsOf(rows, state), offsetAtTime(state, nowMs));
}

/** What is left undone by going on is owed; also what was being given after all. */
function withOwed(rows: readonly TaughtRow[], state: TeachState, nowMs: number): TeachState {
  const row = rows[state.rowIndex];
  const bouts = undoneBouts(countedNow(rows, state, nowMs));
  if (!row || bouts.length === 0) return state;
  const others = state.owed.filter((o) => o.rowId !== row.rowId).slice(1 - MAX_OWED);
  return { ...state, owed: [...others, { rowId: row.rowId, bouts: [...bouts] }] };
}

/** No row has this id: after what is given the class is over. */
const THE_END = '';

/** What was left undone last, counted now; then the class goes on where it is. */
function given(rows: readonly TaughtRow[], state: TeachState, nowMs: number): Moved {
  const last = state.owed.at(-1);
  const index = rows.findIndex((r) => r.rowId === last?.rowId);
  if (!last || index < 0) return { state: { ...state, owed: state.owed.slice(0, -1) }, events: [] };
  const hasCounted = state.phase === 'count' && rows[state.rowIndex]?.kind === 'movement';
  const returnTo = state.returnTo ?? rows[state.rowIndex + (hasCounted ? 1 : 0)]?.rowId ?? THE_END;
  const entered = enter(rows, { ...state, owed: state.owed.slice(0, -1) }, index, nowMs);
  const only = { kind: 'only', bouts: [...last.bouts] } as const;
  const counting = countedIn(
    rows,
    { ...entered.state, edits: [only] },
    eventAt('count', last.rowId, nowMs),
    nowMs,
  );
  return {
    state: { ...counting.state, returnTo },
    events: [...entered.events, ...counting.events],
  };
}

/** Begin: enter the first row, with those away who did not come. */
export const begin = (rows: readonly TaughtRow[], nowMs: number, away: TeachState['away'] = []): Moved =>
  enter(rows, { ...START, away }, 0, nowMs);
