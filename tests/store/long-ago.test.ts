import { dice, type Dice } from '@/core/dice';
import { addDays } from '@/core/days';
import type { LookBack } from '@/core/measure/look-back';
import type { Measure } from '@/core/people/measures';
import { prefilledLine } from '@/core/teach/wrap-up';
import { lookBacks, personResults } from '@/server/measures/results';
import { addClass, addSeries } from '@/store/classes';
import { addGripTest } from '@/store/grip';
import { measuresLookedBackOn, peopleOfClass, putMeasures, savePerson } from '@/store/people';
import { classLinesOf, firstDays, saveWrapUp, timesAttended } from '@/store/wrap-ups';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [SERIES, OTHER] = [id(1), id(2)];
const PEOPLE = Array.from({ length: 24 }, (_, i) => id(100 + i));
const CLASSES = 30;
const FROM = '2026-01-07';
const dayOf = (n: number) => addDays(FROM, 7 * n);
const TODAY = dayOf(CLASSES);
const db = databaseForFile();
const plan = planWith({ move: ['wrist-bend'] });

/** Nothing said, or a number that drifts up, down or nowhere from person to person. */
function pain(roll: Dice, person: number, n: number): number | null {
  if (roll() < 0.3) return null;
  return Math.max(0, Math.min(10, Math.round(4 + ((person % 3) - 1) * n * 0.15 + roll() * 3)));
}

async function addYears(): Promise<void> {
  const roll = dice(7);
  for (const personId of PEOPLE) await savePerson(db, personId, personFields());
  for (const [seriesId, name] of [
    [SERIES, 'Hands'],
    [OTHER, 'Slow Hands'],
  ] as const)
    await addSeries(db, { id: seriesId, name, place: '', slotMinutes: 45 });
  for (let n = 0; n <= CLASSES; n++) {
    await addClass(db, {
      id: id(1000 + n),
      seriesId: n % 5 === 4 ? OTHER : SERIES,
      day: dayOf(n),
      startsAt: '10:30',
      week: 1,
      helpers: [],
      fromClassId: null,
      personIds: PEOPLE,
      plan,
    });
    if (n === CLASSES) continue;
    const people = PEOPLE.flatMap((personId, i) =>
      // Some began late, some came only a few times.
      n < i - 8 || (i % 7 === 6 && n > i)
        ? []
        : [
            {
              ...prefilledLine(personId, [], () => ''),
              present: roll() < 0.8,
              painBeforeLeft: pain(roll, i, n),
              painBeforeRight: pain(roll, i + 1, n),
              painAfterLeft: pain(roll, i, n),
              painAfterRight: pain(roll, i, n),
            },
          ],
    );
    await saveWrapUp(db, id(1000 + n), { people, notes: '' });
  }
  for (const [i, personId] of PEOPLE.entries())
    for (let n = 0; n < CLASSES; n += 3) {
      const value = 20 + (((i % 5) - 2) * n) / 4 + roll();
      if (roll() < 0.5)
        await putMeasures(db, personId, [
          { hand: 'L', kind: 'grip', value, on: dayOf(n) },
          { hand: 'R', kind: 'extension', value: Math.round(value) * 2, on: dayOf(n) },
        ]);
      else
        await addGripTest(db, id(5000 + i * 100 + n), personId, {
          day: dayOf(n),
          trials: [0, 1, 2].map((k) => ({
            hand: 'L',
            peakKg: value + k / 2,
            timeToPeakMs: 900,
            unsteadyPercent: 3,
          })),
        });
    }
}

beforeAll(addYears);

test('to look back on many at once says of each what their own results say', async () => {
  const people = await peopleOfClass(db, id(1000 + CLASSES));
  const looks = await lookBacks(db, people, TODAY);
  const kinds = new Set<LookBack['kind']>();
  for (const personId of PEOPLE) {
    const { lookBack } = (await personResults(db, personId, 'best', TODAY))!;
    expect(looks.get(personId)!.lookBack).toEqual(lookBack);
    kinds.add(lookBack.kind);
  }
  expect(kinds.size).toBeGreaterThanOrEqual(2);
});

test('first days and first classes are what the whole list says', async () => {
  const first = await firstDays(db, PEOPLE);
  const times = await timesAttended(db, PEOPLE, SERIES, dayOf(9), 4);
  const classOf = await db.query<{ day: string; series: string }>(
    'select day::text, series_id as series from class',
  );
  const series = new Map(classOf.map((c) => [c.day, c.series]));
  for (const personId of PEOPLE) {
    const came = (await classLinesOf(db, personId)).filter((c) => c.present);
    expect(first[personId]).toBe(came[0]?.day);
    const before = came.filter((c) => c.day < dayOf(9) && series.get(c.day) === SERIES);
    expect(times[personId] ?? 0).toBe(Math.min(4, before.length));
  }
});

test('a class that is put on another day takes its lines with it', async () => {
  const [personId] = PEOPLE as [string];
  const days = async () => (await classLinesOf(db, personId)).map((c) => c.day);
  expect(await days()).toContain(dayOf(3));
  await db.query('update class set day = $2 where id = $1', [id(1003), addDays(dayOf(3), 1)]);
  expect(await days()).toContain(addDays(dayOf(3), 1));
  expect(await days()).not.toContain(dayOf(3));
});

test('of each measure the newest, and the first', async () => {
  const people = await peopleOfClass(db, id(1000 + CLASSES), 'all');
  const newest = await peopleOfClass(db, id(1000 + CLASSES), 'newest');
  const first = await measuresLookedBackOn(db, newest);
  const bendsOf = (measures: readonly Measure[] | undefined) =>
    (measures ?? []).filter((m) => m.kind === 'extension');
  for (const [i, { id: personId, measures }] of people.entries()) {
    const bends = bendsOf(measures);
    expect(bendsOf(newest[i]!.measures)).toEqual(bends.slice(0, 1));
    expect(bendsOf(first.get(personId))).toEqual(bends.slice(-1));
  }
});
