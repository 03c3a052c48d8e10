import { randomUUID } from 'node:crypto';
import { loadDemo } from '@/demo/load';
import { loadClassroom, loadClassToBegin, loadPlannedClass } from '@/server/classes/classroom';
import { clicksOfClass } from '@/server/files/files';
import { keepMissingTimes } from '@/server/teaching/class-times';
import { loadUnderWay, startClass, storeEvents } from '@/server/teaching/teaching';
import { listClasses } from '@/store/classes';
import type { Db } from '@/store/db';
import { loadTaught } from '@/store/teaching';
import { databaseForFile } from './fresh';

const db = databaseForFile();
let classId: string;
beforeAll(async () => {
  await loadDemo(db, '2026-11-24', randomUUID);
  classId = (await listClasses(db)).find((c) => c.status === 'planned')!.id;
});

/** The same data, with what it is asked. */
function counted(): Db & { readonly asked: string[] } {
  const asked: string[] = [];
  return {
    asked,
    query: (sql, values) => {
      asked.push(sql);
      return db.query(sql, values);
    },
    transaction: (work) => db.transaction(work),
  };
}

test('the clicks of a class take its plan, who comes, what was shown and own movements', async () => {
  const data = counted();
  expect(await clicksOfClass(data, classId)).toMatchObject({ ok: true });
  expect(data.asked.length).toBeLessThanOrEqual(7);
});

test('what a page asks is what it shows, and nothing twice', async () => {
  for (const [load, most] of [
    [loadClassToBegin, 9],
    [loadPlannedClass, 13],
    [loadClassroom, 16],
  ] as const) {
    const data = counted();
    expect(await load(data, classId)).not.toBeNull();
    expect(data.asked.length).toBeLessThanOrEqual(most);
    expect(new Set(data.asked).size).toBe(data.asked.length);
  }
});

test('Teach after a reload takes five queries, and one at the gate', async () => {
  await startClass(db, classId, { startedAtMs: 1_000_000 });
  const data = counted();
  expect(await loadUnderWay(data, classId)).toMatchObject({ info: { id: classId } });
  expect(data.asked.length).toBeLessThanOrEqual(5);
});

test('a class that has ended stands in the list with how long it was planned for and took; one from before it was kept, too', async () => {
  await keepMissingTimes(db);
  const ended = (await listClasses(db)).filter((c) => c.status === 'written up');
  expect(ended.length).toBeGreaterThan(3);
  for (const { times } of ended) {
    expect(times!.plannedMs).toBeGreaterThan(20 * 60_000);
    expect(times!.actualMs).toBeGreaterThan(20 * 60_000);
  }
  expect((await listClasses(db)).find((c) => c.id === classId)!.times).toBeNull();

  const { state, nextSeq } = (await loadTaught(db, classId))!;
  const done = { ...state, rowIndex: 99, phase: 'done' as const, running: false };
  const end = { kind: 'end' as const, rowId: null, atMs: 65_000 };
  expect(await storeEvents(db, classId, { firstSeq: nextSeq, events: [end], state: done })).toMatchObject({
    ok: true,
  });
  expect((await listClasses(db)).find((c) => c.id === classId)!.times).toMatchObject({ actualMs: 65_000 });
});
