import { inspect } from 'node:util';
import { emptyPlan } from '@/core/plan/plan';
import { addClass, addSeries, classOfSeriesOn, findClass, setRoster } from '@/store/classes';
import { findPerson, listPeople, peopleOfClass, savePerson, setArchived } from '@/store/people';
import {
  addMark,
  loadMarks,
  loadReports,
  recordEvents,
  startTeaching,
  loadEvents,
  loadTaught,
} from '@/store/teaching';
import { saveWrapUp, loadAttendance } from '@/store/wrap-ups';
import { START } from '@/core/teach/state';
import { databaseForFile } from './fresh';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [ANSEL, BASHIR, SERIES, CLASS, GONE] = [id(1), id(2), id(10), id(20), id(99)];
const fields = {
  firstName: 'Ansel',
  initial: 'B',
  dominantHand: 'R' as const,
  screened: true,
  assistance: 0,
  wantedTask: '',
  notes: '',
  positions: ['chair' as const],
  propsOut: [],
  measures: [],
  conditions: [
    { conditionId: 'hand-oa', side: 'R' as const, state: 'settled' as const, since: '2026-01-31', spots: [] },
  ],
  clearances: [
    {
      scope: 'seated loading' as const,
      side: 'L' as const,
      by: 'Dr A',
      on: '2026-11-01',
      until: null,
      what: 'seated',
    },
  ],
};
const snapshot = { plan: emptyPlan(), people: [], helpers: [], slotMs: 1, shown: [] };

const db = databaseForFile();
beforeEach(async () => {
  await db.empty();
  await savePerson(db, ANSEL, fields);
  await savePerson(db, BASHIR, { ...fields, firstName: 'Bashir', conditions: [], clearances: [] });
  await addSeries(db, { id: SERIES, name: 'Hands', place: '', slotMinutes: 45 });
  await addClass(db, {
    id: CLASS,
    seriesId: SERIES,
    day: '2026-11-25',
    startsAt: '10:30',
    week: 1,
    helpers: ['Odile'],
    fromClassId: null,
    personIds: [ANSEL, BASHIR],
    plan: emptyPlan(),
  });
});

test('a person comes back as saved, with conditions, clearances and plain dates', async () => {
  expect(await findPerson(db, ANSEL)).toEqual({ id: ANSEL, ...fields, archived: false });
});

test('saving again replaces conditions rather than adding to them', async () => {
  await savePerson(db, ANSEL, { ...fields, conditions: [{ ...fields.conditions[0]!, side: 'L' }] });
  expect((await findPerson(db, ANSEL))!.conditions.map((c) => c.side)).toEqual(['L']);
});

test('what the database refuses is told without the values it was given', async () => {
  const named = { ...fields, firstName: 'Ansel', notes: 'Lives at the mill', assistance: 9 };
  const refusal = await savePerson(db, ANSEL, named).then(
    () => null,
    (error: unknown) => error as Error & { code: string },
  );
  expect(refusal).toMatchObject({ name: 'DatabaseRefusal', code: '23514' });
  expect(inspect(refusal, { depth: 5 })).toContain('person');
  expect(inspect(refusal, { depth: 5 })).not.toMatch(/Ansel|the mill/);
});

test('an archived person leaves lists and classes, and comes back whole', async () => {
  await setArchived(db, ANSEL, true);
  expect((await listPeople(db)).map((p) => p.firstName)).toEqual(['Bashir']);
  expect((await peopleOfClass(db, CLASS)).map((p) => p.firstName)).toEqual(['Bashir']);
  expect((await findClass(db, CLASS))!.expected).toBe(1);
  await setArchived(db, ANSEL, false);
  expect((await peopleOfClass(db, CLASS)).map((p) => p.firstName)).toEqual(['Ansel', 'Bashir']);
  expect(await setArchived(db, GONE, true)).toBe(false);
});

test('the class comes back with local day and time', async () => {
  expect(await findClass(db, CLASS)).toMatchObject({
    name: 'Hands',
    day: '2026-11-25',
    startsAt: '10:30',
    helpers: ['Odile'],
    status: 'planned',
    expected: 2,
  });
  expect(await classOfSeriesOn(db, SERIES, '2026-11-25')).toBe(CLASS);
});

const insert = (sql: string, params: unknown[] = []) => db.query(sql, params);

test.each<[string, () => Promise<unknown>]>([
  ['a nameless person', () => savePerson(db, id(3), { ...fields, firstName: '  ' })],
  ['a name of 41 letters', () => savePerson(db, id(3), { ...fields, firstName: 'x'.repeat(41) })],
  ['assistance 4', () => savePerson(db, id(3), { ...fields, assistance: 4 })],
  [
    'a clearance that ends before it starts',
    () =>
      savePerson(db, id(3), { ...fields, clearances: [{ ...fields.clearances[0]!, until: '2026-10-01' }] }),
  ],
  [
    'the same condition twice on one hand',
    () => savePerson(db, id(3), { ...fields, conditions: [...fields.conditions, ...fields.conditions] }),
  ],
  [
    'a side that is no side',
    () => insert(`insert into person_condition values ($1, 'hand-oa', 'X', 'settled')`, [ANSEL]),
  ],
  [
    'two classes of a series on one day',
    () =>
      insert(
        `insert into class (id, series_id, day, starts_at, week) values ($1, $2, '2026-11-25', '12:00', 2)`,
        [id(21), SERIES],
      ),
  ],
  ['a slot of 5 minutes', () => addSeries(db, { id: id(11), name: 'Short', place: '', slotMinutes: 5 })],
  ['a stranger on the list', () => setRoster(db, CLASS, [GONE])],
  [
    'a mark in a class that has not begun',
    () => addMark(db, CLASS, { id: id(30), personId: ANSEL, rowId: 'r', mark: 'did', atMs: 0 }),
  ],
  ['a negative number of balls', () => insert(`insert into bag values ('foam-ball', -1)`)],
  [
    'pain of 11',
    () =>
      insert(
        `insert into attendance (class_id, person_id, present, pain_after_left) values ($1, $2, true, 11)`,
        [CLASS, ANSEL],
      ),
  ],
])('%s is refused', async (_, act) => {
  await expect(act()).rejects.toThrow();
});

test('a refused roster leaves the old one', async () => {
  await expect(setRoster(db, CLASS, [ANSEL, GONE])).rejects.toThrow();
  expect(await peopleOfClass(db, CLASS)).toHaveLength(2);
});

test('a refused person leaves the old record', async () => {
  await expect(savePerson(db, ANSEL, { ...fields, assistance: 9 })).rejects.toThrow();
  expect(await findPerson(db, ANSEL)).toMatchObject(fields);
});

describe('teaching', () => {
  beforeEach(() => startTeaching(db, CLASS, snapshot, START, 1_000_000));

  test('beginning twice keeps the first beginning', async () => {
    await startTeaching(db, CLASS, snapshot, START, 2_000_000);
    expect((await loadTaught(db, CLASS))!.startedAtMs).toBe(1_000_000);
  });

  test('a snapshot of an earlier version has the ranges of the wrist by their terms', async () => {
    const measures = [{ hand: 'L', kind: 'bend back', value: 35, on: '2026-11-02' }];
    await db.query(`update taught set snapshot = jsonb_set(snapshot, '{people}', $2) where class_id = $1`, [
      CLASS,
      JSON.stringify([{ id: ANSEL, ...fields, measures }]),
    ]);
    const [kept] = (await loadTaught(db, CLASS))!.snapshot.people;
    expect(kept!.measures).toEqual([{ ...measures[0], kind: 'extension' }]);
  });

  test('a mark sent twice is stored once', async () => {
    const mark = { id: id(40), personId: ANSEL, rowId: 'r', mark: 'eased' as const, atMs: 5 };
    await addMark(db, CLASS, mark);
    await addMark(db, CLASS, mark);
    expect(await loadMarks(db, CLASS)).toEqual([mark]);
  });

  test('a mark keeps its hand, and is gone once it is taken back, though it was sent', async () => {
    const mark = {
      id: id(41),
      personId: ANSEL,
      rowId: 's',
      mark: 'sore' as const,
      hand: 'L' as const,
      atMs: 6,
    };
    await addMark(db, CLASS, mark);
    expect(await loadMarks(db, CLASS)).toContainEqual(mark);
    await addMark(db, CLASS, { id: id(42), personId: ANSEL, rowId: 's', mark: 'taken back', atMs: 7 });
    expect((await loadMarks(db, CLASS)).map((m) => m.rowId)).not.toContain('s');
    expect((await loadReports(db, CLASS)).marks.map((m) => m.mark)).toContain('taken back');
  });

  test('events sent twice are stored once and in order', async () => {
    const events = [
      { kind: 'enter' as const, rowId: 'a', atMs: 0 },
      { kind: 'count' as const, rowId: 'a', atMs: 9 },
    ];
    await recordEvents(db, CLASS, 0, events, START);
    await recordEvents(db, CLASS, 0, events, START);
    expect(await loadEvents(db, CLASS)).toMatchObject(events);
    expect((await loadTaught(db, CLASS))!.nextSeq).toBe(2);
  });

  test('the class ends when its state is done, and opens again when gone back to', async () => {
    await recordEvents(db, CLASS, 0, [], { ...START, phase: 'done' });
    expect((await findClass(db, CLASS))!.status).toBe('taught');
    await recordEvents(db, CLASS, 0, [], START);
    expect((await findClass(db, CLASS))!.status).toBe('teaching');
  });

  test('what was changed and for whom is stored with its words; news that comes late does not set the class back', async () => {
    const made = [
      { kind: 'swap' as const, rowId: 'a', atMs: 5, words: 'Palm circles' },
      { kind: 'easier' as const, rowId: 'a', atMs: 6, personId: ANSEL, words: '' },
    ];
    const on = (rowIndex: number) => ({ ...START, rowIndex });
    await recordEvents(db, CLASS, 0, made, on(3));
    await recordEvents(db, CLASS, 0, made.slice(0, 1), on(1));
    expect(await loadEvents(db, CLASS)).toEqual([{ ...made[0], personId: null }, made[1]]);
    expect((await loadTaught(db, CLASS))!.state.rowIndex).toBe(3);
    await expect(
      db.query(`insert into teach_event (class_id, seq, kind, at_ms) values ($1, 9, 'juggle', 0)`, [CLASS]),
    ).rejects.toThrow();
  });

  test('writing up twice replaces the first, all or nothing', async () => {
    const line = {
      personId: ANSEL,
      present: true,
      painBeforeLeft: 1,
      painBeforeRight: null,
      painAfterLeft: 0,
      painAfterRight: null,
      effort: 3,
      enjoyed: 8,
      adapted: '',
      notes: '',
    };
    await saveWrapUp(db, CLASS, { people: [line], notes: 'first' });
    await saveWrapUp(db, CLASS, { people: [{ ...line, effort: 4 }], notes: 'second' });
    expect(await loadAttendance(db, CLASS)).toEqual([{ ...line, effort: 4 }]);
    await expect(
      saveWrapUp(db, CLASS, { people: [{ ...line, effort: 12 }], notes: 'third' }),
    ).rejects.toThrow();
    expect(await loadAttendance(db, CLASS)).toEqual([{ ...line, effort: 4 }]);
    expect((await loadTaught(db, CLASS))!.notes).toBe('second');
  });
});
