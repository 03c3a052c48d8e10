import { currentRung, isRestful, isEffort, type Catalogue, type Position } from '../../catalogue';
import { doseTiming, handOutMs, PACE, type Dose, type DoseTiming, type ScriptContext } from '../../dose';
import { memo } from '../../remember';
import type { RowMovement } from '../../stance';
import { movementOfRow } from '../at-rung';
import { placedRows, type Plan, type Row } from '../plan';
import { isLearnedMoving, wayInOf } from '../way-in';
import { handings } from './props-out';

export type TimingContext = {
  readonly catalogue: Catalogue;
  readonly people: number;
  readonly helpers: number;
  /** Movements this group has been shown already this term. */
  readonly shown: ReadonlySet<string>;
};

/** One row on the class clock, ms. It occupies [startMs, startMs + totalMs). */
export type RowTiming = {
  readonly rowId: string;
  readonly startMs: number;
  /** Handing out, preparing and collecting that come before the row; after the last row too, there. */
  readonly propsMs: number;
  /** Moving to a table, standing up, sitting down again. */
  readonly placeMs: number;
  /** Explaining and showing before the count. */
  readonly wayInMs: number;
  /** The count itself, with changes and rests. */
  readonly countMs: number;
  readonly resetMs: number;
  readonly totalMs: number;
  readonly workMs: number;
  /** Work without the changes of side and direction: hands actually moving or holding. */
  readonly handsMs: number;
  readonly talkMs: number;
  readonly restMs: number;
  readonly isNew: boolean;
  /** The first repetition is slow, since the group learns it while it moves. */
  readonly slowFirst: boolean;
  /** Ids of props. */
  readonly handOut: readonly string[];
  readonly collect: readonly string[];
};

type SectionTiming = {
  readonly sectionId: string;
  readonly startMs: number;
  readonly totalMs: number;
};

export type PlanTiming = {
  readonly rows: readonly RowTiming[];
  readonly sections: readonly SectionTiming[];
  readonly totalMs: number;
  readonly workMs: number;
  readonly talkMs: number;
  readonly restMs: number;
  /** Length of the protected ending, the settle section. */
  readonly endingMs: number;
  /** Times a prop goes out. */
  readonly handOuts: number;
};

/**
 * Item time = way in + working time + reset, with props handed out before the first row that uses them and collected after the last
 * one in a run, and the place changed where a row cannot be done where the group is. Talk is way in, props, places and talk rows;
 * rest is pauses, rests, breaks and the shake-out.
 */
export function planTiming(plan: Plan, context: TimingContext): PlanTiming {
  const placed = placedRows(plan).map(({ row }) => row);
  const movements = placed.map((row) =>
    row.kind === 'movement' ? (movementOfRow(row, context.catalogue) ?? null) : null,
  );
  const { before, atEnd } = handings(movements);
  const eachMs = handOutMs(context.people, context.helpers);
  const prepareMs = (ids: readonly string[]) =>
    ids.reduce((n, id) => n + (context.catalogue.prop(id)?.prepareMs ?? 0), 0);
  const ways = waysIn(placed, plan, context.shown);
  const places = placeChanges(movements);
  let startMs = 0;
  const rows = placed.map((row, i): RowTiming => {
    const { collect, handOut } = before[i]!;
    const last = i === placed.length - 1 ? atEnd : [];
    const propsMs = (collect.length + handOut.length + last.length) * eachMs + prepareMs(handOut);
    const placeMs = places[i]! ? PACE.changePlaceMs : 0;
    const resetMs = needsReset(i, placed, movements) ? PACE.shakeOutMs : 0;
    const around = { startMs, propsMs, placeMs, resetMs, handOut, collect, ...ways[i]! };
    const timing = timeRow(row, around, plan);
    startMs += timing.totalMs;
    return timing;
  });
  return timingOfRows(plan, rows);
}

/** A plan’s times from those of its rows. */
export function timingOfRows(plan: Plan, rows: readonly RowTiming[]): PlanTiming {
  const sum = (pick: (r: RowTiming) => number) => rows.reduce((n, r) => n + pick(r), 0);
  const sections = sectionTimings(plan, rows);
  return {
    rows,
    sections,
    totalMs: sum((r) => r.totalMs),
    workMs: sum((r) => r.workMs),
    talkMs: sum((r) => r.talkMs),
    restMs: sum((r) => r.restMs),
    endingMs: plan.sections.reduce((n, s, i) => n + (s.kind === 'settle' ? sections[i]!.totalMs : 0), 0),
    handOuts: sum((r) => r.handOut.length),
  };
}

type WayIn = Pick<RowTiming, 'isNew' | 'wayInMs' | 'slowFirst'>;

/**
 * The way into each row: its own, or the usual one of the class for a new or a known movement; none within a long series, and none
 * for the same movement again.
 */
function waysIn(
  rows: readonly Row[],
  { wayIn }: Pick<Plan, 'wayIn'>,
  known: ReadonlySet<string>,
): readonly WayIn[] {
  const shown = new Set(known);
  const usual = wayInOf({ wayIn });
  let before: string | null = null;
  return rows.map((row): WayIn => {
    if (row.kind !== 'movement') return { isNew: false, wayInMs: 0, slowFirst: false };
    const isNew = !shown.has(row.movementId);
    const isAgain = before === row.movementId;
    shown.add(row.movementId);
    before = row.movementId;
    const ofClass = isAgain ? 0 : isNew ? usual.newMs : usual.knownMs;
    const wayInMs = row.continuesPrevious ? 0 : (row.wayInMs ?? ofClass);
    return { isNew, wayInMs, slowFirst: !row.continuesPrevious && isLearnedMoving(isNew, wayInMs) };
  });
}

/** Whether the group changes its place before a row: it stays where it is as long as the row can be done there. */
function placeChanges(movements: readonly (RowMovement | null)[]): readonly boolean[] {
  let place: Position | null = null;
  return movements.map((movement) => {
    if (!movement) return false;
    const rung = movement.rungs[currentRung(movement)]?.position;
    const open = rung ? [rung] : movement.positions;
    if (place !== null && open.includes(place)) return false;
    const isFirst = place === null;
    place = open[0]!;
    return !isFirst;
  });
}

/** A shake-out after resisted and loading work, unless the count goes on or something restful comes anyway. */
function needsReset(i: number, rows: readonly Row[], movements: readonly (RowMovement | null)[]): boolean {
  const [movement, next, after] = [movements[i], rows[i + 1], movements[i + 1]];
  if (!movement || !isEffort(movement)) return false;
  if (next && next.kind !== 'movement') return false;
  if (next?.kind === 'movement' && next.continuesPrevious) return false;
  return !(after && isRestful(after));
}

type Around = WayIn & Pick<RowTiming, 'startMs' | 'propsMs' | 'placeMs' | 'resetMs' | 'handOut' | 'collect'>;

function timeRow(row: Row, around: Around, plan: Plan): RowTiming {
  const { propsMs, placeMs, wayInMs, resetMs, slowFirst } = around;
  const beforeMs = propsMs + placeMs + wayInMs;
  if (row.kind !== 'movement') {
    const isTalk = row.kind === 'talk';
    return {
      ...around,
      rowId: row.id,
      countMs: row.durationMs,
      totalMs: beforeMs + row.durationMs,
      workMs: 0,
      handsMs: 0,
      talkMs: beforeMs + (isTalk ? row.durationMs : 0),
      restMs: isTalk ? 0 : row.durationMs,
    };
  }
  const dose = rowTiming(row.dose, plan.breathMs, slowFirst);
  return {
    ...around,
    rowId: row.id,
    countMs: dose.totalMs,
    totalMs: beforeMs + dose.totalMs + resetMs,
    workMs: dose.workMs + dose.changeMs,
    handsMs: dose.workMs,
    talkMs: beforeMs,
    restMs: dose.relaxMs + dose.restMs + resetMs,
  };
}

const remember = memo<DoseTiming>();

/** An edit leaves most doses as they are. */
const rowTiming = (dose: Dose, breathMs: number, slowFirst: boolean): DoseTiming =>
  remember([dose], `${breathMs} ${slowFirst}`, () => doseTiming(dose, { breathMs, slowFirst }));

function sectionTimings(plan: Plan, rows: readonly RowTiming[]): readonly SectionTiming[] {
  const byId = new Map(rows.map((r) => [r.rowId, r]));
  let startMs = 0;
  return plan.sections.map((section) => {
    const totalMs = section.rows.reduce((n, row) => n + (byId.get(row.id)?.totalMs ?? 0), 0);
    const timing = { sectionId: section.id, startMs, totalMs };
    startMs += totalMs;
    return timing;
  });
}

/** The script context of a row, so that the count and the clock agree. */
export const scriptContextOf = (plan: Plan, timing: RowTiming): ScriptContext => ({
  breathMs: plan.breathMs,
  slowFirst: timing.slowFirst,
});
