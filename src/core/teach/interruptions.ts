import { eventAt } from './count-commands';
import { offsetAtTime } from './position';
import type { Moved, TeachEvent, TeachState } from './state';
import { withoutUndone } from './take-back';
import type { TaughtRow } from './taught-row';

/** Why a class may have to wait, as it is kept in its record. */
export const INTERRUPTIONS = [
  'an alarm',
  'somebody unwell',
  'somebody came in',
  'something is missing',
  'something else',
] as const;
export type InterruptionWhy = (typeof INTERRUPTIONS)[number];

/** The class waits, and this is why; also where it was paused already. */
export function interrupted(
  rows: readonly TaughtRow[],
  state: TeachState,
  why: InterruptionWhy,
  nowMs: number,
): Moved {
  if (state.phase === 'done') return { state, events: [] };
  const stopped = { ...state, running: false, offsetMs: offsetAtTime(state, nowMs), anchorMs: nowMs };
  const event = { ...eventAt('pause', rows[state.rowIndex]?.rowId ?? null, nowMs), words: why };
  return { state: { ...stopped, pausedFor: why }, events: [event] };
}

/** A time when the class waited for something else than itself, ms on the class clock. */
type Interruption = {
  readonly rowId: string | null;
  readonly fromMs: number;
  readonly ms: number;
  readonly why: string;
};

/** With these the class goes on, or another row is taken up. */
const GOES_ON: ReadonlySet<TeachEvent['kind']> = new Set(['resume', 'count', 'repeat', 'enter', 'end']);

/**
 * When the class waited for something that was not its own, from the pause to its end. A pause without a reason belongs to the row:
 * somebody was helped, or something shown again.
 */
export function interruptionsOf(events: readonly TeachEvent[]): readonly Interruption[] {
  const found: Interruption[] = [];
  let open: Omit<Interruption, 'ms'>[] = [];
  for (const { kind, rowId, atMs, words } of inOrder(events)) {
    if (kind === 'pause')
      open = [{ rowId, fromMs: open[0]?.fromMs ?? atMs, why: words ?? open[0]?.why ?? '' }];
    if (!GOES_ON.has(kind)) continue;
    found.push(...open.filter((o) => o.why !== '').map((o) => ({ ...o, ms: atMs - o.fromMs })));
    open = [];
  }
  return found;
}

const inOrder = (events: readonly TeachEvent[]) => [...withoutUndone(events)].sort((a, b) => a.atMs - b.atMs);
