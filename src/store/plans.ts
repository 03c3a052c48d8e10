import type { HistoryEntry, Plan, PlanHistory } from '@/core/plan';
import type { Db } from './db';

export type StoredPlan = {
  readonly history: PlanHistory;
  readonly version: number;
  /** Beside each entry the other instructor who made it; null for one's own, and where there are no names. */
  readonly by: readonly (string | null)[];
};

export async function loadPlan(db: Db, classId: string): Promise<StoredPlan | null> {
  const [row] = await db.query<{ current: Plan; version: number; done: number }>(
    'select current, version, done from plan where class_id = $1',
    [classId],
  );
  if (!row) return null;
  const steps = await db.query<HistoryEntry & { by: string | null }>(
    `select step, inverse, label,
       (select i.name from instructor i where i.id = by_id and i.id is distinct from oskil_me()) as by
     from plan_step where class_id = $1 order by seq`,
    [classId],
  );
  const entries = steps.map(({ by: _, ...entry }) => entry);
  return {
    history: { plan: row.current, entries, done: row.done },
    version: row.version,
    by: steps.map((s) => s.by),
  };
}

/** A plan after one edit, undo or redo; `entry` is the edit when it is a new one. */
export type PlanChange = {
  readonly plan: Plan;
  readonly done: number;
  readonly entry: HistoryEntry | null;
};

/**
 * Store a change made to `expectedVersion`. Returns the new version, or null when
 * another window has changed the plan meanwhile; nothing is written then.
 */
export async function savePlan(
  db: Db,
  classId: string,
  change: PlanChange,
  expectedVersion: number,
): Promise<number | null> {
  return db.transaction(async (tx) => {
    const [row] = await tx.query<{ version: number }>(
      `update plan set current = $2, done = $3, version = version + 1
       where class_id = $1 and version = $4 returning version`,
      [classId, JSON.stringify(change.plan), change.done, expectedVersion],
    );
    if (!row) return null;
    if (change.entry) await replaceTail(tx, classId, change.done, change.entry);
    return row.version;
  });
}

/** A new edit forgets what had been undone and stands at the end. */
async function replaceTail(tx: Db, classId: string, seq: number, entry: HistoryEntry): Promise<void> {
  await tx.query('delete from plan_step where class_id = $1 and seq >= $2', [classId, seq]);
  await tx.query('insert into plan_step (class_id, seq, step, inverse, label) values ($1, $2, $3, $4, $5)', [
    classId,
    seq,
    JSON.stringify(entry.step),
    JSON.stringify(entry.inverse),
    entry.label,
  ]);
}
