import { CATALOGUE } from '@/catalogue/movements';
import { withOwn } from '@/core/catalogue/own';
import { learnedPace, type Pace, type PaceSample } from '@/core/plan/pace';
import { placedRows } from '@/core/plan/plan';
import { recordByRow } from '@/core/teach/progress';
import { rowsOfSnapshot, taughtPlan } from '@/core/teach/snapshot';
import type { Db } from '@/store/db';
import { taughtBefore, type TaughtRecord } from '@/store/teaching';

/** Classes whose pace is remembered. */
const CLASSES = 10;

/** The pace learned from the classes taught before a day. */
export async function paceBefore(db: Db, day: string): Promise<Pace> {
  return learnedPace((await taughtBefore(db, day, CLASSES)).flatMap(samplesOf));
}

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
