import { findRow } from '@/core/plan/plan';
import { usualWeeks, type Term } from '@/core/term/term';
import { changePlan } from '@/server/classes/plans';
import {
  changeItem,
  changeTerm,
  createTerm,
  generateClasses,
  removeTerm,
  usualPattern,
} from '@/server/terms/terms';
import { loadTerm } from '@/server/terms/term-view';
import { loadClassroom } from '@/server/classes/classroom';
import { addClass, addSeries, classesOfSeries, baselineClass } from '@/store/classes';
import { savePerson } from '@/store/people';
import { loadPlan } from '@/store/plans';
import { setOwnRung } from '@/store/progress';
import { findTerm } from '@/store/terms';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';
import { teachThrough } from './taught';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [SERIES, ANSEL, FIRST] = [id(1), id(11), id(100)];
const TERM: Term = {
  name: 'Spring',
  firstDay: '2026-11-11',
  weeks: usualWeeks(4).map((w, i) => ({ ...w, lighter: i === 2 })),
  days: [{ weekday: 3, startsAt: '10:30' }],
  holidays: [],
};
const plan = planWith({ move: ['wrist-bend'], grip: ['ball-squeeze'] });
const db = databaseForFile();

beforeEach(async () => {
  await db.empty();
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel', initial: 'B' }));
  await addSeries(db, { id: SERIES, name: 'Hands', place: '', slotMinutes: 45 });
  await addClass(db, {
    id: FIRST,
    seriesId: SERIES,
    day: '2026-11-11',
    startsAt: '10:30',
    week: 7,
    helpers: ['Odile'],
    fromClassId: null,
    personIds: [ANSEL],
    plan,
  });
});

async function term(): Promise<string> {
  const made = await createTerm(db, { seriesId: SERIES, term: TERM });
  if (!made.ok) throw new Error(made.message);
  return made.value.id;
}
async function fullTerm() {
  const termId = await term();
  await generateClasses(db, termId, { patternId: FIRST });
  return { termId, classes: await classesOfSeries(db, SERIES, '2026-01-01', '2027-01-01') };
}
const rungsNow = async (classes: readonly { id: string }[]) =>
  Promise.all(
    classes.map(async (c) => {
      const row = findRow((await loadPlan(db, c.id))!.history.plan, 'ball-squeeze')!.row;
      return row.kind === 'movement' ? (row.rung ?? null) : null;
    }),
  );

test('a term is kept as it was made, and a class that is there takes the number of its week', async () => {
  const termId = await term();
  const { id: _, seriesId: __, ...kept } = (await findTerm(db, termId))!;
  expect(kept).toEqual(TERM);
  expect((await classesOfSeries(db, SERIES, '2026-11-11', '2026-11-11'))[0]!.week).toBe(1);
});

test('classes are put in where they are missing, with people, helpers and the plan of their week, and once', async () => {
  const { termId, classes } = await fullTerm();
  expect(classes.map((c) => [c.week, c.day])).toEqual([
    [1, '2026-11-11'],
    [2, '2026-11-18'],
    [3, '2026-11-25'],
    [4, '2026-12-02'],
  ]);
  expect(classes.every((c) => c.expected === 1 && c.helpers[0] === 'Odile')).toBe(true);
  expect((await generateClasses(db, termId, { patternId: FIRST })).ok).toBe(true);
  expect(await classesOfSeries(db, SERIES, '2026-01-01', '2027-01-01')).toHaveLength(4);
});

test('a rung is changed once or carried on, each class can take it back, and again does nothing', async () => {
  const { termId, classes } = await fullTerm();
  const [, second, , last] = classes.map((c) => c.id) as [string, string, string, string];
  const before = await rungsNow(classes);
  const change = { movementId: 'ball-squeeze', nth: 0, rung: 1 };
  const once = await changeItem(db, termId, { ...change, classId: second, untilClassId: second });
  expect(once.ok && once.value.changed.map((c) => c.classId)).toEqual([second]);
  expect(await rungsNow(classes)).toEqual([before[0], 1, ...before.slice(2)]);

  const carried = await changeItem(db, termId, { ...change, rung: 0, classId: second, untilClassId: last });
  expect((await rungsNow(classes)).slice(1)).toEqual([0, 0, 0]);
  const again = await changeItem(db, termId, { ...change, rung: 0, classId: second, untilClassId: last });
  expect(again).toEqual({ ok: true, value: { changed: [] } });

  for (const { classId, version } of carried.ok ? carried.value.changed : [])
    expect((await changePlan(db, classId, { type: 'undo', version })).ok).toBe(true);
  expect(await rungsNow(classes)).toEqual([before[0], 1, ...before.slice(2)]);
});

test('a holiday put in later is told of the class that falls in it; the others take their new week', async () => {
  const { termId } = await fullTerm();
  const holidays = [{ from: '2026-11-16', until: '2026-11-20', what: 'half-term' }];
  expect((await changeTerm(db, termId, { ...TERM, holidays })).ok).toBe(true);
  const view = (await loadTerm(db, termId, null))!;
  expect(view.offCalendar.map((a) => a.words)).toEqual([
    'Hands, week 2, on 2026-11-18, falls in a holiday (half-term).',
  ]);
  expect(view.missing.map((c) => c.day)).toEqual(['2026-12-09']);
  expect(view.columns.find((c) => c.info.day === '2026-11-25')!.info.week).toBe(2);
});

test('weeks add up what their classes ask, for the group and for one person', async () => {
  const { termId } = await fullTerm();
  const group = (await loadTerm(db, termId, null))!;
  expect(group.weeks[0]!.planned.reps.grip).toBeGreaterThan(0);
  expect(group.weeks.every((w) => w.done === null)).toBe(true);
  expect(group.weeks[2]!.planned.reps.grip).toBeLessThan(group.weeks[1]!.planned.reps.grip);
  const own = (await loadTerm(db, termId, ANSEL))!;
  expect(own.person?.firstName).toBe('Ansel');
  expect(own.weeks[0]!.planned.reps).toEqual(group.weeks[0]!.planned.reps);
});

test.each([
  ['an unknown series', () => createTerm(db, { seriesId: id(9), term: TERM })],
  ['an unknown term', () => generateClasses(db, id(9), { patternId: FIRST })],
  ['a term id that is none', () => changeTerm(db, 'x', TERM)],
])('%s is refused and nothing is written', async (_, attempt) => {
  expect((await attempt()).ok).toBe(false);
  expect(await db.query('select 1 from term')).toEqual([]);
});

test('a class that was taught stays as it was, and nothing is carried from it', async () => {
  const { termId, classes } = await fullTerm();
  const [first, , , last] = classes.map((c) => c.id) as [string, string, string, string];
  await teachThrough(db, first, { plan, people: [], helpers: [], slotMs: 1, shown: [] }, '2026-11-11');
  const before = await rungsNow(classes);
  const change = { movementId: 'ball-squeeze', nth: 0, rung: 1, classId: first, untilClassId: last };
  expect(await changeItem(db, termId, change)).toMatchObject({
    ok: false,
    message: 'A class that was taught stays as it was.',
  });
  expect(await rungsNow(classes)).toEqual(before);
});

test('increases are measured against the last class outside a lighter week; what was taught last is another thing', async () => {
  const { classes } = await fullTerm();
  const plans = [
    planWith({ move: ['wrist-bend'] }),
    planWith({ move: ['open-close'] }),
    planWith({ move: ['palms-turn'] }),
  ];
  for (const [i, taught] of plans.entries()) {
    const { id: classId, day } = classes[i]!;
    await teachThrough(db, classId, { plan: taught, people: [], helpers: [], slotMs: 1, shown: [] }, day);
  }
  // The third week is lighter, so the fourth is set against the second.
  expect((await baselineClass(db, SERIES, classes[3]!.day))?.plan).toEqual(plans[1]);
  expect((await baselineClass(db, SERIES, classes[2]!.day))?.plan).toEqual(plans[1]);
  expect(await baselineClass(db, SERIES, classes[0]!.day)).toBeNull();
  const [third, fourth] = await Promise.all([2, 3].map((i) => loadClassroom(db, classes[i]!.id)));
  expect(third).toMatchObject({
    baseline: { plan: plans[1], isLastTaught: true },
    lastTaught: { plan: plans[1] },
  });
  expect(fourth).toMatchObject({
    baseline: { plan: plans[1], isLastTaught: false },
    lastTaught: { plan: plans[2] },
  });
});

test('others are made from a class of a usual week where there is one', async () => {
  const { classes } = await fullTerm();
  expect(usualPattern(TERM.weeks, classes.slice(0, 3))?.week).toBe(2);
  expect(usualPattern(TERM.weeks, classes.slice(2, 3))?.week).toBe(3);
  expect(usualPattern(TERM.weeks, [])).toBeNull();
});

test('two terms of a series do not share days; one after the other is well', async () => {
  const termId = await term();
  const clash = await createTerm(db, { seriesId: SERIES, term: { ...TERM, firstDay: '2026-12-02' } });
  expect(clash).toMatchObject({
    ok: false,
    message: 'Spring has days in common with this term. Change it, or begin after it.',
  });
  const next = await createTerm(db, {
    seriesId: SERIES,
    term: { ...TERM, name: 'Next', firstDay: '2026-12-03' },
  });
  expect(next.ok).toBe(true);
  const longer = { ...TERM, weeks: [...usualWeeks(6)] };
  expect((await changeTerm(db, termId, longer)).ok).toBe(false);
  expect((await changeTerm(db, termId, { ...TERM, name: 'Renamed' })).ok).toBe(true);
});

test('a term is taken away and put back; its classes stay', async () => {
  const { termId, classes } = await fullTerm();
  const gone = await removeTerm(db, termId);
  expect(gone).toEqual({ ok: true, value: { seriesId: SERIES, term: TERM } });
  expect(await findTerm(db, termId)).toBeNull();
  expect(await classesOfSeries(db, SERIES, '2026-01-01', '2027-01-01')).toEqual(classes);
  expect((await createTerm(db, gone.ok ? gone.value : { seriesId: SERIES, term: TERM })).ok).toBe(true);
});

test('somebody with a rung of their own is asked for less where they stand lower', async () => {
  const { termId } = await fullTerm();
  await setOwnRung(db, SERIES, { personId: ANSEL, movementId: 'ball-squeeze', rung: 0 }, 2, '2026-11-10');
  const [group, own] = [(await loadTerm(db, termId, null))!, (await loadTerm(db, termId, ANSEL))!];
  expect(own.weeks[3]!.planned.gripEffort).toBeLessThan(group.weeks[3]!.planned.gripEffort);
  expect(own.weeks[3]!.planned.reps).toEqual(group.weeks[3]!.planned.reps);
});
