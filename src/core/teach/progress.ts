import type { TaughtRow } from './taught-row';
import type { TeachEvent, TeachState } from './state';
import { offsetAtTime, phaseLength } from './position';

type Outlook = {
  /** Class-clock time at which the class will end if the rest goes as planned, ms. */
  readonly finishMs: number;
  /** Slot less projected finish: time in hand, negative when over, ms. */
  readonly spareMs: number;
};

/** When will it end? Time gone, what is left of this row as planned, and the planned rest. */
export function outlook(
  rows: readonly TaughtRow[],
  state: TeachState,
  nowMs: number,
  slotMs: number,
): Outlook {
  const row = rows[state.rowIndex];
  const rest = rows.slice(state.rowIndex + 1).reduce((n, r) => n + r.plannedMs, 0);
  const offset = offsetAtTime(state, nowMs);
  const counting = phaseLength(rows, state);
  const leftOfRow = !row
    ? 0
    : state.phase === 'setUp'
      ? Math.max(0, row.setUpMs - offset) + counting
      : Math.max(0, counting - offset);
  const finishMs = nowMs + leftOfRow + rest;
  return { finishMs, spareMs: slotMs - finishMs };
}

/**
 * How far the class is over its slot, below 0; or ahead of its own plan, above 0. Time that was never planned is not time
 * to fill.
 */
export function timeInHand(
  rows: readonly TaughtRow[],
  state: TeachState,
  nowMs: number,
  slotMs: number,
): number {
  const { spareMs, finishMs } = outlook(rows, state, nowMs, slotMs);
  const plannedMs = rows.reduce((n, r) => n + r.plannedMs, 0);
  return spareMs < 0 ? spareMs : Math.min(spareMs, plannedMs - finishMs);
}

export type RowRecord = { readonly actualMs: number; readonly skipped: boolean; readonly counted: boolean };

/**
 * Actual time per row from the record of a class: from entering a row to
 * entering the next or ending, added up when a row was gone back to.
 */
export function recordByRow(events: readonly TeachEvent[]): ReadonlyMap<string, RowRecord> {
  const record = new Map<string, RowRecord>();
  const change = (rowId: string, to: (r: RowRecord) => RowRecord) =>
    record.set(rowId, to(record.get(rowId) ?? { actualMs: 0, skipped: false, counted: false }));
  let open: { rowId: string; atMs: number } | null = null;
  for (const event of [...events].sort((a, b) => a.atMs - b.atMs)) {
    if (event.kind === 'enter' || event.kind === 'end') {
      if (open) {
        const spent = event.atMs - open.atMs;
        change(open.rowId, (r) => ({ ...r, actualMs: r.actualMs + spent }));
      }
      open = event.rowId ? { rowId: event.rowId, atMs: event.atMs } : null;
    }
    if (event.rowId && (event.kind === 'count' || event.kind === 'repeat'))
      change(event.rowId, (r) => ({ ...r, counted: true, skipped: false }));
    if (event.rowId && event.kind === 'skip') change(event.rowId, (r) => ({ ...r, skipped: true }));
  }
  return record;
}
