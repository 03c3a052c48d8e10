import { eventAt } from './count-commands';
import { offsetAtTime } from './position';
import type { Moved, TeachEvent, TeachState } from './state';
import type { TaughtRow } from './taught-row';

/** For so long a command can be taken back, ms. */
export const UNDO_MS = 10_000;

/** Where the class was when something was done that is taken back, and what that was. */
export type Before = { readonly state: TeachState; readonly atMs: number; readonly what: string };

/** The count goes on where it is after these. */
const GOES_ON: ReadonlySet<string> = new Set(['more', 'slower', 'faster', 'stay', 'letGo']);

/** Back to where the class was when that was done: in the count it was in, at the place it had reached. */
export function takenBack(
  rows: readonly TaughtRow[],
  { state: was, atMs, what }: Before,
  current: TeachState,
  nowMs: number,
): Moved {
  const row = rows[was.rowIndex];
  const rowId = row?.rowId ?? null;
  const undone: TeachEvent = { ...eventAt('undo', rowId, nowMs), words: what };
  if (GOES_ON.has(what) && current.rowIndex === was.rowIndex)
    return { state: { ...current, edits: was.edits, owed: was.owed }, events: [undone] };
  // What was told of single people meanwhile is not taken back with it.
  const { away, rungShifts } = current;
  const state = { ...was, away, rungShifts, offsetMs: Math.max(0, offsetAtTime(was, atMs)), anchorMs: nowMs };
  const again: TeachEvent[] = [
    eventAt('enter', rowId, nowMs),
    ...(was.phase === 'count' && row?.kind === 'movement' ? [eventAt('count', rowId, nowMs)] : []),
  ];
  return { state, events: [undone, ...(row ? again : [])] };
}

/** By these another row was entered, which then was not. */
const LEAVES: ReadonlySet<string> = new Set(['next', 'skip', 'back']);

/** What happened, without what was taken back. */
export function withoutUndone(events: readonly TeachEvent[]): readonly TeachEvent[] {
  const kept: TeachEvent[] = [];
  for (const event of events) {
    if (event.kind !== 'undo') {
      kept.push(event);
      continue;
    }
    const kinds = [event.words, ...(LEAVES.has(event.words ?? '') ? ['enter'] : [])];
    for (const kind of kinds) {
      const at = kept.findLastIndex((e) => e.kind === kind);
      if (at >= 0) kept.splice(at, 1);
    }
  }
  return kept;
}
