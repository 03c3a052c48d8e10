import { latestMeasure } from '@/core/people/person';
import { keepGripTest } from '@/server/measures/grip';
import { personResults } from '@/server/measures/results';
import { meterStream, meterWishSchema } from '@/server/measures/meter';
import { readTrial, type Sample } from '@/core/measure/force-curve';
import { loadGripTests } from '@/store/grip';
import { erasePerson } from '@/store/everything';
import { findPerson, listPeople, loadChanges, savePerson } from '@/store/people';
import { personFields } from '../core/people';
import { databaseForFile } from './fresh';

const ANSEL = '00000000-0000-4000-8000-000000000001';
const NOBODY = '00000000-0000-4000-8000-000000000099';
const trial = (hand: 'L' | 'R', peakKg: number) => ({
  hand,
  peakKg,
  timeToPeakMs: 450,
  unsteadyPercent: 1.5,
});
const first = { day: '2026-11-18', trials: [trial('L', 20.1), trial('R', 25), trial('L', 22.3)] };

const db = databaseForFile();
beforeEach(async () => {
  await db.empty();
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel', initial: 'B' }));
});

test('all tries are kept; the best of each hand is on the record, once a day, and in its history', async () => {
  expect(await keepGripTest(db, ANSEL, first)).toMatchObject({ ok: true });
  expect(await loadGripTests(db, ANSEL)).toEqual([first]);
  const grip = async () =>
    (await findPerson(db, ANSEL))!.measures.map((m) => [m.hand, m.kind, m.value, m.on]);
  expect(await grip()).toEqual(
    expect.arrayContaining([
      ['L', 'grip', 22.3, '2026-11-18'],
      ['R', 'grip', 25, '2026-11-18'],
    ]),
  );
  await keepGripTest(db, ANSEL, { day: '2026-11-18', trials: [trial('L', 24)] });
  expect(await grip()).toHaveLength(2);
  expect(await grip()).toEqual(expect.arrayContaining([['L', 'grip', 24, '2026-11-18']]));
  expect((await loadChanges(db, ANSEL)).length).toBeGreaterThan(0);
});

test('a simulated test on one’s own data is kept with its mark, counts for nothing, and takes no real one’s place', async () => {
  const instrument = { name: 'Hydraulic meter', step: 1 };
  await keepGripTest(db, ANSEL, { ...first, instrument }, false);
  await keepGripTest(db, ANSEL, { day: first.day, trials: [trial('L', 60)], simulated: 'demo' }, false);
  await keepGripTest(db, ANSEL, { day: '2026-11-24', trials: [trial('L', 60)], simulated: 'own' }, false);
  expect((await loadGripTests(db, ANSEL)).map((t) => [t.simulated, t.instrument])).toEqual([
    [undefined, instrument],
    ['own', undefined],
    ['own', undefined],
  ]);
  const ansel = (await findPerson(db, ANSEL))!;
  expect(latestMeasure(ansel, 'L', 'grip')).toBe(22.3);
  expect(ansel.measures.filter((m) => m.simulated === 'own').map((m) => [m.on, m.value])).toEqual([
    ['2026-11-24', 60],
  ]);
  const [newest] = await listPeople(db, 'current', 'newest');
  expect(newest!.measures.map((m) => m.value).sort()).toEqual([22.3, 25]);
  const results = (await personResults(db, ANSEL, 'best', '2026-11-24'))!.results;
  expect(results.map((r) => [r.hand, r.points.map((p) => p.value)])).toEqual([
    ['L', [22.3]],
    ['R', [25]],
  ]);
  expect((await loadChanges(db, ANSEL)).map((c) => c.what).join()).toContain(
    '60 kg (simulated, not counted)',
  );
});

test('in the demo everything is made up, so that a simulated test counts, and still says so', async () => {
  await keepGripTest(db, ANSEL, { ...first, simulated: 'own' }, true);
  const { results } = (await personResults(db, ANSEL, 'best', '2026-11-24'))!;
  expect(results.map((r) => [r.baseline, r.points[0]!.simulated])).toEqual([
    [22.3, 'demo'],
    [25, 'demo'],
  ]);
});

test('somebody unknown is refused; erasing a person takes the tests along', async () => {
  expect(await keepGripTest(db, NOBODY, first)).toMatchObject({
    ok: false,
    message: 'There is no such person.',
  });
  await keepGripTest(db, ANSEL, first);
  await erasePerson(db, ANSEL);
  expect(await db.query('select 1 from grip_test')).toEqual([]);
});

describe('the simulated meter over the wire', () => {
  const rate = process.env.OSKIL_CLOCK_RATE;
  beforeAll(() => {
    process.env.OSKIL_CLOCK_RATE = '200';
  });
  afterAll(() => {
    if (rate === undefined) delete process.env.OSKIL_CLOCK_RATE;
    else process.env.OSKIL_CLOCK_RATE = rate;
  });

  async function received(trouble: string): Promise<readonly Sample[]> {
    const wish = meterWishSchema.parse({ peakKg: '22', trouble, seed: '3' });
    const text = await new Response(meterStream(wish)).text();
    return text
      .split('\n')
      .filter(Boolean)
      .map((line) => JSON.parse(line) as Sample);
  }

  test.each([
    ['none', true],
    ['tremor', true],
    ['too early', false],
    ['twice', false],
    ['short', false],
    ['gap', false],
  ])('"%s" counts: %s', async (trouble, counts) => {
    expect(readTrial(await received(trouble)).ok).toBe(counts);
  });

  test('a lost meter breaks off', async () => {
    await expect(received('lost')).rejects.toThrow();
  });

  test.each([
    { peakKg: '0', trouble: 'none', seed: '1' },
    { peakKg: '20', trouble: 'fire', seed: '1' },
    { peakKg: '20', trouble: 'none', seed: 'x' },
  ])('%j is refused', (wish) => {
    expect(meterWishSchema.safeParse(wish).success).toBe(false);
  });
});
