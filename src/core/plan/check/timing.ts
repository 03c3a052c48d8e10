import { needsShakeOut, type Catalogue } from '../../catalogue';
import { doseTiming, handOutMs, PACE, type Dose, type DoseTiming, type ScriptContext } from '../../dose';
import { memo } from '../../remember';
import { placedRows, type Plan, type Row } from '../plan';

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
  /** Hand-out and collection that come before the row. */
  readonly propsMs: number;
  readonly setUpMs: number;
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
  readonly handOut: string | null;
  readonly collect: string | null;
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
 * Item time = set-up + working time + reset, with props handed out before the
 * first row that uses them and collected after the last one in a run.
 * Talk is set-up, props and talk rows; rest is pauses, rests, breaks and the shake-out.
 */
export function planTiming(plan: Plan, context: TimingContext): PlanTiming {
  const shown = new Set(context.shown);
  const handing = handOutMs(context.people, context.helpers);
  let startMs = 0;
  let propOut: string | null = null;
  const rows = placedRows(plan).map(({ row }): RowTiming => {
    const wanted =
      row.kind === 'movement' ? (context.catalogue.movement(row.movementId)?.propId ?? null) : propOut;
    const collect = propOut !== null && wanted !== propOut ? propOut : null;
    const handOut = wanted !== null && wanted !== propOut ? wanted : null;
    propOut = wanted;
    const propsMs = (collect ? handing : 0) + (handOut ? handing : 0);
    const timing = timeRow(row, { startMs, propsMs, handOut, collect }, plan, context, shown);
    startMs += timing.totalMs;
    return timing;
  });
  const sum = (pick: (r: RowTiming) => number) => rows.reduce((n, r) => n + pick(r), 0);
  const sections = sectionTimings(plan, rows);
  return {
    rows,
    sections,
    totalMs: startMs,
    workMs: sum((r) => r.workMs),
    talkMs: sum((r) => r.talkMs),
    restMs: sum((r) => r.restMs),
    endingMs: plan.sections.reduce((n, s, i) => n + (s.kind === 'settle' ? sections[i]!.totalMs : 0), 0),
    handOuts: rows.filter((r) => r.handOut).length,
  };
}

type Before = Pick<RowTiming, 'startMs' | 'propsMs' | 'handOut' | 'collect'>;

function timeRow(
  row: Row,
  before: Before,
  plan: Plan,
  context: TimingContext,
  shown: Set<string>,
): RowTiming {
  if (row.kind !== 'movement') {
    const isTalk = row.kind === 'talk';
    return {
      ...before,
      rowId: row.id,
      setUpMs: 0,
      countMs: row.durationMs,
      resetMs: 0,
      totalMs: before.propsMs + row.durationMs,
      workMs: 0,
      handsMs: 0,
      talkMs: before.propsMs + (isTalk ? row.durationMs : 0),
      restMs: isTalk ? 0 : row.durationMs,
      isNew: false,
    };
  }
  const movement = context.catalogue.movement(row.movementId);
  const isNew = !shown.has(row.movementId);
  shown.add(row.movementId);
  const dose = rowTiming(row.dose, plan.breathMs, isNew);
  const setUpMs = isNew ? PACE.setUpFirstMs : PACE.setUpAgainMs;
  const resetMs = movement && needsShakeOut(movement) ? PACE.shakeOutMs : 0;
  return {
    ...before,
    rowId: row.id,
    setUpMs,
    countMs: dose.totalMs,
    resetMs,
    totalMs: before.propsMs + setUpMs + dose.totalMs + resetMs,
    workMs: dose.workMs + dose.changeMs,
    handsMs: dose.workMs,
    talkMs: before.propsMs + setUpMs,
    restMs: dose.relaxMs + dose.restMs + resetMs,
    isNew,
  };
}

const remember = memo<DoseTiming>();

/** An edit leaves most doses as they are. */
const rowTiming = (dose: Dose, breathMs: number, isNew: boolean): DoseTiming =>
  remember([dose], `${breathMs} ${isNew}`, () => doseTiming(dose, { breathMs, isNew }));

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
  isNew: timing.isNew,
});
