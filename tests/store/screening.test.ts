import { randomUUID } from 'node:crypto';
import type { PersonFields } from '@/core/people/person';
import { emptyPlan } from '@/core/plan/plan';
import { NOTHING_NEW } from '@/core/screening/check-in';
import { checkIn } from '@/server/classes/check-ins';
import { loadClassroom } from '@/server/classes/classroom';
import { addPerson, changePerson } from '@/server/people/people';
import { keepSettings, settingsNow } from '@/server/shell/settings';
import { recordImplied, recordIncident } from '@/server/teaching/incidents';
import { today } from '@/server/shell/today';
import { startClass } from '@/server/teaching/teaching';
import { addClass, addSeries } from '@/store/classes';
import { incidentsOfClass, incidentsOfPerson } from '@/store/incidents';
import { findPerson, loadChanges } from '@/store/people';
import { loadTaught, roomCheckOf } from '@/store/teaching';
import { person } from '../core/people';
import { freshDatabase } from './fresh';

const CLASS = '00000000-0000-4000-8000-000000000020';
const SERIES = '00000000-0000-4000-8000-000000000010';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let personId: string;
beforeAll(async () => {
  db = await freshDatabase();
});
afterAll(() => db.close());
beforeEach(async () => {
  await db.empty();
  personId = await add();
  await addSeries(db, { id: SERIES, name: 'Hands', place: '', slotMinutes: 45 });
  const plan = emptyPlan();
  const row = { kind: 'talk' as const, id: 'hello', title: 'Hello', durationMs: 60_000 };
  await addClass(db, {
    id: CLASS,
    seriesId: SERIES,
    day: '2026-11-25',
    startsAt: '10:30',
    week: 1,
    helpers: [],
    fromClassId: null,
    personIds: [personId],
    plan: { ...plan, sections: plan.sections.map((s, i) => (i === 0 ? { ...s, rows: [row] } : s)) },
  });
});

const fieldsOf = (): PersonFields => {
  const kept = Object.entries(person()).filter(([key]) => key !== 'id' && key !== 'archived');
  return Object.fromEntries(kept) as PersonFields;
};
async function add(): Promise<string> {
  const made = await addPerson(db, fieldsOf());
  if (!made.ok) throw new Error(made.message);
  return made.value.id;
}

test('places, measures, positions and props out come back as they were saved', async () => {
  const fields = {
    ...fieldsOf(),
    positions: ['chair' as const],
    propsOut: ['putty'],
    measures: [{ hand: 'L' as const, kind: 'extension' as const, value: 35, on: '2026-11-02' }],
    conditions: [
      {
        conditionId: 'hand-oa',
        side: 'L' as const,
        state: 'settled' as const,
        since: null,
        spots: ['index.pip'],
      },
    ],
  };
  expect(await changePerson(db, personId, fields)).toMatchObject({ ok: true });
  expect(await findPerson(db, personId)).toMatchObject(fields);
});

test('a change is told in the history, newest first; saving the same again adds nothing', async () => {
  const fields = { ...fieldsOf(), firstName: (await findPerson(db, personId))!.firstName };
  await changePerson(db, personId, { ...fields, assistance: 1 });
  await changePerson(db, personId, { ...fields, assistance: 2 });
  await changePerson(db, personId, { ...fields, assistance: 2 });
  expect((await loadChanges(db, personId)).map((c) => c.what)).toEqual([
    'Help needed: 2, before 1',
    'Help needed: 1, before 0',
  ]);
});

test('what is said at the door is kept, can be said again, and reaches the class that begins', async () => {
  const say = (painRight: number) => checkIn(db, CLASS, { personId, checkIn: { ...NOTHING_NEW, painRight } });
  expect(await say(2)).toMatchObject({ ok: true });
  expect(await say(7)).toMatchObject({ ok: true });
  expect((await loadClassroom(db, CLASS))!.checkIns[personId]).toEqual({ ...NOTHING_NEW, painRight: 7 });
  await startClass(db, CLASS, { startedAtMs: Date.now() });
  const [kept] = (await loadTaught(db, CLASS))!.snapshot.people;
  expect(kept!.conditions).toEqual([
    { conditionId: 'painful-today', side: 'R', state: 'flare', since: null, spots: [] },
  ]);
  expect((await findPerson(db, personId))!.conditions).toEqual([]);
  // From now on it is an answer of the class.
  expect((await say(1)).ok).toBe(true);
  expect((await loadClassroom(db, CLASS))!.checkIns[personId]!.painRight).toBe(7);
});

test('somebody who is not expected is not asked', async () => {
  const other = await add();
  expect(await checkIn(db, CLASS, { personId: other, checkIn: NOTHING_NEW })).toMatchObject({
    ok: false,
    code: 'not-found',
  });
});

test('an incident is kept once, with its class and its person', async () => {
  const incident = { id: randomUUID(), personId, sign: 'any fall', what: 'Slipped.', done: 'Sat down.' };
  expect(await recordIncident(db, CLASS, incident)).toMatchObject({ ok: false });
  await startClass(db, CLASS, { startedAtMs: Date.now() });
  expect(await recordIncident(db, CLASS, incident)).toMatchObject({ ok: true });
  await recordIncident(db, CLASS, { ...incident, done: 'Sat down, water.' });
  expect(await incidentsOfClass(db, CLASS)).toMatchObject([{ what: 'Slipped.', done: 'Sat down, water.' }]);
  expect(await incidentsOfPerson(db, personId)).toHaveLength(1);
  const stranger = { ...incident, id: randomUUID(), personId: randomUUID() };
  expect(await recordIncident(db, CLASS, stranger)).toMatchObject({ ok: false });
});

test('what an incident proposes goes on the record and into the class under way once somebody agrees', async () => {
  await startClass(db, CLASS, { startedAtMs: Date.now(), roomCheck: ['space', 'water'] });
  expect(await roomCheckOf(db, CLASS)).toEqual(['space', 'water']);
  const incident = {
    id: randomUUID(),
    personId,
    sign: 'any fall',
    what: 'Slipped.',
    done: '',
    happenedAt: '10:47',
    called: 'first aid',
  };
  const agree = (side: 'L' | 'R' | 'both' | 'none', incidentId = incident.id) =>
    recordImplied(db, CLASS, { incidentId, side });
  expect(await agree('L')).toMatchObject({ ok: false, code: 'not-found' });
  await recordIncident(db, CLASS, incident);
  expect(await incidentsOfClass(db, CLASS)).toMatchObject([{ at: '10:47', called: 'first aid' }]);
  expect((await findPerson(db, personId))!.conditions).toEqual([]);
  expect(await agree('none')).toMatchObject({ ok: false, code: 'bad-input' });
  const fallen = { conditionId: 'fall', side: 'L', state: 'not cleared', since: '2026-11-25', spots: [] };
  expect((await agree('L')).ok).toBe(true);
  expect((await findPerson(db, personId))!.conditions).toEqual([fallen]);
  expect((await loadTaught(db, CLASS))!.snapshot.people[0]!.conditions).toEqual([fallen]);
  expect((await loadChanges(db, personId))[0]!.what).toMatch(/^Fall with pain, not X-rayed, left: recorded/);
  const other = { ...incident, id: randomUUID(), sign: 'a nosebleed' };
  await recordIncident(db, CLASS, other);
  expect(await agree('L', other.id)).toMatchObject({ ok: false, code: 'bad-input' });
});

test('the day a flare settled, the contact and the day of agreeing come back as they were saved', async () => {
  const flare = { conditionId: 'inflammatory', side: 'R', state: 'flare', since: null, spots: [] } as const;
  const fields = { ...fieldsOf(), contact: 'Bo, 0700 1234', agreedOn: '2026-11-01', conditions: [flare] };
  await changePerson(db, personId, fields);
  expect(await findPerson(db, personId)).toMatchObject(fields);
  await changePerson(db, personId, { ...fields, conditions: [{ ...flare, state: 'settled' }] });
  const [settled] = (await findPerson(db, personId))!.conditions;
  expect(settled).toMatchObject({ state: 'settled', settledOn: today() });
});

test('settings are kept, and start as usual', async () => {
  expect(await settingsNow(db)).toEqual({
    venueSafety: '',
    noteFrom: '',
    floorLoading: 'off',
    timeZone: '',
    paper: 'A4',
    wayInNew: '12000',
    wayInKnown: '4000',
    massUnit: 'kg',
    lengthUnit: 'cm',
  });
  const own = {
    venueSafety: 'Call 1-1-2',
    noteFrom: 'Marit',
    floorLoading: 'on',
    timeZone: 'Europe/Oslo',
    paper: 'Letter',
    wayInNew: '25000',
    wayInKnown: '0',
    massUnit: 'kg',
    lengthUnit: 'cm',
  } as const;
  await keepSettings(db, own);
  expect(await settingsNow(db)).toEqual(own);
});

test('the tables refuse what no screen would send', async () => {
  const bad = (sql: string) => expect(db.query(sql, [personId])).rejects.toThrow();
  await bad(`update person set positions = '{}' where id = $1`);
  await bad(`update person set positions = '{ceiling}' where id = $1`);
  await bad(
    `insert into measure (person_id, hand, kind, value, on_day) values ($1, 'L', 'luck', 1, '2026-01-01')`,
  );
  await bad(`insert into check_in (class_id, person_id, pain_left) values ('${CLASS}', $1, 11)`);
});
