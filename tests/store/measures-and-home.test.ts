import { CATALOGUE } from '@/catalogue/movements';
import { homeCardSheet } from '@/server/sheets/home-cards';
import { prefilledLine } from '@/core/teach/wrap-up';
import { dueAt } from '@/server/measures/reminders';
import { groupResults } from '@/server/measures/group-results';
import { cardsToPrint, homeAfter, makeCards, logHomeDay } from '@/server/home/home';
import { keepMeasures } from '@/server/measures/measures';
import { personResults } from '@/server/measures/results';
import { createTerm } from '@/server/terms/terms';
import { changeVisit } from '@/server/measures/visits';
import { saveCall } from '@/store/calls';
import { addClass, addSeries, findClass, type ClassInfo } from '@/store/classes';
import { answerDecisions } from '@/server/progress/decisions';
import { storyWords } from '@/core/progress';
import { NOTHING_NEW } from '@/core/screening';
import { saveCheckIn } from '@/store/check-ins';
import { erasePerson, everythingAbout } from '@/store/everything';
import { classStories } from '@/store/person-story';
import { findPerson, listPeople, peopleOfClass, loadChanges, savePerson } from '@/store/people';
import { saveWrapUp } from '@/store/wrap-ups';
import { usualWeeks } from '@/core/term/term';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';
import { teachThrough } from './taught';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const SERIES = id(1);
const PEOPLE = [11, 12, 13, 14, 15].map(id);
const [ANSEL, BEA] = PEOPLE as [string, string];
const [TAUGHT, NEXT] = [id(100), id(101)];
const plan = planWith({
  move: ['wrist-bend', 'thumb-to-tips', 'palms-turn', 'open-close'],
  grip: ['cloth-wring'],
  ease: ['web-stretch'],
});
const db = databaseForFile();

beforeEach(async () => {
  await db.empty();
  for (const [i, personId] of PEOPLE.entries())
    await savePerson(db, personId, personFields({ firstName: ['Ansel', 'Bea', 'Cai', 'Dov', 'Eli'][i]! }));
  await addSeries(db, { id: SERIES, name: 'Hands', place: '', slotMinutes: 45 });
  for (const [classId, day, week] of [
    [TAUGHT, '2026-11-11', 1],
    [NEXT, '2026-11-18', 2],
  ] as const)
    await addClass(db, {
      id: classId,
      seriesId: SERIES,
      day,
      startsAt: '10:30',
      week,
      helpers: [],
      fromClassId: null,
      personIds: PEOPLE,
      plan,
    });
  const people = await listPeople(db);
  const snapshot = { plan, people, helpers: [], slotMs: 1, shown: [] };
  await teachThrough(db, TAUGHT, snapshot, '2026-11-11');
  await saveWrapUp(db, TAUGHT, {
    people: PEOPLE.map((p) => ({ ...prefilledLine(p, [], () => ''), present: p !== BEA })),
    notes: '',
  });
});

describe('measures', () => {
  test('are kept with their change, and the same of one day takes the place of the old', async () => {
    const opposition = (value: number, on: string) => ({ kind: 'opposition', hand: 'L', value, on }) as const;
    await keepMeasures(db, ANSEL, { measures: [opposition(5, '2026-11-11'), opposition(7, '2026-11-18')] });
    await keepMeasures(db, ANSEL, { measures: [opposition(8, '2026-11-18')] });
    expect((await findPerson(db, ANSEL))!.measures.map((m) => m.value)).toEqual([8, 5]);
    expect((await loadChanges(db, ANSEL)).map((c) => c.what)).toContain(
      'Measured thumb opposition, left: 8 of 10',
    );
    const { results } = (await personResults(db, ANSEL, 'best', '2026-11-18'))!;
    expect(results).toMatchObject([{ kind: 'opposition', baseline: 5, now: 8, change: 'better' }]);
  });

  test('of nobody are refused', async () => {
    const measures = [{ kind: 'flexion', hand: 'L', value: 40, on: '2026-11-18' } as const];
    expect((await keepMeasures(db, id(9), { measures })).ok).toBe(false);
    expect((await keepMeasures(db, 'x', { measures })).ok).toBe(false);
  });

  test('the database refuses a hand or a kind that is none', async () => {
    for (const [hand, kind] of [
      ['X', 'grip'],
      ['L', 'height'],
    ])
      await expect(
        db.query('insert into measure (person_id, hand, kind, value, on_day) values ($1, $2, $3, 1, now())', [
          ANSEL,
          hand,
          kind,
        ]),
      ).rejects.toThrow();
  });
});

describe('home practice', () => {
  const cardsOf = async () => (await homeAfter(db, TAUGHT))!;

  test('is for those who came, from what was counted, and is printed with the next class in mind', async () => {
    const home = await cardsOf();
    expect(home.people.map((p) => p.person.firstName)).toEqual(['Ansel', 'Cai', 'Dov', 'Eli']);
    const [ansel] = home.people;
    const rowIds = [...ansel!.choice.proposed];
    expect(rowIds.length).toBeGreaterThanOrEqual(3);
    expect(await makeCards(db, TAUGHT, { cards: [{ personId: ANSEL, rowIds, timesADay: 3 }] })).toEqual({
      ok: true,
      value: { made: 1 },
    });
    const [card] = await cardsToPrint(db, TAUGHT);
    expect(card!.card.rows.map((r) => r.id)).toEqual(rowIds);
    expect(card!.nextClass?.day).toBe('2026-11-18');
  });

  test('making a card again changes it; what was told stays', async () => {
    const rowIds = [...(await cardsOf()).people[0]!.choice.proposed];
    const make = (timesADay: number) =>
      makeCards(db, TAUGHT, { cards: [{ personId: ANSEL, rowIds, timesADay }] });
    await make(3);
    const cardId = (await cardsToPrint(db, TAUGHT))[0]!.card.id;
    await logHomeDay(db, cardId, { day: '2026-11-12', times: 2 });
    await make(2);
    const [card] = await cardsToPrint(db, TAUGHT);
    expect(card!.card).toMatchObject({ id: cardId, timesADay: 2 });
    expect(card!.logged).toEqual([{ day: '2026-11-12', times: 2 }]);
    expect((await personResults(db, ANSEL, 'best', '2026-11-18'))!.home).toEqual({ cards: 1, days: 1 });
  });

  test('a card keeps its hours and gap, and some cards are printed without the others', async () => {
    const { people } = await cardsOf();
    const hours = { fromMin: 540, untilMin: 1140, gapMin: 120 };
    const of = (i: number, more = {}) => ({
      personId: people[i]!.person.id,
      rowIds: people[i]!.choice.proposed.slice(0, 3),
      timesADay: 6,
      ...more,
    });
    expect(await makeCards(db, TAUGHT, { cards: [of(0, { hours }), of(1)] })).toMatchObject({ ok: true });
    const all = await cardsToPrint(db, TAUGHT);
    expect(all.map((c) => c.card.hours)).toEqual([hours, null]);
    const words = JSON.stringify(homeCardSheet(all[0]!, CATALOGUE));
    expect(words).toMatch(
      /6 times a day, about every 2 hours from 9:00 to 19:00, about .* each time, about .* a day/,
    );
    expect((await cardsToPrint(db, TAUGHT, [people[1]!.person.id])).map((c) => c.person.id)).toEqual([
      people[1]!.person.id,
    ]);
  });

  test.each([
    ['what that person may not do alone', { personId: ANSEL, rowIds: ['cloth-wring'], timesADay: 3 }],
    ['somebody who did not come', { personId: BEA, rowIds: ['wrist-bend'], timesADay: 3 }],
  ])('%s is not put on a card, and no other card is made', async (_, wrong) => {
    const good = { personId: PEOPLE[2]!, rowIds: ['wrist-bend'], timesADay: 3 };
    expect((await makeCards(db, TAUGHT, { cards: [good, wrong] })).ok).toBe(false);
    expect(await cardsToPrint(db, TAUGHT)).toEqual([]);
  });

  test('a class that was not taught has none', async () => {
    expect(await homeAfter(db, NEXT)).toBeNull();
    expect((await logHomeDay(db, id(9), { day: '2026-11-12', times: 1 })).ok).toBe(false);
  });
});

describe('the measuring day', () => {
  const visit = (personId: string, what: 'begin' | 'end' | 'take back', station = 'grip' as const) =>
    changeVisit(db, NEXT, { personId, station, what });

  test('one at a time at a station; done makes room; taken back is as if it had not been', async () => {
    expect((await visit(ANSEL, 'begin')).ok).toBe(true);
    expect(await visit(BEA, 'begin')).toMatchObject({ ok: false, code: 'busy' });
    await visit(ANSEL, 'end');
    const begun = await visit(BEA, 'begin');
    expect(begun.ok && begun.value.visits.map((v) => [v.personId, v.endedAt === null])).toEqual([
      [ANSEL, false],
      [BEA, true],
    ]);
    const back = await visit(BEA, 'take back');
    expect(back.ok && back.value.visits).toHaveLength(1);
  });

  test('nobody is at two stations, and nobody from elsewhere is at any', async () => {
    await visit(ANSEL, 'begin');
    expect(await changeVisit(db, NEXT, { personId: ANSEL, station: 'press', what: 'begin' })).toMatchObject({
      code: 'busy',
    });
    expect((await visit(id(9), 'begin')).ok).toBe(false);
  });
});

test('the database itself lets one person be at a station, and a person at one station', async () => {
  const begin = (personId: string, station: string) =>
    db.query(
      'insert into station_visit (class_id, person_id, station, started_at) values ($1, $2, $3, now())',
      [NEXT, personId, station],
    );
  await begin(ANSEL, 'grip');
  await expect(begin(BEA, 'grip')).rejects.toThrow();
  await expect(begin(ANSEL, 'press')).rejects.toThrow();
  await begin(BEA, 'press');
});

describe('what is due', () => {
  const due = async (info: ClassInfo, today: string) =>
    dueAt(db, info, await peopleOfClass(db, info.id), today);

  test('those who came and were never measured; after four weeks again', async () => {
    const info = (await findClass(db, NEXT))!;
    expect((await due(info, '2026-11-17')).measure).toEqual(['Ansel', 'Cai', 'Dov', 'Eli']);
    const measures = [{ kind: 'flexion', hand: 'L', value: 40, on: '2026-11-17' } as const];
    await keepMeasures(db, ANSEL, { measures });
    expect((await due(info, '2026-11-17')).measure).not.toContain('Ansel');
    expect((await due(info, '2026-12-15')).measure).toContain('Ansel');
  });

  test('what asks for a clinician’s advice: worse twice running, new numbness', async () => {
    const info = (await findClass(db, NEXT))!;
    expect((await due(info, '2026-11-17')).signs).toEqual([]);
    await saveWrapUp(db, NEXT, { people: [prefilledLine(ANSEL, [], () => '')], notes: '' });
    for (const classId of [TAUGHT, NEXT]) {
      await saveCall(db, classId, { personId: ANSEL, slot: 'next morning', worse: true });
      await db.query("insert into check_in (class_id, person_id, numb_hand) values ($1, $2, 'L')", [
        classId,
        ANSEL,
      ]);
    }
    expect((await due(info, '2026-11-17')).signs).toEqual([
      {
        id: ANSEL,
        name: 'Ansel',
        words: 'worse two hours after class or next morning, twice running; new numbness or tingling',
      },
    ]);
  });

  test('in a week of review everybody', async () => {
    await createTerm(db, {
      seriesId: SERIES,
      term: {
        name: 'Short',
        firstDay: '2026-11-11',
        weeks: [usualWeeks(2)[0]!, { phase: 'review', lighter: false }],
        days: [{ weekday: 3, startsAt: '10:30' }],
        holidays: [],
      },
    });
    const inReview = await due((await findClass(db, NEXT))!, '2026-11-17');
    expect(inReview.measure).toHaveLength(5);
    expect(inReview.why).toBe('it is the week to measure');
  });

  test('who is worse after three weeks', async () => {
    const worse = [60, 40].map(
      (value, i) => ({ kind: 'flexion', hand: 'L', value, on: ['2026-11-11', '2026-12-02'][i]! }) as const,
    );
    await keepMeasures(db, ANSEL, { measures: worse });
    const info = (await findClass(db, NEXT))!;
    expect((await due(info, '2026-11-25')).worse).toEqual([]);
    expect((await due(info, '2026-12-02')).worse).toEqual([{ id: ANSEL, name: 'Ansel' }]);
  });
});

test('a term is told without names, and with fewer than five people hardly at all', async () => {
  const made = await createTerm(db, {
    seriesId: SERIES,
    term: {
      name: 'Autumn',
      firstDay: '2026-11-11',
      weeks: [...usualWeeks(3)],
      days: [{ weekday: 3, startsAt: '10:30' }],
      holidays: [],
    },
  });
  const termId = made.ok ? made.value.id : '';
  expect(await groupResults(db, termId)).toMatchObject({ classes: 1, people: null, came: null });
  await saveWrapUp(db, TAUGHT, { people: PEOPLE.map((p) => prefilledLine(p, [], () => '')), notes: '' });
  for (const personId of PEOPLE)
    await keepMeasures(db, personId, {
      measures: [
        { kind: 'task ease', hand: 'both', value: 9, on: '2026-10-01' },
        { kind: 'task ease', hand: 'both', value: 3, on: '2026-11-11' },
        { kind: 'task ease', hand: 'both', value: 6, on: '2026-11-18' },
      ],
    });
  const told = (await groupResults(db, termId))!;
  expect(told).toMatchObject({ people: 5, came: 5 });
  // What was measured before the term does not count.
  expect(told.summary.lines).toEqual([{ kind: 'task ease', people: 5, better: 5, same: 0, worse: 0 }]);
  expect(JSON.stringify(told.summary)).not.toContain('Ansel');
});

test('all of it belongs to what is held about a person, and goes when they are erased', async () => {
  const rowIds = [...(await homeAfter(db, TAUGHT))!.people[0]!.choice.proposed];
  await makeCards(db, TAUGHT, { cards: [{ personId: ANSEL, rowIds, timesADay: 3 }] });
  await changeVisit(db, NEXT, { personId: ANSEL, station: 'grip', what: 'begin' });
  const held = (await everythingAbout(db, ANSEL))!;
  expect(held.homePractice).toHaveLength(1);
  expect(held.measuringDays).toHaveLength(1);
  expect(await erasePerson(db, ANSEL)).toBe(true);
  expect(await cardsToPrint(db, TAUGHT)).toEqual([]);
  expect(await db.query('select 1 from station_visit')).toEqual([]);
});

test('a class is one line about a person, with all that was entered anywhere; newest first, and only what was taught', async () => {
  await saveCheckIn(db, TAUGHT, ANSEL, { ...NOTHING_NEW, painLeft: 2, words: 'since Sunday' });
  const rowIds = [...(await homeAfter(db, TAUGHT))!.people[0]!.choice.proposed];
  await makeCards(db, TAUGHT, { cards: [{ personId: ANSEL, rowIds, timesADay: 3 }] });
  await answerDecisions(db, TAUGHT, { answers: [{ personId: ANSEL, family: 'grip', rungs: -1 }] });
  const [story, ...others] = await classStories(db, ANSEL, 10);
  expect(others).toEqual([]);
  expect(story).toMatchObject({ classId: TAUGHT, day: '2026-11-11', name: 'Hands', week: 1 });
  expect(storyWords(story!)).toBe(
    'Came, all as usual. At the door: pain 2 left. “since Sunday”. Grip: 1 rung back. A home card, nothing told of it.',
  );
  expect(storyWords((await classStories(db, BEA, 10))[0]!)).toBe('Did not come.');
  expect(await classStories(db, ANSEL, 0)).toEqual([]);
});
