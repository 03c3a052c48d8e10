import { currentRung, isSeated, type Catalogue, type Movement } from '../catalogue';
import {
  contextOf,
  freshRowId,
  insertBeside,
  insteadOf,
  heldIn,
  type HeldBack,
  movementOfRow,
  type ClassFacts,
  type MovementRow,
  type Plan,
  type PlanStep,
  type Row,
} from '../plan';
import { fail, ok, type Result } from '../result';
import type { TaughtRow } from './taught-row';
import type { LIVE_CHANGES, Moved, TeachEvent, TeachState } from './state';
import { eventAt } from './count-commands';
import { enter, flow } from './transport';

/** A change to the class under way: what is recorded of it, and what it does to the rows. */
export type LiveChange = {
  readonly kind: (typeof LIVE_CHANGES)[number];
  readonly words: string;
  readonly step: PlanStep;
};

const BREAK_MS = { hand: 30_000, water: 60_000 } as const;

/** A break: now where the row is only being explained, else right after its count. */
export function breakNow(
  plan: Plan,
  row: TaughtRow,
  phase: TeachState['phase'],
  what: 'hand' | 'water',
): LiveChange {
  const side = phase === 'setUp' ? 'before' : 'after';
  const id = freshRowId(plan, `${what}-live`);
  const added: Row = { kind: 'break', id, what, durationMs: BREAK_MS[what] };
  return {
    kind: what,
    words: what === 'hand' ? 'a hand break' : 'water',
    step: insertBeside(plan, row.rowId, side, [added]),
  };
}

/** The row one rung easier or stronger for everyone; null where the ladder ends. */
export function rungNow(
  row: MovementRow,
  catalogue: Catalogue,
  to: 'easier' | 'stronger',
): LiveChange | null {
  const movement = movementOfRow(row, catalogue);
  if (!movement) return null;
  const rung = currentRung(movement) + (to === 'easier' ? -1 : 1);
  const words = movement.rungs[rung]?.words;
  return words ? { kind: to, words, step: { type: 'setRung', rowId: row.id, rung } } : null;
}

/** Something else in the place of a row, at its own usual dose. */
export function swapNow(plan: Plan, rowId: string, movement: Movement): Result<LiveChange> {
  const step = insteadOf(plan, rowId, movement, 'live');
  if (!step) return fail('row-gone', 'That row is no longer in the class.');
  return ok({ kind: 'swap', words: movement.name, step });
}

export type SwapChoice = HeldBack & { readonly movement: Movement };

const MAX_CHOICES = 4;

/**
 * What could stand in for a row at once: the same purpose, seated, nothing new in the hands, no more effort; open to the
 * most people first, then the most like it.
 */
export function swapChoices(row: MovementRow, plan: Plan, facts: ClassFacts): readonly SwapChoice[] {
  const now = movementOfRow(row, facts.catalogue);
  if (!now) return [];
  const { judge } = contextOf(plan, facts);
  return facts.catalogue.movements
    .filter(
      (m) =>
        m.id !== now.id &&
        m.purpose === now.purpose &&
        isSeated(m) &&
        !m.clearanceReason &&
        (m.propId === null || m.propId === now.propId) &&
        m.effortOf10 <= now.effortOf10,
    )
    .map((movement) => {
      return {
        movement,
        ...heldIn(judge(movement, movement)),
        shared: movement.joints.filter((j) => now.joints.includes(j)).length,
        otherKind: Number(movement.effort !== now.effort),
      };
    })
    .sort(
      (a, b) =>
        a.leftOut - b.leftOut ||
        a.otherKind - b.otherKind ||
        b.shared - a.shared ||
        a.heldBack - b.heldBack ||
        a.movement.id.localeCompare(b.movement.id),
    )
    .slice(0, MAX_CHOICES)
    .map(({ movement, leftOut, heldBack }) => ({ movement, leftOut, heldBack }));
}

/**
 * A class with a change made to it. The count under way goes on, unless its row has gone: then what stands in its place is
 * taken up. A break that comes before the row is taken up at once.
 */
export function withChange(
  rows: readonly TaughtRow[],
  rowsOf: (changes: readonly PlanStep[]) => readonly TaughtRow[],
  before: TeachState,
  change: LiveChange,
  nowMs: number,
): Moved {
  const flowed = flow(rows, before, nowMs);
  const { state } = flowed;
  const rowId = rows[state.rowIndex]?.rowId ?? null;
  const changes = [...state.changes, change.step];
  const after = rowsOf(changes);
  const recorded: TeachEvent = { ...eventAt(change.kind, rowId, nowMs), words: change.words };
  const events = [...flowed.events, recorded];
  const next = { ...state, changes };
  const stays = after[state.rowIndex]?.rowId === rowId;
  if (stays || state.phase === 'done') return { state: next, events };
  const entered = enter(after, next, state.rowIndex, nowMs);
  return { state: entered.state, events: [...events, ...entered.events] };
}

const CHANGE_WORDS: Readonly<Record<LiveChange['kind'], (words: string) => string>> = {
  easier: (words) => `Easier for everyone: ${words}`,
  stronger: (words) => `Stronger for everyone: ${words}`,
  hand: () => 'A hand break is put in',
  water: () => 'Water is put in',
  swap: (words) => `${words} instead`,
  shorten: (words) => `Shortened: ${words}`,
  extra: (words) => `Added: ${words}`,
};

/** A change in a short sentence. */
export const changeWords = ({ kind, words }: Pick<LiveChange, 'kind' | 'words'>): string =>
  CHANGE_WORDS[kind](words);
