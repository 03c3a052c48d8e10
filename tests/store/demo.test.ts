import { RECORDED } from '@/catalogue/conditions';
import { factsOf } from '@/catalogue/class-facts';
import { checkPlan } from '@/core/plan/check/check';
import { applyStep } from '@/core/plan/edit/step';
import { loadDemo } from '@/demo/load';
import { loadClassroom } from '@/server/classes/classroom';
import { lastDoneDays, listClasses } from '@/store/classes';
import type { Database } from '@/store/db';
import { migrate, MIGRATIONS } from '@/store/migrate';
import { listPeople } from '@/store/people';
import { openPglite } from '@/store/pglite';
import { loadEvents, loadTaught } from '@/store/teaching';
import { loadAttendance } from '@/store/wrap-ups';

let db: Database;
let n = 0;
const newId = () => `00000000-0000-4000-8000-${String(++n).padStart(12, '0')}`;

beforeAll(async () => {
  db = await openPglite(null, { upTo: MIGRATIONS.length });
  await migrate(db);
  await loadDemo(db, '2026-11-24', newId);
});
afterAll(() => db.close());

test('twenty people, fifteen on Wednesday, eight on Friday, three on both', async () => {
  const people = await listPeople(db);
  expect(people).toHaveLength(20);
  const next = (await listClasses(db)).filter((c) => c.week === 4);
  expect(next.map((c) => [c.name, c.day, c.expected]).sort()).toEqual([
    ['Friday Slow Hands', '2026-11-27', 8],
    ['Wednesday Hands', '2026-11-25', 15],
  ]);
});

test('three taught weeks with attendance and a class that ran over', async () => {
  const taught = (await listClasses(db)).filter((c) => c.status === 'written up');
  expect(taught).toHaveLength(6);
  const lengths = await Promise.all(
    taught.map(async (c) => ({
      name: c.name,
      week: c.week,
      ms: (await loadEvents(db, c.id)).at(-1)!.atMs,
      slot: c.slotMinutes * 60_000,
    })),
  );
  expect(lengths.filter((l) => l.ms > l.slot).map((l) => [l.name, l.week])).toEqual([['Wednesday Hands', 2]]);
  const week2 = taught.find((c) => c.name === 'Wednesday Hands' && c.week === 2)!;
  const attendance = await loadAttendance(db, week2.id);
  expect(attendance.filter((a) => !a.present)).toHaveLength(1);
  expect((await loadTaught(db, week2.id))?.writtenUp).toBe(true);
});

test('between them they have every condition that is not a thing of the day, or what an incident leaves behind', async () => {
  const had = new Set((await listPeople(db)).flatMap((p) => p.conditions.map((c) => c.conditionId)));
  const missing = RECORDED.filter((c) => !had.has(c.id)).map((c) => c.id);
  expect(missing).toEqual(['fall', 'hand-unseen', 'illness-unseen']);
});

test('the last day of each movement is that of the newest class taught, none for what waits', async () => {
  const days = await lastDoneDays(db, '2026-01-01', '2026-11-24');
  expect(days['ball-squeeze']).toBe('2026-11-18');
  expect(days['look-at-hands']).toBe('2026-11-20');
  expect(days['table-lean']).toBeUndefined();
  expect((await lastDoneDays(db, '2026-01-01', '2026-11-17'))['ball-squeeze']).toBe('2026-11-11');
});

async function checkNext(name: string) {
  const info = (await listClasses(db)).find((c) => c.week === 4 && c.name === name)!;
  const room = (await loadClassroom(db, info.id))!;
  const { plan } = room.stored.history;
  const facts = factsOf(room);
  return { plan, facts, check: checkPlan(plan, facts) };
}

test.each(['Wednesday Hands', 'Friday Slow Hands'])('the next plan of %s fits its slot', async (name) => {
  const { check, facts } = await checkNext(name);
  expect(check.timing.totalMs).toBeLessThanOrEqual(facts.slotMs);
  expect(check.timing.totalMs).toBeGreaterThan(facts.slotMs * 0.75);
});

test('Friday breaks no must rule; Wednesday only lacks a hand break, which one mend puts right', async () => {
  expect((await checkNext('Friday Slow Hands')).check.findings.filter((f) => f.severity === 'must')).toEqual(
    [],
  );
  const { plan, facts, check } = await checkNext('Wednesday Hands');
  const musts = check.findings.filter((f) => f.severity === 'must');
  expect(musts.map((f) => f.code)).toEqual(['R1']);
  const mended = applyStep(plan, musts[0]!.mend!.step);
  expect(
    mended.ok && checkPlan(mended.value.plan, facts).findings.filter((f) => f.severity === 'must'),
  ).toEqual([]);
});
