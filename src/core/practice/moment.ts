import { COUNTED, type Beat } from '../dose';
import { GRIPPING, isEffort } from '../catalogue';
import { movementOfRow } from '../plan';
import { median } from '../statistics';
import type { RowMovement } from '../stance';
import { beatAtTime, beatsOf, flow, offsetAtTime, type TaughtRow, type TeachState } from '../teach';
import type { PracticeClass, Turn, VerdictsByRow } from './log';

/** What goes on in the class at one moment, the same for everyone. */
export type ClassMoment = {
  readonly atMs: number;
  readonly state: TeachState;
  readonly row: TaughtRow | null;
  readonly movement: RowMovement | undefined;
  readonly verdicts: VerdictsByRow;
  readonly beats: readonly Beat[];
  /** Null while nothing is counted. */
  readonly beat: Beat | null;
  readonly offsetMs: number;
  /** Time since a side, a way or the count began, ms. */
  readonly sinceChangeMs: number;
  /** Effort held without a break so far, ms. */
  readonly heldMs: number;
  /** How many times as fast as planned it is counted. */
  readonly faster: number;
  /** They have been waiting for so long: talk, or explaining beyond what is planned, ms. */
  readonly idleMs: number;
  /** Its steps are different poses, one after the other. */
  readonly inOrder: boolean;
  readonly isGrip: boolean;
  readonly isWork: boolean;
};

/** The class at a moment, from the last turn before it. */
export function momentAt(cls: PracticeClass, turn: Turn, atMs: number): ClassMoment {
  const rows = cls.rowsOf(turn.state.changes);
  const { state } = flow(rows, turn.state, atMs);
  const row = rows[state.rowIndex] ?? null;
  const movement = row?.row.kind === 'movement' ? movementOfRow(row.row, cls.catalogue) : undefined;
  const beats = row?.kind === 'movement' ? beatsOf(rows, state) : [];
  const offsetMs = offsetAtTime(state, atMs);
  const beat = state.phase === 'count' ? beatAtTime(beats, offsetMs) : null;
  const counted = beat !== null && COUNTED.has(beat.kind);
  const isWork = movement !== undefined && isEffort(movement);
  return {
    atMs,
    state,
    row,
    movement,
    verdicts: cls.verdictsOf(state.changes, turn.reports),
    beats,
    beat,
    offsetMs,
    sinceChangeMs: beat
      ? offsetMs - (beats.find((b) => b.bout === beat.bout && COUNTED.has(b.kind))?.startMs ?? 0)
      : Infinity,
    heldMs: isWork && counted && beat.kind === 'hold' ? offsetMs - beat.startMs : 0,
    faster: counted && row ? fasterThanPlanned(row, beat) : 1,
    idleMs: idleOf(row, state, offsetMs),
    inOrder: movement !== undefined && cls.catalogue.figure(movement.id)?.motion.kind === 'steps',
    isGrip: movement !== undefined && GRIPPING.has(movement.effort),
    isWork,
  };
}

function fasterThanPlanned(row: TaughtRow, beat: Beat): number {
  const planned = row.beats.filter((b) => b.kind === beat.kind).map((b) => b.durationMs);
  return planned.length === 0 || beat.waits ? 1 : median(planned) / beat.durationMs;
}

function idleOf(row: TaughtRow | null, state: TeachState, offsetMs: number): number {
  if (!row || state.phase === 'done') return 0;
  if (state.phase === 'setUp') return Math.max(0, offsetMs - row.setUpMs);
  if (row.kind === 'talk') return Math.max(0, offsetMs - row.countMs);
  return 0;
}
