import { doseTotals, type Hand } from '../../dose';
import { movementOfRow } from '../at-rung';
import type { RuleContext } from '../check/finding';
import { placedRows, type BreakKind, type Row } from '../plan';
import { quantile } from '../../statistics';
import { reserveAt, type HandReserve } from '../check/reserve';
import { rowVolume } from '../check/volume';

/** The group's reserve at one moment of a row: the lowest hand, the middle half, and one person when asked for. */
export type ReserveSample = {
  /** Share of the row gone by, 0 to 1. */
  readonly at: number;
  readonly lowest: number;
  readonly middle: readonly [from: number, to: number];
  readonly chosen: number | null;
};

/** What goes on in one row of the running order, on the class clock. */
export type RowTrace = {
  readonly rowId: string;
  readonly startMs: number;
  readonly totalMs: number;
  readonly workMs: number;
  readonly talkMs: number;
  readonly restMs: number;
  /** Loading index of the row, and its share of the most that any row of the class has. */
  readonly loading: number;
  readonly loadingShare: number;
  /** A joint held stretched, and an effort or a place held: ms on the busier hand. */
  readonly stretchMs: number;
  readonly holdMs: number;
  readonly pause: BreakKind | null;
  readonly reserve: Readonly<Record<Hand, readonly ReserveSample[]>>;
};

/** Moments of a row at which the reserve is looked at. */
const LOOKS = [0, 0.25, 0.5, 0.75, 1];

/** The traces of a class, row by row; reserves may be empty while they are worked out. */
export function rowTraces(
  context: RuleContext,
  reserves: readonly HandReserve[],
  chosenId: string | null,
): readonly RowTrace[] {
  const of = { L: reserves.filter((r) => r.hand === 'L'), R: reserves.filter((r) => r.hand === 'R') };
  const plain = placedRows(context.plan).map(({ row }, i): RowTrace => {
    const { rowId, startMs, totalMs, workMs, talkMs, restMs } = context.timing.rows[i]!;
    const samples = (hand: Hand) =>
      LOOKS.map((at) => sample(of[hand], startMs + at * totalMs, at, chosenId)).filter((s) => s !== null);
    return {
      rowId,
      startMs,
      totalMs,
      workMs,
      talkMs,
      restMs,
      loading: loadingOf(context, row),
      loadingShare: 0,
      ...heldMs(context, row),
      pause: row.kind === 'break' ? row.what : null,
      reserve: { L: samples('L'), R: samples('R') },
    };
  });
  const most = Math.max(...plain.map((r) => r.loading), 0);
  return most === 0 ? plain : plain.map((r) => ({ ...r, loadingShare: r.loading / most }));
}

function sample(
  reserves: readonly HandReserve[],
  atMs: number,
  at: number,
  chosenId: string | null,
): ReserveSample | null {
  if (reserves.length === 0) return null;
  const values = reserves.map((r) => reserveAt(r.trace, atMs)).sort((a, b) => a - b);
  const chosen = reserves.find((r) => r.person.id === chosenId);
  return {
    at,
    lowest: values[0]!,
    middle: [quantile(values, 0.25), quantile(values, 0.75)],
    chosen: chosen ? reserveAt(chosen.trace, atMs) : null,
  };
}

const movementIn = ({ catalogue }: RuleContext, row: Row) =>
  row.kind === 'movement' ? movementOfRow(row, catalogue) : undefined;

function loadingOf(context: RuleContext, row: Row): number {
  const movement = movementIn(context, row);
  return movement && row.kind === 'movement' ? rowVolume(movement, row.dose, null).loading : 0;
}

function heldMs(context: RuleContext, row: Row): Pick<RowTrace, 'stretchMs' | 'holdMs'> {
  const none = { stretchMs: 0, holdMs: 0 };
  const movement = movementIn(context, row);
  if (!movement || row.kind !== 'movement') return none;
  const { count } = row.dose;
  const eachMs = count.mode === 'hold' ? count.holdMs : count.mode === 'breaths' ? context.plan.breathMs : 0;
  const { left, right } = doseTotals(row.dose);
  const ms = eachMs * Math.max(left, right);
  return movement.effort === 'stretch'
    ? { ...none, stretchMs: ms }
    : { ...none, holdMs: count.mode === 'hold' ? ms : 0 };
}
