import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { mergeFields } from '@/core/meanwhile';
import type { Settings } from '@/core/venue/settings';
import type { WrapUp } from '@/core/teach/wrap-up';
import { loadDemo } from '@/demo/load';
import { keepSettings, settingsNow } from '@/server/shell/settings';
import { writeUp } from '@/server/teaching/wrap-up';
import { loadTaught } from '@/store/teaching';
import { loadAttendance } from '@/store/wrap-ups';
import { databaseForFile } from './fresh';

const db = databaseForFile();
let classId: string;
let opened: WrapUp;
const now = async (): Promise<WrapUp> => ({
  people: [...(await loadAttendance(db, classId))].sort((a, b) => a.personId.localeCompare(b.personId)),
  notes: (await loadTaught(db, classId))!.notes,
});
const withLine = (wrapUp: WrapUp, i: number, line: Partial<WrapUp['people'][number]>): WrapUp => ({
  ...wrapUp,
  people: wrapUp.people.map((p, n) => (n === i ? { ...p, ...line } : p)),
});

beforeAll(async () => {
  await loadDemo(db, '2026-11-24', randomUUID);
  const [row] = await db.query<{ id: string }>(
    'select class_id as id from taught where written_up_at is not null limit 1',
  );
  classId = row!.id;
});
beforeEach(async () => {
  opened = await now();
});

test('two write-ups of one class from pages that did not know of each other stand together', async () => {
  expect(await writeUp(db, classId, { ...withLine(opened, 0, { effort: 9 }), before: opened })).toMatchObject(
    { ok: true },
  );
  const second = await writeUp(db, classId, {
    ...withLine({ ...opened, notes: 'Warm in the hall' }, 1, { notes: 'Left early' }),
    before: opened,
  });
  expect(second).toMatchObject({
    ok: true,
    value: {
      beside: expect.stringMatching(
        /^Changed elsewhere since you opened this page, and kept: .*, effort: 9\.$/,
      ),
    },
  });
  const both = await now();
  expect(both.notes).toBe('Warm in the hall');
  expect([both.people[0]!.effort, both.people[1]!.notes]).toEqual([9, 'Left early']);
});

test('the same line written twice is asked about, and nothing of the second is kept until it is said', async () => {
  await writeUp(db, classId, { ...withLine(opened, 0, { painAfterLeft: 7 }), before: opened });
  const mine = withLine(opened, 0, { painAfterLeft: 5 });
  const met = await writeUp(db, classId, { ...mine, before: opened });
  expect(met).toMatchObject({
    ok: false,
    code: 'changed-elsewhere',
    message: expect.stringMatching(/pain after, left: 7\. Nothing of yours is saved yet/),
  });
  expect((await now()).people[0]!.painAfterLeft).toBe(7);
  expect(await writeUp(db, classId, { ...mine, before: opened, over: true })).toMatchObject({ ok: true });
  expect((await now()).people[0]!.painAfterLeft).toBe(5);
});

test('somebody who is in no snapshot is refused', async () => {
  const strange = { ...opened, people: [{ ...opened.people[0]!, personId: randomUUID() }] };
  expect(await writeUp(db, classId, { ...strange, before: opened })).toMatchObject({ code: 'not-found' });
});

test('two saves of settings stand together, or are asked about', async () => {
  const before = await settingsNow(db);
  await keepSettings(db, { ...before, paper: 'Letter', before });
  expect(await keepSettings(db, { ...before, noteFrom: 'Marit', before })).toMatchObject({
    ok: true,
    value: { beside: 'Changed elsewhere since you opened this page, and kept: Paper: Letter.' },
  });
  expect(await settingsNow(db)).toMatchObject({ paper: 'Letter', noteFrom: 'Marit' });
  const mine: Settings = { ...before, noteFrom: 'Ines' };
  expect(await keepSettings(db, { ...mine, before })).toMatchObject({ ok: false, code: 'changed-elsewhere' });
  expect(await settingsNow(db)).toMatchObject({ noteFrom: 'Marit' });
  expect(await keepSettings(db, { ...mine, before, over: true })).toMatchObject({ ok: true });
  expect(await settingsNow(db)).toMatchObject({ noteFrom: 'Ines', paper: 'Letter' });
});

test('of two changes nothing is lost: each field is mine where I changed it, theirs where only they did', () => {
  const thing = fc.record({
    a: fc.integer({ min: 0, max: 2 }),
    b: fc.integer({ min: 0, max: 2 }),
    c: fc.constantFrom('', 'x'),
  });
  fc.assert(
    fc.property(thing, thing, thing, (before, mine, there) => {
      const { merged, met, beside } = mergeFields(before, mine, there);
      for (const key of ['a', 'b', 'c'] as const) {
        const [iChanged, theyChanged] = [mine[key] !== before[key], there[key] !== before[key]];
        expect(merged[key]).toBe(iChanged ? mine[key] : there[key]);
        expect(met.includes(key)).toBe(iChanged && theyChanged && mine[key] !== there[key]);
        expect(beside.includes(key)).toBe(!iChanged && theyChanged);
      }
    }),
  );
});
