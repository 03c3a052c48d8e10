import type { PlanStep } from '../plan';
import type { Catalogue } from '../catalogue';
import type { Verdict } from '../screening';
import type { Reports, TaughtRow, TeachEvent, TeachState } from '../teach';
import type { MadeUpPerson } from './group';
import type { PracticeLevel } from './level';
import type { CueId } from './slips';

/** By row and person. */
export type VerdictsByRow = ReadonlyMap<string, ReadonlyMap<string, Verdict>>;

/** A class to practise on, before anything has happened in it. */
export type PracticeClass = {
  readonly seed: number;
  readonly level: PracticeLevel;
  readonly group: readonly MadeUpPerson[];
  readonly catalogue: Catalogue;
  readonly week: number;
  /** The rows with what was changed. */
  readonly rowsOf: (changes: readonly PlanStep[]) => readonly TaughtRow[];
  /** Who may do what of them, after what was marked and said. */
  readonly verdictsOf: (changes: readonly PlanStep[], reports: Reports) => VerdictsByRow;
};

/** From this moment on the class stands so. */
export type Turn = { readonly atMs: number; readonly state: TeachState; readonly reports: Reports };

/** What the instructor said or noticed; to everyone where no person is named. */
export type Act =
  | { readonly atMs: number; readonly what: 'cue'; readonly cue: CueId; readonly to: string | null }
  | { readonly atMs: number; readonly what: 'noticed'; readonly to: string }
  | { readonly atMs: number; readonly what: 'help'; readonly to: null };

/** All that the instructor did, in order: with it and the class itself, what happens at any moment is settled. */
export type PracticeLog = {
  readonly turns: readonly Turn[];
  readonly acts: readonly Act[];
  readonly events: readonly TeachEvent[];
};

export const EMPTY_LOG: PracticeLog = { turns: [], acts: [], events: [] };

export const withTurn = (log: PracticeLog, turn: Turn, events: readonly TeachEvent[]): PracticeLog => ({
  ...log,
  turns: [...log.turns, turn],
  events: [...log.events, ...events],
});

export const withAct = (log: PracticeLog, act: Act): PracticeLog => ({ ...log, acts: [...log.acts, act] });
