import { CATALOGUE } from '@/catalogue/movements';
import { rowsOfSnapshot, type Snapshot } from '@/core/teach/snapshot';
import { START, type TeachEvent } from '@/core/teach/state';
import type { Db } from '@/store/db';
import { recordEvents, startTeaching } from '@/store/teaching';

/** Teach a class from its first row to its last, every one of them counted, a minute each. */
export async function teachThrough(db: Db, classId: string, snapshot: Snapshot, day: string): Promise<void> {
  await startTeaching(db, classId, snapshot, START, Date.parse(`${day}T10:30:00Z`));
  const events = rowsOfSnapshot(snapshot, CATALOGUE).flatMap(({ rowId }, n): TeachEvent[] => [
    { kind: 'enter', rowId, atMs: n * 60_000 },
    { kind: 'count', rowId, atMs: n * 60_000 + 1_000 },
  ]);
  await recordEvents(db, classId, 0, [...events, { kind: 'end', rowId: null, atMs: 900_000 }], {
    ...START,
    phase: 'done',
  });
}
