import { z } from 'zod';
import { scriptLength, type Beat } from '../dose/script';
import { oneMore, withExtras, type TaughtRow } from './class-script';

/**
 * Where a class stands. Times are ms on the class clock, which starts at 0 when
 * teaching starts; the position at time t is a function of this value and t.
 */
export const teachStateSchema = z.strictObject({
  rowIndex: z.number().int().min(0),
  /** Explaining, counting, or the whole class done. */
  phase: z.enum(['setUp', 'count', 'done']),
  running: z.boolean(),
  /** Position in the phase when the clock read `anchorMs`. */
  offsetMs: z.number().min(0),
  anchorMs: z.number().min(0),
  extras: z.record(z.string(), z.number().int().min(0)),
});
export type TeachState = z.infer<typeof teachStateSchema>;

/** `goOrPause` is one key: it starts what waits and pauses what counts. */
export type TeachCommand = 'go' | 'pause' | 'goOrPause' | 'next' | 'back' | 'repeat' | 'more' | 'skip';

/** What happened, for the record of the class. */
export const teachEventSchema = z.strictObject({
  kind: z.enum(['enter', 'count', 'pause', 'resume', 'repeat', 'more', 'skip', 'end']),
  rowId: z.string().max(60).nullable(),
  atMs: z.number().int().min(0),
});
export type TeachEvent = z.infer<typeof teachEventSchema>;

export type Moved = { readonly state: TeachState; readonly events: readonly TeachEvent[] };

export const START: TeachState = {
  rowIndex: 0,
  phase: 'setUp',
  running: false,
  offsetMs: 0,
  anchorMs: 0,
  extras: {},
};

export const offsetAtTime = (state: TeachState, nowMs: number): number =>
  state.offsetMs + (state.running ? Math.max(0, nowMs - state.anchorMs) : 0);

export const beatsOf = (rows: readonly TaughtRow[], state: TeachState): readonly Beat[] =>
  withExtras(rows[state.rowIndex]?.beats ?? [], state.extras);

/** Length of the count of the current row with its extras, shake-out included, ms. */
export function phaseLength(rows: readonly TaughtRow[], state: TeachState): number {
  const row = rows[state.rowIndex];
  if (!row) return 0;
  const countMs = row.kind === 'movement' ? scriptLength(beatsOf(rows, state)) : row.countMs;
  return countMs + row.resetMs;
}

/** Let the class flow to `nowMs`: a finished count passes on to the next row at the moment it was due. */
export function flow(rows: readonly TaughtRow[], state: TeachState, nowMs: number): Moved {
  const row = rows[state.rowIndex];
  // Talk goes on until the instructor moves on; a count and a break end by themselves.
  if (state.phase !== 'count' || !row || row.kind === 'talk') return { state, events: [] };
  const length = phaseLength(rows, state);
  const overMs = offsetAtTime(state, nowMs) - length;
  if (overMs < 0) return { state, events: [] };
  return enter(rows, state.rowIndex + 1, Math.max(0, nowMs - overMs), true);
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
  const atMs = Math.round(nowMs);
  const event = (kind: TeachEvent['kind']): TeachEvent => ({ kind, rowId: row?.rowId ?? null, atMs });
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
      return and(enter(rows, state.rowIndex + 1, nowMs, true));
    case 'skip': {
      const moved = enter(rows, state.rowIndex + 1, nowMs, true);
      return and({ ...moved, events: [event('skip'), ...moved.events] });
    }
    case 'back':
      return and(enter(rows, Math.max(0, state.rowIndex - 1), nowMs, true));
    case 'repeat':
      return and({
        state: { ...state, phase: 'count', running: true, offsetMs: 0, anchorMs: nowMs, extras: {} },
        events: [event('repeat')],
      });
    case 'more': {
      if (state.phase !== 'count' || !row || row.kind !== 'movement') return flowed;
      const beats = beatsOf(rows, state);
      const beat = beatAtTime(beats, offsetAtTime(state, nowMs)) ?? beats.at(-1);
      if (!beat) return flowed;
      return and({
        state: { ...state, extras: oneMore(row.beats, beat.bout, state.extras) },
        events: [event('more')],
      });
    }
  }
}

function enter(rows: readonly TaughtRow[], index: number, nowMs: number, running: boolean): Moved {
  const row = rows[index];
  const atMs = Math.round(nowMs);
  if (!row) {
    const state: TeachState = { ...START, rowIndex: rows.length, phase: 'done', anchorMs: nowMs };
    return { state, events: [{ kind: 'end', rowId: null, atMs }] };
  }
  const state: TeachState = {
    rowIndex: index,
    // Breaks and talk need no explaining; they run at once.
    phase: row.kind === 'movement' ? 'setUp' : 'count',
    running,
    offsetMs: 0,
    anchorMs: nowMs,
    extras: {},
  };
  return { state, events: [{ kind: 'enter', rowId: row.rowId, atMs }] };
}

/** Begin: enter the first row. */
export const begin = (rows: readonly TaughtRow[], nowMs: number): Moved => enter(rows, 0, nowMs, true);

/** The beat that occupies an offset, [start, start + duration). */
export function beatAtTime(beats: readonly Beat[], offsetMs: number): Beat | null {
  return beats.find((b) => b.startMs <= offsetMs && offsetMs < b.startMs + b.durationMs) ?? null;
}
