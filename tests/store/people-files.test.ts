import type { PersonCondition } from '@/core/people/person';
import { START } from '@/core/teach/state';
import { allThatIsHeld, eraseForGood } from '@/server/people/erase';
import { exportPeople, importPeople } from '@/server/files/import-people';
import { emptyPlan } from '@/core/plan/plan';
import { saveCall } from '@/store/calls';
import { classProgress } from '@/store/class-progress';
import { addClass, addSeries, endsOfSeries, findClass } from '@/store/classes';
import { findPerson, listPeople, peopleOfClass, savePerson } from '@/store/people';
import { addMark, loadTaught, recordEvents, startTeaching } from '@/store/teaching';
import { personFields } from '../core/people';
import { erasedStillKept } from '@/store/erased';
import { databaseForFile } from './fresh';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [ANSEL, BEA, GONE] = [id(1), id(2), id(99)];
const fields = (firstName: string, initial = '') => personFields({ firstName, initial });

const db = databaseForFile();
beforeEach(async () => {
  await db.empty();
  await savePerson(db, ANSEL, fields('Ansel', 'B'));
  await savePerson(db, BEA, fields('Bea', 'K'));
});

describe('bringing people in', () => {
  test('new ones are added, others merged, and the history of a merged record says so', async () => {
    const tremor = {
      conditionId: 'tremor',
      side: 'none',
      state: 'settled',
      since: null,
      spots: [],
    } as PersonCondition;
    const rows = [
      { fields: fields('Corin', 'W'), mergeInto: null },
      { fields: { ...fields('Ansel', 'B'), conditions: [tremor] }, mergeInto: ANSEL },
    ];
    expect(await importPeople(db, { rows })).toEqual({ ok: true, value: { added: 1, merged: 1 } });
    expect((await listPeople(db)).map((p) => p.firstName)).toEqual(['Ansel', 'Bea', 'Corin']);
    expect((await findPerson(db, ANSEL))!.conditions.map((c) => c.conditionId)).toEqual(['tremor']);
    const held = await allThatIsHeld(db, db, ANSEL);
    expect(JSON.stringify(held)).toContain('recorded, settled');
  });

  test('all of them come to a class beside whoever comes already; one that is gone brings nobody in', async () => {
    await addSeries(db, { id: id(50), name: 'Hands', place: '', slotMinutes: 45 });
    await addClass(db, {
      id: id(51),
      seriesId: id(50),
      day: '2031-03-01',
      startsAt: '10:00',
      week: 1,
      helpers: [],
      fromClassId: null,
      personIds: [BEA],
      plan: emptyPlan(),
    });
    const rows = [
      { fields: fields('Corin', 'W'), mergeInto: null },
      { fields: fields('Ansel', 'B'), mergeInto: ANSEL },
    ];
    const gone = await importPeople(db, { rows, comeTo: GONE });
    expect(gone).toMatchObject({
      ok: false,
      message: 'The class they come to is gone. Nobody was brought in.',
    });
    expect(await listPeople(db)).toHaveLength(2);
    expect(await importPeople(db, { rows, comeTo: id(51) })).toMatchObject({ ok: true });
    const come = (await peopleOfClass(db, id(51))).map((p) => p.firstName);
    expect(come.sort()).toEqual(['Ansel', 'Bea', 'Corin']);
    expect(await classProgress(db, (await findClass(db, id(51)))!)).toMatchObject({
      people: 3,
      rows: 0,
      status: 'planned',
      nextId: null,
    });
    expect(await endsOfSeries(db, '2031-01-01')).toEqual([]);
  });

  test('one bad row and nobody is brought in', async () => {
    const bad = {
      ...fields('Dot'),
      conditions: [
        {
          conditionId: 'nothing-known',
          side: 'L',
          state: 'settled',
          since: null,
          spots: [],
        } as PersonCondition,
      ],
    };
    const result = await importPeople(db, {
      rows: [
        { fields: fields('Corin'), mergeInto: null },
        { fields: { ...bad, conditions: [...bad.conditions] }, mergeInto: null },
      ],
    });
    expect(result).toMatchObject({ ok: false, message: expect.stringMatching(/Nobody was brought in\.$/) });
    expect(await listPeople(db)).toHaveLength(2);
    expect(await importPeople(db, { rows: [{ fields: fields('Eve'), mergeInto: GONE }] })).toMatchObject({
      ok: false,
    });
  });

  test('the list as a file has everyone', async () => {
    expect((await exportPeople(db)).split('\r\n')).toHaveLength(3);
  });
});

test('height and mass are kept, changed, taken out again, and absurd ones are refused by the database', async () => {
  await savePerson(db, BEA, { ...fields('Bea', 'K'), heightCm: 158, massKg: 61.5 });
  expect(await findPerson(db, BEA)).toMatchObject({ heightCm: 158, massKg: 61.5 });
  await savePerson(db, BEA, fields('Bea', 'K'));
  expect(await findPerson(db, BEA)).not.toHaveProperty('heightCm');
  await expect(savePerson(db, BEA, { ...fields('Bea'), heightCm: 20 })).rejects.toThrow();
});

describe('erasing', () => {
  beforeEach(async () => {
    await addSeries(db, { id: id(10), name: 'Hands', place: '', slotMinutes: 45 });
    await addClass(db, {
      id: id(20),
      seriesId: id(10),
      day: '2026-11-25',
      startsAt: '10:30',
      week: 1,
      helpers: [],
      fromClassId: null,
      personIds: [ANSEL, BEA],
      plan: emptyPlan(),
    });
    const people = await listPeople(db);
    const snapshot = { plan: emptyPlan(), people, helpers: [], slotMs: 1, shown: [] };
    await startTeaching(db, id(20), snapshot, START, Date.parse('2026-11-25T10:30:00Z'));
    const rungShifts = [ANSEL, BEA].map((personId) => ({ rowId: 'r', personId, to: 'easier' as const }));
    const easier = { kind: 'easier' as const, rowId: 'r', atMs: 4, personId: ANSEL, words: 'forearms down' };
    await recordEvents(db, id(20), 0, [easier], { ...START, rungShifts });
    await saveCall(db, id(20), { personId: ANSEL, slot: 'two hours', worse: true });
    await addMark(db, id(20), { id: id(30), personId: ANSEL, rowId: 'r', mark: 'sore', atMs: 5 });
    await db.query(
      `insert into incident (id, class_id, person_id, sign, what) values ($1, $2, $3, 'Any fall', 'Ansel slipped')`,
      [id(40), id(20), ANSEL],
    );
  });

  test('all that is held names each kind of record', async () => {
    const held = await allThatIsHeld(db, db, ANSEL);
    expect(held).toMatchObject({
      ok: true,
      value: {
        person: { firstName: 'Ansel' },
        classes: [{ name: 'Hands' }],
        marks: [{ mark: 'sore' }],
        askedAfterwards: [{ slot: 'two hours', worse: true }],
        whileTeaching: [{ kind: 'easier', words: 'forearms down' }],
        incidents: [{ what: 'Ansel slipped' }],
        recordsInTaughtClasses: [{ record: { firstName: 'Ansel' } }],
      },
    });
    expect(await allThatIsHeld(db, db, GONE)).toMatchObject({
      ok: false,
      message: 'There is no such person.',
    });
  });

  test('the name must be typed; then nothing of them is left anywhere, and the others stay', async () => {
    expect(await eraseForGood(db, db, ANSEL, { name: 'Bea K' })).toMatchObject({
      ok: false,
      message: 'Type Ansel B to erase this record. Nothing was erased.',
    });
    expect(await findPerson(db, ANSEL)).not.toBeNull();
    expect(await eraseForGood(db, db, ANSEL, { name: 'ansel b' })).toMatchObject({ ok: true });
    expect(await findPerson(db, ANSEL)).toBeNull();
    expect((await loadTaught(db, id(20)))!.snapshot.people.map((p) => p.firstName)).toEqual(['Bea']);
    const tables = await db.query<{ t: string }>(
      `select table_name as t from information_schema.columns where column_name = 'person_id' and table_schema = 'public'`,
    );
    expect(tables.length).toBeGreaterThan(6);
    // But for the number by which backups that were made before are cleared of them.
    for (const { t } of tables.filter((each) => each.t !== 'erased'))
      expect(await db.query(`select 1 from ${t} where person_id = $1`, [ANSEL])).toEqual([]);
    expect((await erasedStillKept(db)).map((e) => e.id)).toEqual([ANSEL]);
    expect(await db.query(`select 1 from taught where snapshot::text like '%Ansel%'`)).toEqual([]);
    expect((await loadTaught(db, id(20)))!.state.rungShifts.map((w) => w.personId)).toEqual([BEA]);
    expect(await eraseForGood(db, db, ANSEL, { name: 'Ansel B' })).toMatchObject({ ok: false });
  });
});
