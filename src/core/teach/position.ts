import { scriptLength, type Beat } from '../dose';
import { memo } from '../remember';
import type { TaughtRow } from './taught-row';
import { withEdits } from './count-edits';
import { numberedOn } from './series';
import type { TeachState } from './state';

/** Time into the phase under way, ms. */
export const offsetAtTime = (state: TeachState, nowMs: number): number =>
  state.offsetMs + (state.running ? Math.max(0, nowMs - state.anchorMs) : 0);

const remember = memo<readonly Beat[]>();
const NO_BEATS: readonly Beat[] = [];

/** The beats of the row under way, with all that was changed; it is asked many times a second. */
export function beatsOf(rows: readonly TaughtRow[], { rowIndex, edits, ahead }: TeachState): readonly Beat[] {
  const planned = rows[rowIndex]?.beats ?? NO_BEATS;
  return remember([planned, edits], String(ahead), () => withEdits(numberedOn(planned, ahead), edits));
}

/** Length of the count of the current row with its changes, shake-out included, ms. */
export function phaseLength(rows: readonly TaughtRow[], state: TeachState): number {
  const row = rows[state.rowIndex];
  if (!row) return 0;
  const countMs = row.kind === 'movement' ? scriptLength(beatsOf(rows, state)) : row.countMs;
  return countMs + row.resetMs;
}

/** The beat that occupies an offset, [start, start + duration). */
export function beatAtTime(beats: readonly Beat[], offsetMs: number): Beat | null {
  return beats.find((b) => b.startMs <= offsetMs && offsetMs < b.startMs + b.durationMs) ?? null;
}
