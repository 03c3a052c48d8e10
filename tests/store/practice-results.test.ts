import type { PracticeResult } from '@/core/practice';
import { dropResults, keepResult, keptPracticeSchema } from '@/server/practice/practice';
import { listPractices } from '@/store/practice-results';
import { databaseForFile } from './fresh';

const db = databaseForFile();
const RESULT: PracticeResult = {
  level: 'calm',
  people: 8,
  lengthMs: 600_000,
  seen: 6,
  missed: 4,
  secondsToSee: 5,
  missedMost: 'wrist',
  hurt: 1,
  ending: 'kept',
  rowsFull: 7,
  rowsPlanned: 8,
  unevenPercent: 0,
  talking: 0.2,
};
const practice = (n: number, over: Partial<PracticeResult> = {}) => ({
  id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
  name: `Practice ${n}`,
  result: { ...RESULT, ...over },
});
const names = async () => (await listPractices(db)).map((p) => p.name);

test('a practice that is sent twice is kept once; the newest comes first; forgotten, none is left', async () => {
  await keepResult(db, practice(1));
  await keepResult(db, practice(1, { seen: 9 }));
  await keepResult(db, practice(2));
  expect(await names()).toEqual(['Practice 2', 'Practice 1']);
  expect((await listPractices(db))[1]).toMatchObject({
    result: RESULT,
    day: expect.stringMatching(/^\d{4}-/),
  });
  await dropResults(db);
  expect(await names()).toEqual([]);
});

test('of more than five hundred the oldest go', async () => {
  await db.query(
    `insert into practice_result (id, day, name, result, kept_at)
     select gen_random_uuid(), '2026-11-01', 'old ' || i, $1, now() - make_interval(days => 600 - i)
     from generate_series(1, 500) i`,
    [JSON.stringify(RESULT)],
  );
  await keepResult(db, practice(3));
  const kept = await names();
  expect(kept).toHaveLength(500);
  expect(kept[0]).toBe('Practice 3');
  expect(kept).not.toContain('old 1');
  expect(kept).toContain('old 2');
  await dropResults(db);
});

test('what a backup brought in another shape is left out, and the rest is there', async () => {
  await keepResult(db, practice(4));
  await db.query(
    `insert into practice_result (id, day, name, result) values (gen_random_uuid(), '2026-11-01', 'strange', '{}')`,
  );
  expect(await names()).toEqual(['Practice 4']);
});

test.each<[string, object]>([
  ['no name', { ...practice(5), name: ' ' }],
  ['no such level', practice(5, { level: 'easy' as never })],
  ['nobody came', practice(5, { people: 0 })],
  ['a share over the whole', practice(5, { talking: 2 })],
  ['somebody’s name in it', { ...practice(5), person: 'Ansel' }],
])('%s: refused', (_, body) => {
  expect(keptPracticeSchema.safeParse(body).success).toBe(false);
});
