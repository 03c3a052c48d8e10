import type { TaughtRow } from './taught-row';
import type { TeachEvent, TeachState } from './state';
import { goneOn } from './count-commands';
import { mergedRuns, type CountedRun } from './counted';
import { offsetAtTime, phaseLength } from './position';
import { interruptionsOf } from './interruptions';
import { withoutUndone } from './take-back';

type Outlook = {
  /** Class-clock time at which the class will end if the rest goes as planned, ms. */
  readonly finishMs: number;
  /** Slot less projected finish: time in hand, negative when over, ms. */
  readonly spareMs: number;
};

/**
 * When will it end? Time gone, what is left of this row as planned, and the planned rest. What is stayed on, or goes on until told,
 * counts as far as it has gone: nobody knows for how long.
 */
export function outlook(
  rows: readonly TaughtRow[],
  state: TeachState,
  nowMs: number,
  slotMs: number,
): Outlook {
  const row = rows[state.rowIndex];
  const rest = rows.slice(state.rowIndex + 1).reduce((n, r) => n + r.plannedMs, 0);
  const offset = offsetAtTime(state, nowMs);
  const counting = phaseLength(rows, goneOn(rows, state, nowMs));
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
  return spareMs < 0 ? spareMs : Math.min(spareMs, Math.max(0, plannedMs - finishMs));
}

export type RowRecord = {
  readonly actualMs: number;
  /** Of that, before the count began. */
  readonly leadMs: number;
  readonly skipped: boolean;
  readonly counted: boolean;
  /** What was really counted, run by run; empty where it was not written down. */
  readonly runs: readonly CountedRun[];
};

/**
 * Actual time per row from the record of a class: from entering a row to
 * entering the next or ending, added up when a row was gone back to. What interrupted the class is no part of its rows.
 */
export function recordByRow(events: readonly TeachEvent[]): ReadonlyMap<string, RowRecord> {
  const record = new Map<string, RowRecord>();
  const none: RowRecord = { actualMs: 0, leadMs: 0, skipped: false, counted: false, runs: [] };
  const change = (rowId: string, to: (r: RowRecord) => RowRecord) =>
    record.set(rowId, to(record.get(rowId) ?? none));
  const waits = interruptionsOf(events);
  const waitedBetween = (fromMs: number, toMs: number) =>
    waits.filter((w) => w.fromMs >= fromMs && w.fromMs < toMs).reduce((n, w) => n + w.ms, 0);
  let open: { rowId: string; atMs: number; countedMs: number | null } | null = null;
  for (const event of [...withoutUndone(events)].sort((a, b) => a.atMs - b.atMs)) {
    if (event.kind === 'enter' || event.kind === 'end') {
      if (open) {
        const counted = open.countedMs ?? event.atMs;
        const spent = event.atMs - open.atMs - waitedBetween(open.atMs, event.atMs);
        const lead = counted - open.atMs - waitedBetween(open.atMs, counted);
        change(open.rowId, (r) => ({ ...r, actualMs: r.actualMs + spent, leadMs: r.leadMs + lead }));
      }
      open = event.rowId ? { rowId: event.rowId, atMs: event.atMs, countedMs: null } : null;
    }
    if (event.rowId && (event.kind === 'count' || event.kind === 'repeat')) {
      if (open?.rowId === event.rowId) open = { ...open, countedMs: open.countedMs ?? event.atMs };
      change(event.rowId, (r) => ({ ...r, counted: true, skipped: false }));
    }
    if (event.rowId && event.counted)
      change(event.rowId, (r) => ({ ...r, runs: mergedRuns(r.runs, event.counted ?? []) }));
    if (event.rowId && event.kind === 'skip') change(event.rowId, (r) => ({ ...r, skipped: true }));
  }
  return record;
}
