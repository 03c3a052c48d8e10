import type { Catalogue } from '../../catalogue';
import { placedRows, type Plan, type Row } from '../plan';
import { isPaceKnown, takenMs, type Pace } from './pace';
import { pacePartsOf } from './pace-parts';
import { timingOfRows, type PlanTiming, type RowTiming } from './timing';

/**
 * The times of a plan as this instructor takes them, once the pace is known: from then on they are the time. Props and places keep
 * their allowance. The share of work in a count stays what it is.
 */
export function atPace(
  plan: Plan,
  timing: PlanTiming,
  catalogue: Pick<Catalogue, 'movement'>,
  pace: Pace | undefined,
): PlanTiming {
  if (!pace || !isPaceKnown(pace)) return timing;
  let startMs = 0;
  const rows = placedRows(plan).map(({ row }, i): RowTiming => {
    const times = timing.rows[i]!;
    const { wayIn, done } = pacePartsOf(row, times, catalogue);
    const wayInMs = wayIn ? takenMs(pace, wayIn.part, wayIn.plannedMs) : times.wayInMs;
    const doneMs = done ? takenMs(pace, done.part, done.plannedMs) : times.countMs + times.resetMs;
    const paced = inTime(row.kind, { ...times, startMs, wayInMs }, doneMs);
    startMs += paced.totalMs;
    return paced;
  });
  return timingOfRows(plan, rows);
}

/** A row whose count and shake-out last so long together. */
function inTime(kind: Row['kind'], times: RowTiming, doneMs: number): RowTiming {
  const resetMs = Math.min(times.resetMs, doneMs);
  const countMs = doneMs - resetMs;
  const ratio = times.countMs > 0 ? countMs / times.countMs : 1;
  const workMs = Math.round(times.workMs * ratio);
  const beforeMs = times.propsMs + times.placeMs + times.wayInMs;
  const talkMs = beforeMs + (kind === 'talk' ? countMs : 0);
  const totalMs = beforeMs + doneMs;
  return {
    ...times,
    countMs,
    resetMs,
    totalMs,
    workMs,
    handsMs: Math.round(times.handsMs * ratio),
    talkMs,
    restMs: totalMs - talkMs - workMs,
  };
}
