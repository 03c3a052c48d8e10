import { addDays, format, parseISO } from 'date-fns';
import { dice } from '@/core/dice';
import type { Plan } from '@/core/plan';
import type { Person } from '@/core/people';
import { rowsOfSnapshot, START, type Snapshot, type TeachState } from '@/core/teach';
import { usualWeeks } from '@/core/term';
import { CATALOGUE } from '@/catalogue/movements';
import { setBag } from '@/store/bag';
import { addClass, addSeries, shownMovements } from '@/store/classes';
import type { Db } from '@/store/db';
import { addGripTest } from '@/store/grip';
import { isEmpty, savePerson } from '@/store/people';
import { saveTerm } from '@/store/terms';
import { addMark, recordEvents, startTeaching } from '@/store/teaching';
import { saveWrapUp } from '@/store/wrap-ups';
import { demoMeasures } from './measures';
import { demoPeople, type DemoPerson } from './people';
import { DEMO_BAG, fridayPlan, wednesdayPlan } from './plans';
import { demoAttendance, demoEvents, demoMarks } from './records';

const NEXT_WEEK = 4;
const TERM_WEEKS = 8;
const [WEDNESDAY, FRIDAY] = [3, 5];

type Group = {
  readonly key: 'wed' | 'fri';
  readonly name: string;
  readonly slotMinutes: number;
  readonly weekday: number;
  readonly startsAt: string;
  readonly helpersIn: (week: number) => readonly string[];
  readonly plan: (week: number) => Plan;
  /** How much longer set-up really takes, by week; one class ran over. */
  readonly drag: readonly number[];
};

const GROUPS: readonly Group[] = [
  {
    key: 'wed',
    name: 'Wednesday Hands',
    slotMinutes: 45,
    weekday: WEDNESDAY,
    startsAt: '10:30',
    helpersIn: (week) => (week % 2 === 0 ? ['Odile', 'Pim'] : ['Odile']),
    plan: wednesdayPlan,
    drag: [1.0, 2.2, 1.1],
  },
  {
    key: 'fri',
    name: 'Friday Slow Hands',
    slotMinutes: 30,
    weekday: FRIDAY,
    startsAt: '11:00',
    helpersIn: (week) => (week % 2 === 0 ? ['Pim'] : []),
    plan: fridayPlan,
    drag: [0.8, 1.1, 1.0],
  },
];

/** Load Fernhollow Glasshouse, dated around `today`, if the database holds nothing yet. Returns whether it did. */
export async function loadDemo(db: Db, today: string, newId: () => string): Promise<boolean> {
  if (!(await isEmpty(db))) return false;
  await db.transaction(async (tx) => {
    const people = await addPeople(tx, today, newId);
    for (const [propId, pieces] of Object.entries(DEMO_BAG)) await setBag(tx, propId, pieces);
    for (const group of GROUPS) await addGroup(tx, group, people, today, newId);
  });
  return true;
}

type Known = DemoPerson & { readonly id: string };

/** The people, with what was measured of them on the first and the third Wednesday. */
async function addPeople(db: Db, today: string, newId: () => string): Promise<readonly Known[]> {
  const wednesday = (week: number) => dayOfWeek(nextWeekday(today, WEDNESDAY), week);
  const known: Known[] = [];
  for (const p of demoPeople((days) => isoDay(addDays(parseISO(today), days)))) {
    const { measures, tests } = demoMeasures(p.fields.firstName, wednesday(1), wednesday(3));
    const person = {
      ...p,
      id: newId(),
      fields: { ...p.fields, measures: [...p.fields.measures, ...measures] },
    };
    await savePerson(db, person.id, person.fields);
    for (const test of tests) await addGripTest(db, newId(), person.id, test);
    known.push(person);
  }
  return known;
}

/** The day of a week, told from that of the next class. */
const dayOfWeek = (next: string, week: number): string =>
  isoDay(addDays(parseISO(next), (week - NEXT_WEEK) * 7));

const SEASONS = ['winter', 'spring', 'summer', 'autumn'] as const;

/** The season that a day falls in, by whole months from March on. */
const seasonOf = (day: string): string => SEASONS[Math.floor((Number(day.slice(5, 7)) % 12) / 3)]!;

async function addGroup(db: Db, group: Group, people: readonly Known[], today: string, newId: () => string) {
  const seriesId = newId();
  await addSeries(db, {
    id: seriesId,
    name: group.name,
    place: 'Fernhollow Glasshouse',
    slotMinutes: group.slotMinutes,
  });
  const next = nextWeekday(today, group.weekday);
  const firstDay = dayOfWeek(next, 1);
  await saveTerm(db, newId(), seriesId, {
    name: `${group.name}, ${seasonOf(firstDay)}`,
    firstDay,
    weeks: [...usualWeeks(TERM_WEEKS)],
    days: [{ weekday: group.weekday, startsAt: group.startsAt }],
    holidays: [],
  });
  let previous: string | null = null;
  for (let week = 1; week <= NEXT_WEEK; week++) {
    const id = newId();
    const day = dayOfWeek(next, week);
    const expected = people.filter((p) => p.groups.includes(group.key) && p.fromWeek <= week);
    const plan = group.plan(week);
    await addClass(db, {
      id,
      seriesId,
      day,
      startsAt: group.startsAt,
      week,
      helpers: group.helpersIn(week),
      fromClassId: previous,
      personIds: expected.map((p) => p.id),
      plan,
    });
    if (week < NEXT_WEEK) await teach(db, { id, seriesId, day, week, plan, expected }, group, newId);
    previous = id;
  }
}

type DemoClass = {
  id: string;
  seriesId: string;
  day: string;
  week: number;
  plan: Plan;
  expected: readonly Known[];
};

async function teach(db: Db, c: DemoClass, group: Group, newId: () => string): Promise<void> {
  const roll = dice(c.week * 100 + group.weekday);
  const present = (p: Known) => !p.missed.includes(c.week);
  const people: Person[] = c.expected.map(({ id, fields }) => ({ ...fields, id, archived: false }));
  const helpers = group.helpersIn(c.week);
  const shown = await shownMovements(db, c.seriesId, c.day);
  const snapshot: Snapshot = { plan: c.plan, people, helpers, slotMs: group.slotMinutes * 60_000, shown };
  const rows = rowsOfSnapshot(snapshot, CATALOGUE);
  const events = demoEvents(rows, group.drag[c.week - 1]!, roll);
  const attending = c.expected.filter(present);
  const marks = demoMarks(
    rows,
    people.filter((p) => attending.some((a) => a.id === p.id)),
    newId,
    roll,
  );
  const startedAt = parseISO(`${c.day}T${group.startsAt}:00`).getTime();
  const done: TeachState = { ...START, rowIndex: rows.length, phase: 'done' };
  await startTeaching(db, c.id, snapshot, done, startedAt);
  await recordEvents(db, c.id, 0, events, done);
  for (const mark of marks) await addMark(db, c.id, mark);
  const titleOf = (rowId: string) => rows.find((r) => r.rowId === rowId)?.title ?? rowId;
  const isPresent = (p: Person) => attending.some((a) => a.id === p.id);
  await saveWrapUp(db, c.id, {
    people: [...demoAttendance(people, isPresent, marks, titleOf, roll, c.week)],
    notes: NOTES[group.key][c.week - 1] ?? '',
  });
}

const NOTES = {
  wed: [
    'First class. Slow start, everyone learned the five shapes.',
    'Ran over: the cloths took an age to hand out. Bashir’s thumb was sore afterwards.',
    'Better pace. Mirek joined.',
  ],
  fri: ['Quiet group, liked the web stretch.', '', 'Petra’s finger caught once, stopped at once.'],
} as const;

const isoDay = (date: Date): string => format(date, 'yyyy-MM-dd');

/** The given weekday on or after a day. */
function nextWeekday(day: string, weekday: number): string {
  const date = parseISO(day);
  return isoDay(addDays(date, (weekday - date.getDay() + 7) % 7));
}
