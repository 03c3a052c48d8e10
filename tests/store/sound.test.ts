import {
  closeSync,
  cpSync,
  mkdtempSync,
  openSync,
  readdirSync,
  rmSync,
  statSync,
  truncateSync,
  writeSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { restoreBackup } from '@/server/backup/restore';
import { makeBackup } from '@/server/backup/write';
import type { Database } from '@/store/db';
import { openFolder } from '@/store/open';
import { listPeople } from '@/store/people';
import { damagedTables } from '@/store/integrity';

const PAGE_BYTES = 8192;
const AT = { day: '2026-11-27', time: '09:00:00', instant: new Date('2026-11-27T09:00:00Z') };
const scratch = mkdtempSync(join(tmpdir(), 'oskil-sound-'));
const whole = join(scratch, 'whole');
/** Where the database keeps what, below its folder. */
const files: Record<string, string> = {};
/** The backup that was made while all was whole; it is in every copy. */
let good = '';

beforeAll(async () => {
  const db = await openFolder(whole);
  await db.query(
    `insert into person (id, first_name, initial, dominant_hand, notes)
     select gen_random_uuid(), 'Person ' || n, 'A', 'R', repeat('x', 200) from generate_series(1, 300) n`,
  );
  for (const name of ['person', 'person_pkey', 'tally', 'setting']) {
    const [row] = await db.query<{ path: string }>(`select pg_relation_filepath('${name}') as path`);
    files[name] = row!.path;
  }
  const backup = await makeBackup(db, 'daily', AT, join(whole, 'backups'));
  if (!backup.ok) throw new Error(backup.message);
  good = backup.value.name;
  await db.query('checkpoint');
  await db.close();
});
afterAll(() => rmSync(scratch, { recursive: true, force: true }));

let serial = 0;
/** A copy of the data in which a file was changed behind the database's back. */
async function damagedBy(name: string, damage: (file: string) => void): Promise<Database> {
  const folder = join(scratch, `damaged-${serial++}`);
  cpSync(whole, folder, { recursive: true });
  damage(join(folder, 'pg', files[name]!));
  return openFolder(folder);
}

const zeroPage = (page: number) => (file: string) => {
  const handle = openSync(file, 'r+');
  writeSync(handle, Buffer.alloc(PAGE_BYTES), 0, PAGE_BYTES, page * PAGE_BYTES);
  closeSync(handle);
};

test('data that is whole is found whole', async () => {
  const db = await openFolder(whole);
  expect(await damagedTables(db)).toEqual([]);
  await db.close();
});

test.each<[string, string, (file: string) => void]>([
  ['a page in the middle is all zeros, as after a power cut', 'person', zeroPage(2)],
  ['the last page is all zeros', 'person', (file) => zeroPage(statSync(file).size / PAGE_BYTES - 1)(file)],
  [
    'a table is cut short by a page',
    'person',
    (file) => truncateSync(file, statSync(file).size - PAGE_BYTES),
  ],
  ['a table is cut to one page', 'person', (file) => truncateSync(file, PAGE_BYTES)],
  ['a table is cut to nothing', 'person', (file) => truncateSync(file, 0)],
  ['an index is cut short', 'person_pkey', (file) => truncateSync(file, 2 * PAGE_BYTES)],
  ['a page of an index is all zeros', 'person_pkey', zeroPage(1)],
])('%s: told by the name of the table, and no backup is made', async (_, of, damage) => {
  const db = await damagedBy(of, damage);
  expect(await damagedTables(db)).toEqual(['person']);
  const backups = join(scratch, `backups-${serial}`);
  expect(await makeBackup(db, 'daily', AT, backups)).toMatchObject({
    ok: false,
    code: 'not-whole',
    message: expect.stringContaining('Restore the last good backup') as string,
  });
  expect(readdirSync(backups)).toEqual([]);
  await db.close();
});

test.each<[string, string, (file: string) => void]>([
  ['zeros in the middle of a table', 'person', zeroPage(2)],
  ['an index cut short', 'person_pkey', (file) => truncateSync(file, 2 * PAGE_BYTES)],
])(
  '%s: the backup made before is restored all the same, and what was there is put aside',
  async (_, of, damage) => {
    const db = await damagedBy(of, damage);
    process.env.OSKIL_DATA = join(scratch, `damaged-${serial - 1}`);
    const restored = await restoreBackup(db, good, { ...AT, time: '10:00:00' });
    if (!restored.ok) throw new Error(restored.message);
    expect(restored.value.before).toBeNull();
    expect(readdirSync(restored.value.aside!)).toContain('PG_VERSION');
    expect(await damagedTables(db)).toEqual([]);
    expect((await listPeople(db)).length).toBe(300);
    delete process.env.OSKIL_DATA;
    await db.close();
  },
);

test('where a table cannot be read at all, the folder is not opened, and left as it is', async () => {
  await expect(damagedBy('person_pkey', (file) => truncateSync(file, 0))).rejects.toMatchObject({
    name: 'DamagedFolder',
    message: expect.stringContaining('It was left as it is.') as string,
  });
});

test('damage to the count itself is told too', async () => {
  const db = await damagedBy('tally', (file) => {
    for (let page = 0; page < statSync(file).size / PAGE_BYTES; page++) zeroPage(page)(file);
  });
  expect(await damagedTables(db)).toContain('person');
  await db.close();
});
