import type { Catalogue, Movement } from '../catalogue';
import { perHand, type Count, type Hand } from '../dose';
import { HAND_SPOTS } from '../hand';
import {
  movementOfRow,
  movementRows,
  onlyRows,
  planMoves,
  rowVolume,
  volumeOfRows,
  type MovementRow,
  type Plan,
} from '../plan';
import { FAMILIES, familyOf, type Family } from '../progress';
import { adaptedDose, type Verdict } from '../screening';

/**
 * What a class, or a week of classes, asks for. Repetitions count both hands together (a hold and a breath are one each);
 * held and stretched time is that of the busier hand, ms; grip is repetitions x effort of ten; loading is the index.
 */
export type TermVolume = {
  readonly reps: Readonly<Record<Family, number>>;
  readonly holdMs: number;
  readonly stretchMs: number;
  readonly gripEffort: number;
  readonly loading: number;
  /** Spots of the hand map that are moved, by id. */
  readonly joints: readonly string[];
};

export const JOINTS_IN_ALL = HAND_SPOTS.length;

const NO_REPS = Object.fromEntries(FAMILIES.map((f) => [f, 0])) as Record<Family, number>;
export const NO_TERM_VOLUME: TermVolume = {
  reps: NO_REPS,
  holdMs: 0,
  stretchMs: 0,
  gripEffort: 0,
  loading: 0,
  joints: [],
};

export type VerdictOn = (movement: Movement, row: MovementRow) => Verdict | null;

/** The volume of a plan, as planned or as one person does it when their verdicts are given. */
export function volumeOf(plan: Plan, catalogue: Catalogue, verdictOn: VerdictOn = () => null): TermVolume {
  const rows = movementRows(plan).flatMap((row): RowAsDone[] => {
    const movement = movementOfRow(row, catalogue);
    return movement ? [{ row, movement, verdict: verdictOn(movement, row) }] : [];
  });
  const volume = volumeOfRows(
    rows.map(({ row, movement, verdict }) => ({ movement, dose: row.dose, verdict })),
  );
  return {
    ...rows.map((r) => countedIn(r, plan.breathMs)).reduce(addCounted, NOTHING_COUNTED),
    gripEffort: gripOf(rows),
    loading: volume.loading,
    joints: jointsMoved(plan, catalogue, rows),
  };
}

type RowAsDone = { readonly row: MovementRow; readonly movement: Movement; readonly verdict: Verdict | null };
type Counted = Pick<TermVolume, 'reps' | 'holdMs' | 'stretchMs'>;
const NOTHING_COUNTED: Counted = { reps: NO_REPS, holdMs: 0, stretchMs: 0 };

const addCounted = (a: Counted, b: Counted): Counted => ({
  reps: addReps(a.reps, b.reps),
  holdMs: a.holdMs + b.holdMs,
  stretchMs: a.stretchMs + b.stretchMs,
});

const addReps = (a: TermVolume['reps'], b: TermVolume['reps']): TermVolume['reps'] =>
  Object.fromEntries(FAMILIES.map((f) => [f, a[f] + b[f]])) as TermVolume['reps'];

const HANDS = ['L', 'R'] as const satisfies readonly Hand[];

/** What a hand counts of a row; nothing where it rests or does something else. */
function shareOf({ row, verdict }: RowAsDone, hand: Hand, breathMs: number) {
  const own = verdict?.[hand];
  if (own?.kind === 'swap' || own?.kind === 'leaveOut') return { times: 0, workMs: 0 };
  return perHand(own ? adaptedDose(row.dose, own.adaptation) : row.dose, breathMs)[hand];
}

function countedIn(of: RowAsDone, breathMs: number): Counted {
  const family = familyOf(of.movement);
  const hands = HANDS.map((hand) => shareOf(of, hand, breathMs));
  const isHeld = HELD.has(of.row.dose.count.mode);
  const heldMs = isHeld ? Math.max(...hands.map((h) => h.workMs)) : 0;
  const isStretch = of.movement.effort === 'stretch';
  return {
    reps: family ? { ...NO_REPS, [family]: hands.reduce((n, h) => n + h.times, 0) } : NO_REPS,
    stretchMs: isStretch ? heldMs : 0,
    holdMs: !isStretch && of.row.dose.count.mode === 'hold' ? heldMs : 0,
  };
}

/** Ways of counting in which a stretch is stayed in. */
const HELD: ReadonlySet<Count['mode']> = new Set(['hold', 'breaths', 'time']);

const gripOf = (rows: readonly RowAsDone[]): number =>
  rows
    .filter(({ movement }) => familyOf(movement) === 'grip')
    .reduce((n, { row, movement, verdict }) => n + rowVolume(movement, row.dose, verdict).resisted, 0);

/** Moved on either hand by what this person does. */
function jointsMoved(plan: Plan, catalogue: Catalogue, rows: readonly RowAsDone[]): readonly string[] {
  const kept = new Set(
    rows
      .filter((r) => HANDS.some((hand) => shareOf(r, hand, plan.breathMs).times > 0))
      .map(({ row }) => row.id),
  );
  const moved = planMoves(onlyRows(plan, kept), catalogue);
  return HAND_SPOTS.map((s) => s.id).filter((id) => (moved.L[id] ?? 0) > 0 || (moved.R[id] ?? 0) > 0);
}

/** Classes together, exactly: everything adds up, and a joint moved in either was moved. */
export const addTermVolumes = (volumes: readonly TermVolume[]): TermVolume =>
  volumes.reduce<TermVolume>(
    (a, b) => ({
      ...addCounted(a, b),
      gripEffort: a.gripEffort + b.gripEffort,
      loading: a.loading + b.loading,
      joints: HAND_SPOTS.map((s) => s.id).filter((id) => a.joints.includes(id) || b.joints.includes(id)),
    }),
    NO_TERM_VOLUME,
  );
