import ICAL from 'ical.js';
import { readIncoming } from '@/core/formats/incoming';
import { usualWeeks } from '@/core/term/term';
import { writeCalendar } from '@/server/files/calendar';
import { countFile, figureFile, movementFile, planFile, termFile } from '@/server/files/files';
import { calendarFile, marksFile, measuresFile, registerFile } from '@/server/files/table-files';
import { importFile } from '@/server/files/import-files';
import { addOwn } from '@/server/catalogue/own-movements';
import { changeDetails } from '@/server/classes/classes';
import { keepSettings } from '@/server/shell/settings';
import { createTerm } from '@/server/terms/terms';
import { addClass, addSeries, listClasses } from '@/store/classes';
import { findPerson, listPeople, savePerson } from '@/store/people';
import { loadPlan } from '@/store/plans';
import { addMark, loadTaught } from '@/store/teaching';
import { listTerms } from '@/store/terms';
import { loadAttendance, saveWrapUp } from '@/store/wrap-ups';
import { prefilledLine } from '@/core/teach/wrap-up';
import { readRegister } from '@/core/formats/register-csv';
import { readMarks } from '@/core/formats/marks-csv';
import type { OwnMovementInput } from '@/core/catalogue/own';
import { CATALOGUE } from '@/catalogue/movements';
import { completed, startOf } from '@/catalogue/own-start';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';
import { teachThrough } from './taught';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [SERIES, ANSEL, CLASS] = [id(1), id(11), id(100)];
const plan = planWith({ move: ['wrist-bend', 'open-close'], grip: ['ball-squeeze'] });
const WHEN = { day: '2026-12-02', startsAt: '10:30' };
const db = databaseForFile();

beforeEach(async () => {
  await db.exec('truncate own_movement cascade');
  await db.empty();
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel', initial: 'B' }));
  await addSeries(db, { id: SERIES, name: 'Slow Hands', place: 'Tea room', slotMinutes: 45 });
  await addClass(db, {
    id: CLASS,
    seriesId: SERIES,
    day: '2026-10-21',
    startsAt: '10:30',
    week: 1,
    helpers: [],
    fromClassId: null,
    personIds: [ANSEL],
    plan,
  });
});
const bodyOf = <T extends { body: string }>(
  file: { ok: true; value: T } | { ok: false; message: string },
): string => {
  if (!file.ok) throw new Error(file.message);
  return file.value.body;
};

test('a plan goes out and comes in as another class, with fields that nobody here knows', async () => {
  const file = JSON.parse(bodyOf(await planFile(db, CLASS))) as Record<string, unknown>;
  file.composer = 'Pim';
  const made = await importFile(db, { text: JSON.stringify(file), ...WHEN });
  const newId = made.ok ? made.value.href.split('/').at(-1)! : '';
  expect((await loadPlan(db, newId))!.history.plan).toEqual(plan);
  expect(JSON.parse(bodyOf(await planFile(db, newId)))).toEqual(file);
});

test('a plan of a movement that is not here is refused and nothing is written', async () => {
  const file = bodyOf(await planFile(db, CLASS)).replaceAll('"wrist-bend"', '"somersault"');
  expect(await importFile(db, { text: file, ...WHEN })).toMatchObject({
    ok: false,
    message: '“somersault” is in this file and in no catalogue here. Nothing was brought in.',
  });
  expect(await listClasses(db)).toHaveLength(1);
});

test('own movements go along with a plan, and a movement by itself comes in under a new id', async () => {
  const own = completed(startOf('open-close', CATALOGUE)) as OwnMovementInput;
  const added = await addOwn(db, { ...own, movement: { ...own.movement, name: 'Sea star' } });
  if (!added.ok) throw new Error(added.message);
  const alone = bodyOf(await movementFile(db, added.value.id));
  expect(await importFile(db, { text: alone, ...WHEN })).toMatchObject({
    ok: false,
    message: 'Another movement has this name already. Nothing was saved.',
  });
  const row = { ...plan.sections.flatMap((s) => s.rows)[0]!, movementId: added.value.id };
  const withOwn = { ...plan, sections: plan.sections.map((s, i) => (i === 2 ? { ...s, rows: [row] } : s)) };
  await db.query('update plan set current = $2 where class_id = $1', [CLASS, JSON.stringify(withOwn)]);
  const file = bodyOf(await planFile(db, CLASS));
  await db.exec('truncate own_movement cascade');
  expect((await importFile(db, { text: file, ...WHEN })).ok).toBe(true);
  expect(bodyOf(await movementFile(db, added.value.id))).toBe(alone);
});

test('a term goes out with its classes and comes in as another', async () => {
  const term = {
    name: 'Autumn',
    firstDay: '2026-10-21',
    weeks: [...usualWeeks(2)],
    days: [{ weekday: 3, startsAt: '10:30' }],
    holidays: [],
  };
  const made = await createTerm(db, { seriesId: SERIES, term });
  const text = bodyOf(await termFile(db, made.ok ? made.value.id : ''));
  expect((await importFile(db, { text, ...WHEN })).ok).toBe(true);
  const terms = await listTerms(db);
  expect(terms).toHaveLength(2);
  const [other] = terms.filter((t) => !made.ok || t.id !== made.value.id);
  expect(bodyOf(await termFile(db, other!.id))).toBe(text);
});

test('a simulated reading of a demo that comes in beside one’s own is marked, and takes no real one’s place', async () => {
  const real = { kind: 'press', hand: 'L', value: 9, on: '2026-10-21' } as const;
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel', initial: 'B', measures: [real] }));
  const text = [
    'first name,initial,day,measure,hand,value,unit,simulated,instrument',
    'Ansel,B,2026-10-21,press,left,30,kg,demo,',
    'Ansel,B,2026-10-28,press,left,30,kg,demo,',
    'Ansel,B,2026-10-28,press,right,8.5,kg,,"Scale, step 0.5"',
  ].join('\n');
  expect(await importFile(db, { text, ...WHEN })).toMatchObject({
    value: { words: '2 measures of 1 person kept' },
  });
  const measures = (await findPerson(db, ANSEL))!.measures.map(({ on: _, kind: __, ...m }) => m);
  expect(measures).toHaveLength(3);
  expect(measures).toEqual(
    expect.arrayContaining([
      { hand: 'L', value: 9 },
      { hand: 'L', value: 30, simulated: 'own' },
      { hand: 'R', value: 8.5, instrument: { name: 'Scale', step: 0.5 } },
    ]),
  );
});

test('measures go out and come in again; a line of a stranger is left', async () => {
  const measures = [{ kind: 'grip', hand: 'L', value: 20.5, on: '2026-10-21' }] as const;
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel', initial: 'B', measures: [...measures] }));
  const { body } = await measuresFile(db);
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel', initial: 'B' }));
  const text = `${body.replace('\uFEFF', '')}\r\nNobody,X,2026-10-21,grip,left,20,kg\r\n`;
  expect(await importFile(db, { text, ...WHEN })).toMatchObject({
    ok: true,
    value: { words: '1 measure of 1 person kept' },
  });
  expect((await findPerson(db, ANSEL))!.measures).toEqual(measures);
});

test('registers and marks are read back by their own readers; marks are not brought in', async () => {
  const people = await listPeople(db);
  await teachThrough(db, CLASS, { plan, people, helpers: [], slotMs: 1, shown: [] }, '2026-10-21');
  await addMark(db, CLASS, {
    id: id(500),
    personId: ANSEL,
    rowId: 'ball-squeeze',
    mark: 'eased',
    atMs: 65_400,
  });
  await saveWrapUp(db, CLASS, {
    people: [{ ...prefilledLine(ANSEL, [], String), effort: 3, painBeforeLeft: 2 }],
    notes: '',
  });
  const register = (await registerFile(db)).body.replace('\uFEFF', '');
  const lines = readRegister(register);
  expect(lines.ok && lines.value[0]!.row).toMatchObject({
    firstName: 'Ansel',
    came: 'yes',
    effort: 3,
    painBeforeLeft: 2,
  });
  const marks = (await marksFile(db)).body.replace('\uFEFF', '');
  const marked = readMarks(marks);
  expect(marked.ok && marked.value[0]!.row).toMatchObject({
    row: 'Ball squeeze',
    mark: 'eased',
    atSeconds: 65,
  });
  expect(readIncoming(marks)).toMatchObject({
    ok: false,
    message: 'Marks can be taken out of Oskil but not brought in: they are made while a class is taught.',
  });
});

test('a register filled in elsewhere goes into the classes that were taught; the rest stays as written', async () => {
  const BASHIR = id(12);
  await savePerson(db, BASHIR, personFields({ firstName: 'Bashir', initial: 'K' }));
  const people = await listPeople(db);
  await teachThrough(db, CLASS, { plan, people, helpers: [], slotMs: 1, shown: [] }, '2026-10-21');
  await saveWrapUp(db, CLASS, {
    people: [
      { ...prefilledLine(ANSEL, [], String), effort: 3 },
      { ...prefilledLine(BASHIR, [], String), effort: 4, notes: 'warm hands' },
    ],
    notes: 'A wet day',
  });
  const [heads, first] = (await registerFile(db)).body.replace('\uFEFF', '').split('\r\n');
  const register = (...lines: string[]) => ({ text: [heads, ...lines].join('\r\n'), ...WHEN });
  const ansel = '2026-10-21,slow hands,Ansel,B,yes,2,1,3,1,6,8,,brought a friend';
  expect(first).toContain('2026-10-21');
  expect(
    await importFile(
      db,
      register(ansel, '2026-10-22,Slow Hands,Ansel,B,yes,,,,,,,,', '2026-10-21,Slow Hands,Zoe,Z,yes,,,,,,,,'),
    ),
  ).toMatchObject({ ok: true, value: { words: '1 line kept in 1 class' } });
  const told = await loadAttendance(db, CLASS);
  expect(told.find((p) => p.personId === ANSEL)).toMatchObject({
    effort: 6,
    enjoyed: 8,
    painBeforeLeft: 2,
    painAfterLeft: 3,
    notes: 'brought a friend',
  });
  expect(told.find((p) => p.personId === BASHIR)).toMatchObject({ effort: 4, notes: 'warm hands' });
  expect((await loadTaught(db, CLASS))!.notes).toBe('A wet day');
  expect(await importFile(db, register('2026-10-22,Slow Hands,Ansel,B,yes,,,,,,,,'))).toMatchObject({
    ok: false,
    message: 'None of these lines is of a class that was taught here. Nothing was kept.',
  });
});

describe('the calendar, by another reader', () => {
  const eventsOf = (text: string) => {
    const calendar = new ICAL.Component(ICAL.parse(text) as never);
    for (const zone of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
    return {
      zones: calendar.getAllSubcomponents('vtimezone').map((z) => z.getFirstPropertyValue('tzid')),
      events: calendar.getAllSubcomponents('vevent').map((e) => ({ event: new ICAL.Event(e), component: e })),
    };
  };

  test('a class is at its local time in its zone, before and after the clocks change, with an alarm an hour before', () => {
    const dated = (day: string) => ({
      id: id(Number(day.slice(-2))),
      name: 'Slow Hands',
      place: 'Tea room, the glass one',
      day,
      startsAt: '10:30',
      slotMinutes: 45,
      week: 1,
      expected: 8,
    });
    const days = ['2026-10-21', '2026-10-28', '2026-03-25', '2026-04-01'];
    const text = writeCalendar(days.map(dated), 'Europe/Oslo', () => 0, new Date('2026-10-01T05:06:07Z'));
    const { zones, events } = eventsOf(text);
    expect(zones).toEqual(['Europe/Oslo']);
    const starts = events.map(({ event }) => event.startDate.toJSDate().toISOString());
    expect(starts).toEqual([
      '2026-10-21T08:30:00.000Z',
      '2026-10-28T09:30:00.000Z',
      '2026-03-25T09:30:00.000Z',
      '2026-04-01T08:30:00.000Z',
    ]);
    const [{ event, component }] = events as [(typeof events)[number]];
    expect(event.duration.toSeconds()).toBe(45 * 60);
    expect(event.location).toBe('Tea room, the glass one');
    expect(String(component.getFirstPropertyValue('dtstamp'))).toBe('2026-10-01T05:06:07Z');
    const alarm = component.getFirstSubcomponent('valarm')!;
    expect(String(alarm.getFirstPropertyValue('trigger'))).toBe('-PT1H');
  });

  test('ids stay and the sequence rises when a class is moved, and nobody is named', async () => {
    await keepSettings(db, {
      venueSafety: '',
      noteFrom: '',
      floorLoading: 'off',
      timeZone: 'Europe/Oslo',
      paper: 'A4',
      wayInNew: '12000',
      wayInKnown: '4000',
      massUnit: 'kg',
      lengthUnit: 'cm',
    });
    const made = new Date('2026-10-01T00:00:00Z');
    const before = eventsOf((await calendarFile(db, '2026-01-01', made)).body).events[0]!.event;
    await changeDetails(db, CLASS, {
      name: 'Slow Hands',
      place: 'Tea room',
      day: '2026-10-22',
      startsAt: '11:00',
      slotMinutes: 45,
    });
    const { body } = await calendarFile(db, '2026-01-01', made);
    const after = eventsOf(body).events[0]!.event;
    expect(after.uid).toBe(before.uid);
    expect([before.sequence, after.sequence]).toEqual([0, 1]);
    expect(after.startDate.toString()).toBe('2026-10-22T11:00:00');
    expect(body).not.toContain('Ansel');
  });

  test('a zone that is none is refused', async () => {
    const settings = {
      venueSafety: '',
      noteFrom: '',
      floorLoading: 'off',
      timeZone: 'Mars/Olympus',
      paper: 'A4',
      wayInNew: '12000',
      wayInKnown: '4000',
      massUnit: 'kg',
      lengthUnit: 'cm',
    } as const;
    expect(await keepSettings(db, settings)).toMatchObject({
      ok: false,
      message: /^That time zone is not known/,
    });
  });
});

test('captions and pictures are there, and what is not is said', async () => {
  expect(bodyOf(await countFile(db, CLASS))).toMatch(/^WEBVTT/);
  expect(bodyOf(await figureFile(db, 'wrist-bend'))).toMatch(/^<svg/);
  for (const file of [
    await countFile(db, id(9)),
    await planFile(db, 'x'),
    await figureFile(db, 'nothing'),
    await termFile(db, id(9)),
    await movementFile(db, 'own-x'),
  ])
    expect(file.ok).toBe(false);
});

test.each([
  '',
  'hello',
  '{}',
  '{"oskil":"poem","version":1}',
  'BEGIN:VCALENDAR\nEND:VCALENDAR',
  '%PDF-1.7',
  '<html>',
  'a,b\n1,2',
])('%j is not kept, and why is said', async (text) => {
  const result = await importFile(db, { text, ...WHEN });
  expect(result.ok).toBe(false);
  expect(result.ok ? '' : result.message).toMatch(/\.$/);
  expect(await listClasses(db)).toHaveLength(1);
});
