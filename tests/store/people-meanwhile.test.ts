import { changePerson } from '@/server/people/people';
import { keepMeasures } from '@/server/measures/measures';
import { findPerson, loadChanges, savePerson } from '@/store/people';
import { addDays } from '@/core/days';
import { MAX_MEASURES, type PersonFields } from '@/core/people/person';
import { personFields } from '../core/people';
import { databaseForFile } from './fresh';

const ANSEL = '00000000-0000-4000-8000-000000000011';
const db = databaseForFile();
const opened: PersonFields = personFields({
  firstName: 'Ansel',
  initial: 'B',
  assistance: 1,
  conditions: [{ conditionId: 'hand-oa', side: 'L', state: 'settled', since: null, spots: [] }],
  measures: [{ hand: 'L', kind: 'grip', value: 18.4, on: '2026-11-03' }],
});
const flare: PersonFields = { ...opened, conditions: [{ ...opened.conditions[0]!, state: 'flare' }] };
const record = async () => (await findPerson(db, ANSEL))!;

beforeEach(async () => {
  await db.empty();
  await savePerson(db, ANSEL, opened);
});

test('a record saved from an old page keeps what was said and measured meanwhile', async () => {
  await changePerson(db, ANSEL, { ...flare, before: opened });
  await keepMeasures(db, ANSEL, {
    measures: [{ hand: 'R', kind: 'grip', value: 21, on: '2026-11-24' }],
  });
  const saved = await changePerson(db, ANSEL, { ...opened, notes: 'Left ear', before: opened });
  expect(saved).toMatchObject({
    ok: true,
    value: {
      beside: expect.stringMatching(
        /^Changed elsewhere.*, left: now flare, before settled\. Measured grip, right: 21 kg\.$/,
      ),
    },
  });
  expect(await record()).toMatchObject({
    notes: 'Left ear',
    conditions: [{ state: 'flare' }],
    measures: [
      { hand: 'R', value: 21 },
      { hand: 'L', value: 18.4 },
    ],
  });
});

test('the same changed twice is told and nothing is saved, unless mine is to be put in its place', async () => {
  await changePerson(db, ANSEL, { ...opened, assistance: 3, before: opened });
  const mine = { ...opened, assistance: 2, notes: 'Left ear', before: opened };
  expect(await changePerson(db, ANSEL, mine)).toMatchObject({
    ok: false,
    code: 'changed-elsewhere',
    message: expect.stringContaining('Help needed: 3, before 1.'),
  });
  expect(await record()).toMatchObject({ assistance: 3, notes: '' });
  expect(await changePerson(db, ANSEL, { ...mine, over: true })).toMatchObject({ ok: true });
  expect(await record()).toMatchObject({ assistance: 2, notes: 'Left ear' });
  expect((await loadChanges(db, ANSEL)).map((c) => c.what)).toContain('Help needed: 2, before 3');
});

test('many saved at once are all there', async () => {
  const hands = ['L', 'R'] as const;
  await Promise.all([
    changePerson(db, ANSEL, { ...opened, notes: 'Left ear', before: opened }),
    changePerson(db, ANSEL, { ...opened, wantedTask: 'thread a needle', before: opened }),
    ...[1, 2, 3, 4].flatMap((day) =>
      hands.map((hand) =>
        keepMeasures(db, ANSEL, { measures: [{ hand, kind: 'press', value: day, on: `2026-10-0${day}` }] }),
      ),
    ),
    changePerson(db, ANSEL, { ...flare, before: opened }),
  ]);
  const now = await record();
  expect(now).toMatchObject({ notes: 'Left ear', wantedTask: 'thread a needle' });
  expect(now.conditions[0]!.state).toBe('flare');
  expect(now.measures).toHaveLength(9);
});

test('ten years of measures are saved with the record, and one taken out is told', async () => {
  const years = Array.from({ length: 4_000 }, (_, i) => ({
    hand: i % 2 ? ('L' as const) : ('R' as const),
    kind: 'grip' as const,
    value: 10 + (i % 80) / 10,
    on: new Date(Date.UTC(2016, 0, 1 + Math.floor(i / 2))).toISOString().slice(0, 10),
  }));
  const long = { ...opened, measures: years };
  await changePerson(db, ANSEL, { ...long, before: opened });
  expect((await record()).measures).toHaveLength(4_000);
  const less = { ...long, measures: years.slice(1) };
  expect(await changePerson(db, ANSEL, { ...less, before: long })).toMatchObject({ ok: true });
  expect((await record()).measures).toHaveLength(3_999);
  expect((await loadChanges(db, ANSEL))[0]!.what).toBe('Measure taken out, grip, right: 10 kg of 2016-01-01');
});

test('a record holds no more measures by file or reading than it can be saved with', async () => {
  const days = Array.from({ length: MAX_MEASURES }, (_, n) => addDays('2000-01-01', n));
  const measures = days.map((on) => ({ hand: 'R' as const, kind: 'grip' as const, value: 20, on }));
  await savePerson(db, ANSEL, { ...opened, measures });
  const more = await keepMeasures(db, ANSEL, {
    measures: [{ hand: 'L', kind: 'grip', value: 18, on: '2026-11-24' }],
  });
  expect(more).toMatchObject({
    ok: false,
    message: 'Ansel would have over 5,000 measures, more than a record holds. Nothing was kept.',
  });
  // One of a day that is there takes the place of the last.
  const again = [{ ...measures[0]!, value: 21 }];
  expect(await keepMeasures(db, ANSEL, { measures: again })).toMatchObject({ ok: true });
  expect((await record()).measures).toHaveLength(MAX_MEASURES);
});
