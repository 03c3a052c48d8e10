import { CATALOGUE } from '@/catalogue/movements';
import { withOwn } from '@/core/catalogue';
import { learnedPace, wayInPart, type Pace, type PaceSample } from '@/core/plan';
import { recordByRow, rowsOfSnapshot, shareOf } from '@/core/teach';
import type { Db } from '@/store/db';
import { taughtBefore, taughtBeforeMark, type TaughtRecord } from '@/store/teaching';
import { RecentMap } from '../shell/recent-map';

/** Classes whose pace is remembered. */
const CLASSES = 10;

/** The pace learned from the classes taught before a day; learned anew only when there are others. */
export async function paceBefore(db: Db, day: string): Promise<Pace> {
  const mark = await taughtBeforeMark(db, day, CLASSES);
  const pace = learned.get(mark) ?? paceOf(await taughtBefore(db, day, CLASSES));
  learned.set(mark, pace);
  return pace;
}

/** So much of a row has to be done for its time to be that of the row. */
const WHOLE_SHARE = 0.9;

/** Every part of a taught row says something of its own. */
function paceOf(records: readonly TaughtRecord[]): Pace {
  const rows = records.map(samplesOf);
  return learnedPace(rows.flat(2), rows.flat().length);
}
const learned = new RecentMap<string, Pace>(20);

/** Of each row that was taught in full: the way in, where nothing else happened before the count, and the count; or talk, or a break. */
function samplesOf({ snapshot, changes, events }: TaughtRecord): readonly (readonly PaceSample[])[] {
  const catalogue = withOwn(CATALOGUE, snapshot.own ?? []);
  const record = recordByRow(events);
  return rowsOfSnapshot(snapshot, CATALOGUE, changes).flatMap((row): (readonly PaceSample[])[] => {
    const taught = record.get(row.rowId);
    if (!taught || taught.skipped) return [];
    const { actualMs, leadMs } = taught;
    if (row.row.kind !== 'movement') return [[{ part: row.row.kind, plannedMs: row.countMs, actualMs }]];
    const movement = catalogue.movement(row.row.movementId);
    // What was broken off says nothing of how long it takes.
    if (!movement || !taught.counted || shareOf(taught.runs) < WHOLE_SHARE) return [];
    const count = {
      part: movement.effort,
      plannedMs: row.countMs + row.resetMs,
      actualMs: actualMs - leadMs,
    };
    const isPlain = row.setUpMs === row.wayInMs && !row.row.continuesPrevious;
    return [isPlain ? [{ part: wayInPart(row), plannedMs: row.wayInMs, actualMs: leadMs }, count] : [count]];
  });
}
