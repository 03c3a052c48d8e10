import { randomUUID } from 'node:crypto';
import { loadDemo } from '@/demo/load';
import { tokenHolder, makeToken } from '@/server/api/token';
import { allThatIsHeld, eraseForGood } from '@/server/people/erase';
import {
  addAnother,
  changeInstructor,
  nameFirst,
  share,
  sharingOf,
  takeAwayInstructor,
} from '@/server/instructors/instructors';
import { askerOf, changeOwnPassphrase, makeCode, open as openFrom, setPassphrase } from '@/server/lock/lock';
import type { Caller } from '@/server/lock/tries';
import { tablesInOrder } from '@/store/backup';
import { addClass, listClasses, setRoster } from '@/store/classes';
import type { Db } from '@/store/db';
import { listInstructors, adoptOrphans } from '@/store/instructors';
import { findPerson, addChanges, listPeople, loadChanges, savePerson } from '@/store/people';
import { MACHINE_TABLES } from '@/store/machine-tables';
import { dbForInstructor } from '@/store/scoped';
import { adviceFor } from '@/server/people/advice';
import { archivePerson } from '@/server/people/people';
import { keepSettings, settingsNow } from '@/server/shell/settings';
import { planWith } from '../core/plans';
import { personFields } from '../core/people';
import { databaseForFile } from './fresh';

/** What a passphrase costs to look at is tried in lock.test.ts. */
jest.mock('@/server/lock/passphrase', () => ({
  hashPassphrase: (words: string) => Promise.resolve(`scrypt:${words}`),
  isPassphrase: (words: string, kept: string) => Promise.resolve(kept === `scrypt:${words}`),
}));

const HERE: Caller = { address: '192.0.2.7', isHere: true, browser: null };
const open = (_: Db, { secret, name = '' }: { secret: string; name?: string }) =>
  openFrom(db, { secret, name }, HERE);

const db = databaseForFile();
const [WORDS, OTHER_WORDS] = ['seven slow beads', 'two warm mittens'];
/** What is the programme's and not one instructor's. */
const EVERYBODYS = ['bag', 'block', 'own_movement', 'own_movement_version', 'setting'];
let [marit, ines] = ['', ''];
let asMarit: Db;
let asInes: Db;

beforeAll(async () => {
  process.env.OSKIL_TODAY = '2026-11-24';
  await loadDemo(db, '2026-11-24', randomUUID);
  for (const sql of MORE) await db.query(sql);
});

/** Rows for the tables that the demo leaves empty. */
const ONE = '(select * from attendance order by class_id, person_id limit 1) a';
const MORE = [
  `insert into call_answer select class_id, person_id, 'two hours', false from ${ONE} on conflict do nothing`,
  `insert into file_extra select class_id, '[]' from ${ONE}`,
  `insert into packed select class_id, 'towel' from ${ONE}`,
  `insert into check_in select class_id, person_id, 2, 2 from ${ONE} on conflict do nothing`,
  `insert into class_answer select gen_random_uuid(), class_id, person_id, '{}', 0 from ${ONE}`,
  `insert into incident select gen_random_uuid(), class_id, person_id, now(), 'pain', 'a sore wrist' from ${ONE}`,
  `insert into teach_event select class_id, 9000, 'note', null, 0, person_id, 'slow today' from ${ONE}`,
  `insert into mark select gen_random_uuid(), class_id, person_id, 'r1', 'did', 0 from ${ONE}`,
  `insert into decision select class_id, person_id, 'flex', 'stay', 0, '[]', 'left' from ${ONE}`,
  `insert into station_visit select class_id, person_id, 'grip', now() from ${ONE}`,
  `insert into own_rung select c.series_id, person_id, 'spread', 1, 1, c.day from ${ONE} join class c on c.id = class_id
     on conflict do nothing`,
  `insert into home_card select gen_random_uuid(), person_id, class_id, '[1]', 2 from ${ONE}`,
  `insert into home_day select id, '2026-11-24', 1 from home_card`,
  `insert into grip_test select gen_random_uuid(), person_id, '2026-11-24', '[1]' from ${ONE}`,
  `insert into own_word (word, sound) values ('1', 'AAAAAAAA')`,
  `insert into practice_result (id, day, name, result) values (gen_random_uuid(), '2026-11-24', 'A class', '{}')`,
  `insert into unsaved_form (form, body) values ('person.new', '{}')`,
  `insert into taken_away (id, kind, name, rows) values (gen_random_uuid(), 'class', 'A class', '[]')`,
  `insert into person_change (person_id, what) select person_id, 'Grip is 20 kg' from ${ONE}`,
  `insert into plan_step select class_id, 900, '{}', '{}', 'A label' from ${ONE}`,
  `insert into term_holiday (term_id, from_day, until_day) select id, '2026-12-24', '2026-12-31' from term`,
];

/** How many rows of each table somebody sees, of those that have any. */
const counts = async (of: Db): Promise<Record<string, number>> => {
  const out: Record<string, number> = {};
  for (const { name } of await tablesInOrder(db)) {
    const [row] = await of.query<{ n: number }>(`select count(*)::int as n from "${name}"`);
    if (row!.n > 0) out[name] = row!.n;
  }
  return out;
};
const value = <T>(result: { ok: true; value: T } | { ok: false; message: string }): T => {
  if (!result.ok) throw new Error(result.message);
  return result.value;
};

test('the first instructor by name keeps the passphrase and gets all that is here', async () => {
  await setPassphrase(db, { now: '', passphrase: WORDS }, HERE);
  await keepSettings(db, {
    ...(await settingsNow(db)),
    noteFrom: 'Marit, Fernhollow',
    venueSafety: 'Call 1-1-2',
  });
  const program = `Bearer ${value(await makeToken(db, null)).token}`;
  expect(await nameFirst(db, { name: 'Marit', passphrase: 'another one altogether' }, HERE)).toMatchObject({
    ok: false,
    code: 'wrong-secret',
  });
  expect(await listInstructors(db)).toEqual([]);
  const { token } = value(await nameFirst(db, { name: 'Marit', passphrase: WORDS }, HERE));
  marit = (await listInstructors(db))[0]!.id;
  asMarit = dbForInstructor(db, marit);
  expect(await askerOf(db, token)).toEqual({ kind: 'instructor', id: marit, coordinator: true });
  expect(await counts(asMarit)).toEqual(await counts(db));
  expect(await tokenHolder(db, program)).toEqual({ instructorId: marit });
  expect(await nameFirst(db, { name: 'Ines', passphrase: WORDS }, HERE)).toMatchObject({ code: 'exists' });
});

test('a second sees nothing of it: every table is the programme’s, or told apart by whose it is', async () => {
  ines = value(await addAnother(db, { name: 'Ines', passphrase: OTHER_WORDS })).id;
  asInes = dbForInstructor(db, ines);
  expect(await addAnother(db, { name: 'ines', passphrase: OTHER_WORDS })).toMatchObject({ code: 'exists' });
  const all = await counts(db);
  const seen = await counts(asInes);
  expect(Object.keys(seen).filter((table) => !EVERYBODYS.includes(table))).toEqual([]);
  // There are rows in every table, so that this says something of each.
  const tables = (await tablesInOrder(db)).map((t) => t.name);
  expect(Object.keys(all).sort()).toEqual(tables.filter((t) => !EVERYBODYS.includes(t) || t in all).sort());
  const open = await db.query<{ name: string }>(
    `select relname as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
     where nspname = 'public' and relkind = 'r' and not relrowsecurity order by 1`,
  );
  const unseen = [...MACHINE_TABLES];
  expect(open.map((t) => t.name)).toEqual([...EVERYBODYS, ...unseen].sort());
  for (const table of unseen)
    await expect(asInes.query(`select * from ${table}`)).rejects.toMatchObject({ code: '42501' });
  await expect(asInes.query('select passphrase from instructor')).rejects.toMatchObject({ code: '42501' });
  expect(await asInes.query('select name from instructor order by name')).toEqual([
    { name: 'Ines' },
    { name: 'Marit' },
  ]);
});

test('neither changes, takes away nor writes to what is the other’s', async () => {
  const [info] = await listClasses(asMarit);
  const [person] = await listPeople(asMarit);
  const before = await counts(db);
  await asInes.query('delete from person');
  await asInes.query('delete from series');
  await asInes.query('delete from class');
  await asInes.query('update person set notes = $1', ['mine now']);
  await asInes.query('update class set week = 7');
  expect(await counts(db)).toEqual(before);
  expect((await listPeople(asMarit)).map((p) => p.notes)).not.toContain('mine now');
  const own = randomUUID();
  await savePerson(asInes, own, personFields({ firstName: 'Yrsa', initial: 'K' }));
  const refused = (work: Promise<unknown>) => expect(work).rejects.toMatchObject({ code: '42501' });
  await refused(savePerson(asInes, person!.id, personFields({ firstName: 'Taken' })));
  await refused(setRoster(asInes, info!.id, [own]));
  await refused(
    asInes.query('insert into measure values ($1, $2, $3, 5, $4)', [person!.id, 'L', 'grip', '2026-11-24']),
  );
  await refused(asInes.query('insert into packed (class_id, prop_id) values ($1, $2)', [info!.id, 'towel']));
  await refused(
    addClass(asInes, {
      id: randomUUID(),
      seriesId: info!.seriesId,
      day: '2026-12-30',
      startsAt: '10:00',
      week: 9,
      helpers: [],
      fromClassId: null,
      personIds: [],
      plan: planWith({}),
    }),
  );
  await refused(asInes.query('update person set owner_id = $1', [marit]));
});

test('nobody brings a stranger into a class of their own', async () => {
  const series = randomUUID();
  const classId = randomUUID();
  await asInes.query('insert into series (id, name, slot_minutes) values ($1, $2, 45)', [
    series,
    'Soft Hands',
  ]);
  await asInes.query(
    `insert into class (id, series_id, day, starts_at, week) values ($1, $2, '2026-12-01', '10:00', 1)`,
    [classId, series],
  );
  const [stranger] = await listPeople(asMarit);
  await expect(
    asInes.query('insert into class_person values ($1, $2)', [classId, stranger!.id]),
  ).rejects.toMatchObject({ code: '42501' });
  expect((await listClasses(asInes)).map((c) => c.name)).toEqual(['Soft Hands']);
  expect((await listClasses(asMarit)).map((c) => c.name)).not.toContain('Soft Hands');
});

test('a group that is shared comes with its classes and the people in them, and goes again', async () => {
  const wednesday = (await listClasses(asMarit)).find((c) => c.name.startsWith('Wednesday'))!;
  expect(await sharingOf(asMarit, 'class', wednesday.id)).toEqual({
    shared: false,
    broughtAlong: false,
    mine: true,
    owner: 'Marit',
  });
  expect(await share(asInes, 'class', wednesday.id, { shared: true })).toMatchObject({ code: 'not-found' });
  value(await share(asMarit, 'class', wednesday.id, { shared: true }));

  const theirs = (await listClasses(asInes)).filter((c) => c.name !== 'Soft Hands');
  expect(new Set(theirs.map((c) => c.name))).toEqual(new Set([wednesday.name]));
  const group = await db.query<{ id: string }>(
    `select distinct person_id as id from class_person cp join class c on c.id = cp.class_id where c.series_id = $1`,
    [wednesday.seriesId],
  );
  const seen = (await asInes.query<{ id: string }>('select id from person where owner_id <> $1', [ines])).map(
    (p) => p.id,
  );
  expect(new Set(seen)).toEqual(new Set(group.map((p) => p.id)));
  expect(await sharingOf(asInes, 'class', wednesday.id)).toEqual({
    shared: true,
    broughtAlong: false,
    mine: false,
    owner: 'Marit',
  });
  // Seen by way of a shared class, and not theirs to put away.
  expect(await archivePerson(asInes, seen[0]!, true)).toMatchObject({ ok: false, code: 'not-yours' });
  expect((await findPerson(asMarit, seen[0]!))!.archived).toBe(false);
  expect(await sharingOf(asInes, 'person', seen[0]!)).toEqual({
    shared: false,
    broughtAlong: true,
    mine: false,
    owner: 'Marit',
  });

  // Ines teaches it for Marit: what she writes is there for both, but it is not hers to give or to erase.
  await asInes.query('insert into packed (class_id, prop_id) values ($1, $2)', [wednesday.id, 'towel']);
  expect(
    await asMarit.query('select 1 from packed where class_id = $1 and prop_id = $2', [wednesday.id, 'towel']),
  ).toHaveLength(1);
  expect(await share(asInes, 'class', wednesday.id, { shared: false })).toMatchObject({ code: 'not-yours' });
  const [person] = (await listPeople(asInes)).filter((p) => seen.includes(p.id));
  const name = `${person!.firstName} ${person!.initial}`;
  expect(await eraseForGood(asInes, db, person!.id, { name })).toMatchObject({ code: 'not-yours' });
  const held = async (of: Db) => JSON.stringify(value(await allThatIsHeld(of, db, person!.id))).length;
  expect(await held(asInes)).toBeLessThanOrEqual(await held(asMarit));

  value(await share(asMarit, 'class', wednesday.id, { shared: false }));
  expect((await listClasses(asInes)).map((c) => c.name)).toEqual(['Soft Hands']);
});

test('somebody who is shared may join a group of the other, and whose they are is told as it is', async () => {
  const [person] = await listPeople(asMarit);
  const told = async () => (await sharingOf(asMarit, 'person', person!.id))!;
  expect(await told()).toMatchObject({ shared: false, broughtAlong: false, mine: true });
  value(await share(asMarit, 'person', person!.id, { shared: true }));
  const [soft] = (await listClasses(asInes)).filter((c) => c.name === 'Soft Hands');
  await asInes.query('insert into class_person values ($1, $2)', [soft!.id, person!.id]);
  value(await share(asMarit, 'person', person!.id, { shared: false }));
  // Ines teaches her now, so she goes on seeing her; Marit is not told otherwise, though she does not see the group.
  expect((await listPeople(asInes)).map((p) => p.id)).toContain(person!.id);
  expect(await told()).toMatchObject({ shared: false, broughtAlong: true });
  await addChanges(asInes, person!.id, ['Grip is 21 kg']);
  expect((await loadChanges(asMarit, person!.id))[0]).toMatchObject({ what: 'Grip is 21 kg', by: 'Ines' });
  expect((await loadChanges(asInes, person!.id))[0]).toMatchObject({ what: 'Grip is 21 kg', by: null });
  await asInes.query('delete from class_person where person_id = $1', [person!.id]);
  expect((await listPeople(asInes)).map((p) => p.id)).not.toContain(person!.id);
});

test('eyes do not stay on a connection, however many ask at once', async () => {
  const answers = await Promise.all(
    Array.from({ length: 30 }, (_, i) =>
      [asMarit, asInes, db][i % 3]!.query<{ n: number }>('select count(*)::int as n from series'),
    ),
  );
  const ns = answers.map((rows) => rows[0]!.n);
  const all = ns[2]!;
  ns.forEach((n, i) => expect(n).toBe([all - 1, 1, all][i % 3]));
  await asInes.query('select 1/0').catch(() => undefined);
  expect(await db.query('select count(*)::int as n from series')).toEqual([{ n: all }]);
});

test('each comes in by their own name and passphrase, and nobody learns which of the two was wrong', async () => {
  const { token } = value(await open(db, { name: ' INES '.trim(), secret: OTHER_WORDS }));
  expect(await askerOf(db, token)).toEqual({ kind: 'instructor', id: ines, coordinator: false });
  const wrong = [
    { name: 'Ines', secret: WORDS },
    { name: 'Nobody', secret: WORDS },
    { name: '', secret: WORDS },
    { secret: OTHER_WORDS },
  ];
  for (const tried of wrong)
    expect(await open(db, tried)).toMatchObject({
      ok: false,
      message: 'That does not open Oskil. Try again.',
    });
  await db.query('delete from guess');

  value(
    await changeOwnPassphrase(
      db,
      { id: ines, name: 'Ines' },
      { now: OTHER_WORDS, passphrase: 'three quiet spoons' },
      HERE,
    ),
  );
  expect(await askerOf(db, token)).toEqual({ kind: 'nobody' });
  expect(
    await changeOwnPassphrase(
      db,
      { id: ines, name: 'Ines' },
      { now: 'three quiet spoons', passphrase: '' },
      HERE,
    ),
  ).toMatchObject({
    code: 'needs-lock',
  });
  value(await changeInstructor(db, ines, { type: 'passphrase', passphrase: OTHER_WORDS }, marit));
  value(await open(db, { name: 'Ines', secret: OTHER_WORDS }));
});

test('a helper’s code is made for a class of one’s own alone, and needs no name', async () => {
  const [hers] = await listClasses(asMarit);
  expect(await makeCode(asInes, db, hers!.id, 'helper')).toMatchObject({ code: 'not-found' });
  const { code } = value(await makeCode(asMarit, db, hers!.id, 'helper'));
  const { token } = value(await open(db, { secret: code }));
  expect(await askerOf(db, token)).toEqual({ kind: 'helper', classId: hers!.id });
});

test('each signs for themselves, and the venue’s words are everybody’s', async () => {
  expect(await settingsNow(asMarit)).toMatchObject({
    noteFrom: 'Marit, Fernhollow',
    venueSafety: 'Call 1-1-2',
  });
  expect(await settingsNow(asInes)).toMatchObject({ noteFrom: '', venueSafety: 'Call 1-1-2' });
  await keepSettings(asInes, {
    ...(await settingsNow(asInes)),
    noteFrom: 'Ines, next door',
    paper: 'Letter',
  });
  expect(await settingsNow(asMarit)).toMatchObject({ noteFrom: 'Marit, Fernhollow', paper: 'Letter' });
  const [person] = await listPeople(asInes);
  const notes = await Promise.all([asMarit, asInes].map((of) => adviceFor(of, person!, '2026-11-24')));
  expect(notes.map(({ note }) => /Marit, Fernhollow|Ines, next door/.exec(note)?.[0])).toEqual([
    'Marit, Fernhollow',
    'Ines, next door',
  ]);
});

test('each has a token of their own for other programs', async () => {
  const [hers, theirs] = [value(await makeToken(db, marit)).token, value(await makeToken(db, ines)).token];
  expect(await tokenHolder(db, `Bearer ${hers}`)).toEqual({ instructorId: marit });
  expect(await tokenHolder(db, `Bearer ${theirs}`)).toEqual({ instructorId: ines });
  expect(await tokenHolder(db, `Bearer ${'x'.repeat(43)}`)).toBeNull();
});

test('somebody is always the coordinator; whoever leaves hands everything over', async () => {
  expect(await changeInstructor(db, marit, { type: 'coordinator', coordinator: false }, marit)).toMatchObject(
    {
      code: 'last',
    },
  );
  expect(await takeAwayInstructor(db, marit, { heirId: ines })).toMatchObject({ code: 'last' });
  expect(await takeAwayInstructor(db, ines, { heirId: ines })).toMatchObject({ code: 'bad-input' });
  value(await changeInstructor(db, ines, { type: 'coordinator', coordinator: true }, marit));
  value(await changeInstructor(db, marit, { type: 'share all' }, ines));
  expect((await listClasses(asInes)).length).toBe((await listClasses(db)).length);
  const [person] = await listPeople(asMarit);
  expect((await loadChanges(asMarit, person!.id))[0]).toMatchObject({
    what: 'Every instructor sees this record',
    by: 'Ines',
  });
  const { token } = value(await open(db, { name: 'Marit', secret: WORDS }));
  const hers = `Bearer ${value(await makeToken(db, marit)).token}`;
  value(await takeAwayInstructor(db, marit, { heirId: ines }));
  expect(await askerOf(db, token)).toEqual({ kind: 'nobody' });
  expect(await tokenHolder(db, hers)).toBeNull();
  expect(await counts(asInes)).toEqual(await counts(db));
  expect((await asInes.query('select 1 from series where owner_id = $1', [ines])).length).toBe(
    (await db.query('select 1 from series')).length,
  );
});

test('what belongs to nobody who is here, as after a restore, is taken in', async () => {
  await db.query('update person set owner_id = $1, shared = false', [randomUUID()]);
  await db.query('update series set owner_id = null, shared = false');
  expect(await listPeople(asInes)).toEqual([]);
  await adoptOrphans(db, ines);
  expect(await counts(asInes)).toEqual(await counts(db));
});
