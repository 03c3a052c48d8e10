import {
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FolderInUse, lockFolder } from '@/store/lock';
import { migrate, MIGRATIONS, NewerDatabase } from '@/store/migrate';
import { DamagedFolder, openFolder, replaceData } from '@/store/open';
import { listPeople } from '@/store/people';
import { openPglite } from '@/store/pglite';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'oskil-store-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('an empty database is brought up to date, and a second time nothing runs', async () => {
  const db = await openPglite(null);
  expect(await migrate(db)).toBe(MIGRATIONS.length);
  expect(await migrate(db)).toBe(0);
  expect(await db.query('select number from migration order by number')).toEqual(
    MIGRATIONS.map((m) => ({ number: m.number })),
  );
  await db.close();
});

test('a database of the first version keeps its people', async () => {
  const db = await openPglite(null);
  await migrate(db, MIGRATIONS.slice(0, 1));
  await db.query(
    `insert into person (id, first_name, dominant_hand) values ('00000000-0000-4000-8000-000000000001', 'Ansel', 'L')`,
  );
  expect(await migrate(db)).toBe(MIGRATIONS.length - 1);
  expect((await listPeople(db)).map((p) => [p.firstName, p.dominantHand])).toEqual([['Ansel', 'L']]);
  await db.query('select 1 from mark');
  await db.close();
});

test('ranges of the wrist that were kept in plain words go by the field’s terms', async () => {
  const db = await openPglite(null);
  await migrate(db, MIGRATIONS.slice(0, 20));
  const id = '00000000-0000-4000-8000-000000000001';
  await db.query(`insert into person (id, first_name, dominant_hand) values ($1, 'Ansel', 'L')`, [id]);
  const kinds = ['bend', 'bend back', 'toward the thumb', 'toward the little finger', 'grip'];
  for (const kind of kinds)
    await db.query(
      `insert into measure (person_id, hand, kind, value, on_day) values ($1, 'L', $2, 30, '2026-11-02')`,
      [id, kind],
    );
  await migrate(db);
  const [ansel] = await listPeople(db);
  expect(ansel!.measures.map((m) => m.kind).sort()).toEqual([
    'extension',
    'flexion',
    'grip',
    'radial',
    'ulnar',
  ]);
  await db.close();
});

test('a failing migration leaves nothing of itself', async () => {
  const db = await openPglite(null);
  const bad = {
    number: MIGRATIONS.length + 1,
    name: 'bad',
    sql: 'create table half (n int); create table half (n int);',
  };
  await migrate(db);
  await expect(migrate(db, [...MIGRATIONS, bad])).rejects.toThrow();
  expect(await db.query(`select to_regclass('half') as half`)).toEqual([{ half: null }]);
  expect(await migrate(db)).toBe(0);
  await db.close();
});

test('a database from a newer Oskil is refused and not touched', async () => {
  const db = await openPglite(null);
  await migrate(db);
  await db.query(`insert into migration (number, name) values (99, 'from the future')`);
  await expect(migrate(db)).rejects.toThrow(NewerDatabase);
  await db.close();
});

test('data is there again after closing and opening', async () => {
  const first = await openFolder(folder);
  await first.query(
    `insert into person (id, first_name, dominant_hand) values ('00000000-0000-4000-8000-000000000001', 'Ansel', 'L')`,
  );
  await first.close();
  expect(existsSync(join(folder, 'oskil.lock'))).toBe(false);
  const second = await openFolder(folder);
  expect(await listPeople(second)).toHaveLength(1);
  await second.close();
});

test('a folder in use is refused with a sentence', async () => {
  const release = lockFolder(folder);
  await expect(openFolder(folder)).rejects.toThrow(
    /Another Oskil is using the data in .*Nothing was touched/,
  );
  expect(existsSync(join(folder, 'pg'))).toBe(false);
  release();
});

test('opening afresh throws the old data away, but never someone else’s', async () => {
  const first = await openFolder(folder);
  await first.query(
    `insert into person (id, first_name, dominant_hand) values ('00000000-0000-4000-8000-000000000001', 'Ansel', 'L')`,
  );
  await expect(openFolder(folder, { fresh: true })).rejects.toThrow(FolderInUse);
  expect(await listPeople(first)).toHaveLength(1);
  await first.close();
  const afresh = await openFolder(folder, { fresh: true });
  expect(await listPeople(afresh)).toEqual([]);
  await afresh.close();
});

test.each([
  ['of a process that is gone', JSON.stringify({ pid: 2 ** 22 - 3, started: '1' })],
  ['of a process number that now belongs to another', JSON.stringify({ pid: process.pid, started: '1' })],
  ['that is not readable', 'not json'],
])('a lock %s is taken over', (_, content) => {
  const file = join(folder, 'oskil.lock');
  writeFileSync(file, content);
  const release = lockFolder(folder);
  expect(JSON.parse(readFileSync(file, 'utf8'))).toMatchObject({ pid: process.pid });
  release();
  expect(existsSync(file)).toBe(false);
});

const PERSON = `insert into person (id, first_name, dominant_hand)
  values ('00000000-0000-4000-8000-000000000001', 'Ansel', 'L')`;
/** Files and sizes below a folder. */
const filesIn = (path: string): readonly string[] =>
  readdirSync(path, { recursive: true, encoding: 'utf8' })
    .map((f) => `${f} ${statSync(join(path, f)).size}`)
    .sort();

test.each<[string, (pg: string) => void]>([
  [
    'the control file is overwritten',
    (pg) => writeFileSync(join(pg, 'global', 'pg_control'), Buffer.alloc(8_192)),
  ],
  ['the version file is gone', (pg) => rmSync(join(pg, 'PG_VERSION'))],
  ['the log is gone', (pg) => rmSync(join(pg, 'pg_wal'), { recursive: true })],
  [
    'a table is overwritten',
    (pg) => {
      const [base] = readdirSync(join(pg, 'base')).filter((d) => d === '5');
      for (const f of readdirSync(join(pg, 'base', base!)).filter((n) => /^1[67]\d{3}$/.test(n)))
        if (statSync(join(pg, 'base', base!, f)).size > 0)
          writeFileSync(
            join(pg, 'base', base!, f),
            Buffer.alloc(statSync(join(pg, 'base', base!, f)).size, 255),
          );
    },
  ],
])('a damaged folder is told of and left as it is: %s', async (_, damage) => {
  const db = await openFolder(folder);
  await db.query(PERSON);
  await db.close();
  damage(join(folder, 'pg'));
  const there = filesIn(join(folder, 'pg'));
  await expect(openFolder(folder)).rejects.toThrow(DamagedFolder);
  expect(filesIn(join(folder, 'pg')).filter((f) => !/pid|pg_internal|pg_stat|log/.test(f))).toEqual(
    there.filter((f) => !/pid|pg_internal|pg_stat|log/.test(f)),
  );
  expect(existsSync(join(folder, 'oskil.lock'))).toBe(false);
});

test('other data takes the place of a damaged folder, which is put aside; where that fails all is as it was', async () => {
  mkdirSync(join(folder, 'pg'));
  writeFileSync(join(folder, 'pg', 'half'), 'something');
  await expect(
    replaceData(folder, async (db) => {
      await db.query(PERSON);
      throw new Error('The disk is full');
    }),
  ).rejects.toThrow('The disk is full');
  expect(readdirSync(join(folder, 'pg'))).toEqual(['half']);
  expect(existsSync(join(folder, 'oskil.lock'))).toBe(false);

  const aside = await replaceData(folder, async (db) => {
    await db.query(PERSON);
  });
  expect(aside).toBe(join(folder, 'pg-aside-1'));
  expect(readdirSync(aside!)).toEqual(['half']);
  const db = await openFolder(folder);
  expect((await listPeople(db)).map((p) => p.firstName)).toEqual(['Ansel']);
  await db.close();
});

test('a folder that was cut off while it was made begins again', async () => {
  mkdirSync(join(folder, 'pg-making', 'base'), { recursive: true });
  writeFileSync(join(folder, 'pg-making', 'PG_VERSION'), '17');
  const db = await openFolder(folder);
  expect(await listPeople(db)).toEqual([]);
  await db.close();
  expect(existsSync(join(folder, 'pg-making'))).toBe(false);
});

test('a folder as an earlier Oskil left it is opened with what it holds', async () => {
  const db = await openFolder(folder);
  await db.query(PERSON);
  await db.close();
  const copy = mkdtempSync(join(tmpdir(), 'oskil-copy-'));
  cpSync(join(folder, 'pg'), join(copy, 'pg'), { recursive: true });
  const copied = await openFolder(copy);
  expect(await listPeople(copied)).toHaveLength(1);
  await copied.close();
  rmSync(copy, { recursive: true });
});
