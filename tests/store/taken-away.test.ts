import { randomUUID } from 'node:crypto';
import { putTakenBack, takeClassAway } from '@/server/classes/take-away';
import { loadDemo } from '@/demo/load';
import { tablesInOrder } from '@/store/backup';
import { erasePerson, everythingAbout } from '@/store/everything';
import { letGoOfTaken, listTakenAway } from '@/store/taken-away';
import { databaseForFile } from './fresh';

const db = databaseForFile();
const DAY = '2026-11-24';
type Row = Readonly<Record<string, unknown>>;
type ClassRow = { id: string; series: string; day: string; from: string | null; taught: boolean };

/** Every row of every table but what was taken away, as text. */
async function everyRow(): Promise<ReadonlyMap<string, readonly string[]>> {
  const all = new Map<string, readonly string[]>();
  for (const { name } of await tablesInOrder(db)) {
    if (name === 'taken_away') continue;
    const rows = await db.query<{ row: Row }>(`select to_jsonb(t) as row from "${name}" t`);
    all.set(name, rows.map(({ row }) => JSON.stringify(row)).sort());
  }
  return all;
}
const mentions = async (id: string): Promise<string[]> =>
  [...(await everyRow())].flatMap(([table, rows]) => (rows.some((r) => r.includes(id)) ? [table] : []));
const classes = (): Promise<ClassRow[]> =>
  db.query(
    `select c.id, c.series_id as series, c.day::text, c.from_class_id as from, t.ended_at is not null as taught
     from class c left join taught t on t.class_id = c.id order by c.day`,
  );

beforeAll(async () => {
  process.env.OSKIL_TODAY = DAY;
  await loadDemo(db, DAY, randomUUID);
});

test('a class, planned or taught, goes with all that hangs on it, and comes back as it was', async () => {
  const before = await everyRow();
  for (const { id } of await classes()) {
    expect(await takeClassAway(db, db, id, { what: 'class' })).toMatchObject({ ok: true, value: { id } });
    expect(await mentions(id)).toEqual([]);
    expect(await listTakenAway(db)).toMatchObject([{ id, kind: 'class' }]);
    expect(await putTakenBack(db, db, id)).toMatchObject({ ok: true });
    expect(await everyRow()).toEqual(before);
    expect(await listTakenAway(db)).toEqual([]);
  }
});

test('a series goes with its classes, terms and rungs, and comes back as it was', async () => {
  const before = await everyRow();
  const [{ id, series }] = (await classes()) as [ClassRow];
  const taken = await takeClassAway(db, db, id, { what: 'series' });
  expect(taken).toMatchObject({ ok: true, value: { id: series } });
  expect(await mentions(series)).toEqual([]);
  expect(await takeClassAway(db, db, id, { what: 'class' })).toMatchObject({
    message: 'There is no such class.',
  });
  expect(await putTakenBack(db, db, series)).toMatchObject({ ok: true });
  expect(await everyRow()).toEqual(before);
  expect(await putTakenBack(db, db, series)).toMatchObject({ ok: false, code: 'not-found' });
});

test('two classes of a row come back in whatever order they are put back', async () => {
  const all = await classes();
  const later = all.find((c) => all.some((e) => e.id === c.from))!;
  const earlier = all.find((c) => c.id === later.from)!;
  for (const first of [earlier, later]) {
    const second = first === earlier ? later : earlier;
    await takeClassAway(db, db, first.id, { what: 'class' });
    await takeClassAway(db, db, second.id, { what: 'class' });
    for (const { id } of [first, second]) expect(await putTakenBack(db, db, id)).toMatchObject({ ok: true });
    expect((await classes()).map((c) => c.id)).toEqual(all.map((c) => c.id));
  }
});

test('what is in the way is said, and nothing is lost', async () => {
  const all = await classes();
  const planned = all.find((c) => !c.taught)!;
  await takeClassAway(db, db, planned.id, { what: 'class' });
  const other = randomUUID();
  await db.query(`insert into class (id, series_id, day, starts_at, week) values ($1, $2, $3, '10:00', 9)`, [
    other,
    planned.series,
    planned.day,
  ]);
  expect(await putTakenBack(db, db, planned.id)).toMatchObject({
    ok: false,
    message: expect.stringContaining('there is another class of the series on that day now'),
  });
  await takeClassAway(db, db, other, { what: 'series' });
  expect(await putTakenBack(db, db, planned.id)).toMatchObject({
    ok: false,
    message: expect.stringContaining('Put the series back first'),
  });
  expect((await listTakenAway(db)).map((t) => t.id)).toEqual([planned.series, planned.id]);
  expect(await putTakenBack(db, db, planned.series)).toMatchObject({ ok: true });
  await db.query('delete from class where id = $1', [other]);
  expect(await putTakenBack(db, db, planned.id)).toMatchObject({ ok: true });
});

test('a class under way stays', async () => {
  const taught = (await classes()).find((c) => c.taught)!;
  await db.query('update taught set ended_at = null where class_id = $1', [taught.id]);
  for (const what of ['class', 'series'] as const)
    expect(await takeClassAway(db, db, taught.id, { what })).toMatchObject({
      ok: false,
      message: expect.stringMatching(
        /^Week \d+ of .* is being taught\. End it first; nothing was taken away\.$/,
      ),
    });
  await db.query('update taught set ended_at = now() where class_id = $1', [taught.id]);
});

test('who is erased is erased from it too; what nobody puts back in a month is let go', async () => {
  const [first, second] = (await classes()).filter((c) => c.taught) as [ClassRow, ClassRow];
  const [{ person }] = (await db.query<{ person: string }>(
    'select person_id as person from attendance where class_id = $1 limit 1',
    [first.id],
  )) as [{ person: string }];
  await takeClassAway(db, db, first.id, { what: 'class' });
  expect((await everythingAbout(db, person))?.classesTakenAway).toMatchObject([{ day: first.day }]);
  await erasePerson(db, person);
  expect(await listTakenAway(db)).toEqual([]);

  await takeClassAway(db, db, second.id, { what: 'class' });
  await letGoOfTaken(db);
  expect(await listTakenAway(db)).toHaveLength(1);
  await db.query(`update taken_away set taken_at = now() - interval '31 days'`);
  expect(await listTakenAway(db)).toEqual([]);
  await letGoOfTaken(db);
  expect(await db.query('select 1 from taken_away')).toEqual([]);
});
