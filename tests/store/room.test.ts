import { roomNow } from '@/server/teaching/room-screen';
import { startClass, storeEvents } from '@/server/teaching/teaching';
import type { RoomAnswer } from '@/core/teach/room-screen';
import { START, type TeachState } from '@/core/teach/state';
import { addClass, addSeries } from '@/store/classes';
import { savePerson } from '@/store/people';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [SERIES, CLASS, ANSEL] = [id(1), id(2), id(11)];
const db = databaseForFile();
const plan = planWith({ move: ['wrist-bend', 'thumb-to-tips', 'palms-turn'] });

beforeEach(async () => {
  await db.empty();
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel', notes: 'Left ear' }));
  await addSeries(db, { id: SERIES, name: 'Hands', place: '', slotMinutes: 45 });
  await addClass(db, {
    id: CLASS,
    seriesId: SERIES,
    day: '2026-11-24',
    startsAt: '10:30',
    week: 1,
    helpers: ['Odile'],
    fromClassId: null,
    personIds: [ANSEL],
    plan,
  });
});

const told = async (seen: string | null = null): Promise<RoomAnswer> => {
  const answer = await roomNow(db, CLASS, seen);
  if (!answer.ok) throw new Error(answer.message);
  return answer.value;
};
const at = (rowIndex: number, atMs: number): TeachState => ({ ...START, rowIndex, anchorMs: atMs });
const enter = (firstSeq: number, rowIndex: number, atMs: number) =>
  storeEvents(db, CLASS, {
    firstSeq,
    events: [{ kind: 'enter', rowId: null, atMs }],
    state: at(rowIndex, atMs),
  });

test('another screen is told the row, what comes, and nothing twice', async () => {
  expect(await roomNow(db, CLASS, null)).toMatchObject({ ok: false, code: 'not-found' });
  expect(await roomNow(db, 'x', null)).toMatchObject({ ok: false, code: 'not-found' });
  await startClass(db, CLASS, { startedAtMs: Date.now() });
  const first = await told();
  expect(first.feed).toMatchObject({ classId: CLASS, state: { rowIndex: 0 }, next: expect.any(String) });
  expect(await told(first.seen)).toEqual({ seen: first.seen, classMs: expect.any(Number) });
  await enter(5, 1, 1_000);
  const second = await told(first.seen);
  expect(second.feed!.row!.title).toBe(first.feed!.next);
  expect(JSON.stringify(second)).not.toMatch(/Ansel|Odile|Left ear|000000000011/);
  await storeEvents(db, CLASS, {
    firstSeq: 6,
    events: [{ kind: 'end', rowId: null, atMs: 2_000 }],
    state: { ...at(2, 2_000), phase: 'done' },
  });
  expect((await told(second.seen)).feed!.state.phase).toBe('done');
});

test('the clock is that of the class, whatever the time of the instructor’s machine, and late news does not set it back', async () => {
  const wrong = Date.now() - 3 * 3_600_000;
  await startClass(db, CLASS, { startedAtMs: wrong });
  expect((await told()).classMs).toBeLessThan(60_000);
  // News of the fifth minute says that five minutes have passed at least.
  await enter(5, 1, 300_000);
  const after = (await told()).classMs;
  expect(after).toBeGreaterThanOrEqual(300_000);
  expect(after).toBeLessThan(360_000);
  await enter(6, 2, 250_000);
  expect((await told()).classMs).toBeGreaterThanOrEqual(after);
});
