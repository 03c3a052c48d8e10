import { CATALOGUE } from '@/catalogue/movements';
import { withOwn } from '@/core/catalogue';
import { learnedPace, placedRows, type Pace, type PaceSample } from '@/core/plan';
import { recordByRow, rowsOfSnapshot, taughtPlan } from '@/core/teach';
import type { Db } from '@/store/db';
import { taughtBefore, taughtBeforeMark, type TaughtRecord } from '@/store/teaching';
import { RecentMap } from '../shell/recent-map';

/** Classes whose pace is remembered. */
const CLASSES = 10;

/** The pace learned from the classes taught before a day; learned anew only when there are others. */
export async function paceBefore(db: Db, day: string): Promise<Pace> {
  const mark = await taughtBeforeMark(db, day, CLASSES);
  const pace = learned.get(mark) ?? learnedPace((await taughtBefore(db, day, CLASSES)).flatMap(samplesOf));
  learned.set(mark, pace);
  return pace;
}
const learned = new RecentMap<string, Pace>(20);

function samplesOf({ snapshot, changes, events }: TaughtRecord): readonly PaceSample[] {
  const catalogue = withOwn(CATALOGUE, snapshot.own ?? []);
  const record = recordByRow(events);
  const efforts = new Map(
    placedRows(taughtPlan(snapshot.plan, changes)).flatMap(({ row }) => {
      const movement = row.kind === 'movement' ? catalogue.movement(row.movementId) : undefined;
      return movement ? [[row.id, movement.effort] as const] : [];
    }),
  );
  return rowsOfSnapshot(snapshot, CATALOGUE, changes).flatMap((row): PaceSample[] => {
    const effort = efforts.get(row.rowId);
    const taught = record.get(row.rowId);
    if (!effort || !taught || taught.skipped || !taught.counted) return [];
    return [{ effort, plannedMs: row.plannedMs, actualMs: taught.actualMs }];
  });
}
