import { NOTHING_NEW, type CheckIn } from '@/core/screening/check-in';
import { START } from '@/core/teach/state';
import { checkIn } from '@/server/classes/check-ins';
import { joinClass, joinSchema, reportsNow, storeAnswer, whoCouldJoin } from '@/server/teaching/reports';
import { roomNow } from '@/server/teaching/room-screen';
import { loadUnderWay, startClass, storeEvents } from '@/server/teaching/teaching';
import { writeUp } from '@/server/teaching/wrap-up';
import { loadCheckIns } from '@/store/check-ins';
import { addClass, addSeries, setRoster } from '@/store/classes';
import { findPerson, savePerson } from '@/store/people';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [SERIES, CLASS, ANSEL, BASHIR, CORIN] = [id(1), id(2), id(11), id(12), id(13)];
const db = databaseForFile();

beforeEach(async () => {
  await db.empty();
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel' }));
  await savePerson(db, BASHIR, personFields({ firstName: 'Bashir' }));
  await savePerson(db, CORIN, personFields({ firstName: 'Corin' }));
  await addSeries(db, { id: SERIES, name: 'Hands', place: '', slotMinutes: 45 });
  await addClass(db, {
    id: CLASS,
    seriesId: SERIES,
    day: '2026-11-24',
    startsAt: '10:30',
    week: 1,
    helpers: [],
    fromClassId: null,
    personIds: [ANSEL, BASHIR],
    plan: planWith({ move: ['wrist-bend'], grip: ['ball-squeeze'] }),
  });
});

const said = (part: Partial<CheckIn>): CheckIn => ({ ...NOTHING_NEW, ...part });
const answer = (n: number, personId: string, part: Partial<CheckIn>, atMs = 5_000) => ({
  id: id(100 + n),
  personId,
  checkIn: said(part),
  atMs,
});
const begin = () => startClass(db, CLASS, { startedAtMs: Date.now() });
const reports = async () => {
  const told = await reportsNow(db, CLASS, null);
  if (!told.ok) throw new Error(told.message);
  return told.value.reports!;
};

test('what was said at the door and in the class is told in its order, once, and as it was said', async () => {
  expect(await storeAnswer(db, CLASS, answer(1, ANSEL, {}))).toMatchObject({ ok: false, code: 'not-found' });
  expect(await reportsNow(db, CLASS, null)).toMatchObject({ ok: false, code: 'not-found' });
  await checkIn(db, CLASS, { personId: ANSEL, checkIn: said({ painLeft: 2, words: 'stiff' }) });
  await begin();
  await storeAnswer(db, CLASS, answer(1, ANSEL, { hotHand: 'L' }));
  await storeAnswer(db, CLASS, answer(1, ANSEL, { hotHand: 'L' }));
  expect((await reports()).answers).toEqual([
    { id: ANSEL, personId: ANSEL, atMs: 0, checkIn: said({ painLeft: 2, words: 'stiff' }) },
    answer(1, ANSEL, { hotHand: 'L' }),
  ]);
  // The pain before the class stays what was said before it.
  expect((await loadCheckIns(db, CLASS))[ANSEL]).toEqual(said({ painLeft: 2, words: 'stiff' }));
});

test('a late-comer’s first answer is also what they said before', async () => {
  await begin();
  await storeAnswer(db, CLASS, answer(1, BASHIR, { painRight: 8 }));
  expect((await loadCheckIns(db, CLASS))[BASHIR]).toEqual(said({ painRight: 8 }));
});

test('the door goes on asking until the class is written up, and every screen hears of it', async () => {
  await begin();
  const before = await roomNow(db, CLASS, null);
  expect((await checkIn(db, CLASS, { personId: ANSEL, checkIn: said({ unwell: true }) })).ok).toBe(true);
  const { answers } = await reports();
  expect(answers.at(-1)).toMatchObject({ personId: ANSEL, checkIn: said({ unwell: true }) });
  const after = await roomNow(db, CLASS, null);
  expect(before.ok && after.ok && after.value.seen !== before.value.seen).toBe(true);
  const told = await reportsNow(db, CLASS, null);
  const again = told.ok && (await reportsNow(db, CLASS, told.value.seen));
  expect(again).toMatchObject({ ok: true, value: { seen: expect.any(String) } });
  expect(again && again.ok && again.value.reports).toBeUndefined();
  await storeEvents(db, CLASS, {
    firstSeq: 5,
    events: [{ kind: 'end', rowId: null, atMs: 9_000 }],
    state: { ...START, phase: 'done' },
  });
  // Given in time, sent late.
  expect((await storeAnswer(db, CLASS, answer(2, BASHIR, { painLeft: 3 }))).ok).toBe(true);
  await writeUp(db, CLASS, { people: [], notes: '' });
  expect(await storeAnswer(db, CLASS, answer(3, ANSEL, {}))).toMatchObject({ code: 'written-up' });
});

test('somebody who was not expected joins once, and only a class that is under way', async () => {
  expect(await joinClass(db, CLASS, { personId: CORIN })).toMatchObject({ code: 'not-found' });
  await begin();
  expect(await whoCouldJoin(db, CLASS)).toMatchObject({
    value: { people: [{ id: CORIN, firstName: 'Corin' }] },
  });
  await joinClass(db, CLASS, { personId: CORIN });
  await joinClass(db, CLASS, { personId: CORIN });
  const under = await loadUnderWay(db, CLASS);
  expect(under!.taught.snapshot.people.map((p) => p.firstName)).toEqual(['Ansel', 'Bashir', 'Corin']);
  expect(await whoCouldJoin(db, CLASS)).toMatchObject({ value: { people: [] } });
  expect(await joinClass(db, CLASS, { personId: id(99) })).toMatchObject({ code: 'not-found' });
});

test('a guest is put on record with the name alone, not screened, and is in the class at once', async () => {
  await begin();
  const guest = { firstName: ' Uri ', initial: 'K' };
  const parsed = joinSchema.parse({ guest });
  const joined = await joinClass(db, CLASS, parsed);
  const under = await loadUnderWay(db, CLASS);
  const inClass = under!.taught.snapshot.people.at(-1)!;
  expect(joined).toEqual({ ok: true, value: { personId: inClass.id } });
  expect(inClass).toMatchObject({ firstName: 'Uri', initial: 'K', screened: false, conditions: [] });
  expect(await findPerson(db, inClass.id)).toMatchObject({ firstName: 'Uri', archived: false });
  for (const wrong of [{}, { guest, personId: CORIN }, { guest: { firstName: ' ', initial: '' } }])
    expect(joinSchema.safeParse(wrong).success).toBe(false);
});

test('who is told at the door as not here is away from the first row on, and can come later', async () => {
  await checkIn(db, CLASS, { personId: BASHIR, checkIn: said({ notHere: true }) });
  expect((await loadCheckIns(db, CLASS))[BASHIR]).toEqual(said({ notHere: true }));
  await begin();
  const under = await loadUnderWay(db, CLASS);
  expect(under!.taught.state.away).toEqual([{ personId: BASHIR, how: 'not here' }]);
  expect((await reports()).answers).toMatchObject([{ personId: BASHIR, checkIn: said({ notHere: true }) }]);
});

test('who was put on the list after the class began is in it once asked; who is on no list is refused', async () => {
  await begin();
  expect(await storeAnswer(db, CLASS, answer(1, CORIN, {}))).toMatchObject({ code: 'not-found' });
  await setRoster(db, CLASS, [ANSEL, BASHIR, CORIN]);
  expect((await storeAnswer(db, CLASS, answer(1, CORIN, { painLeft: 7 }))).ok).toBe(true);
  const under = await loadUnderWay(db, CLASS);
  expect(under!.taught.snapshot.people.map((p) => p.id)).toContain(CORIN);
});
