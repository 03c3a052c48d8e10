import { mkdtempSync, readdirSync, rmSync, statSync, truncateSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeBackup } from '@/server/backup/write';
import { openFolder } from '@/store/open';
import { listPeople } from '@/store/people';

const PAGE_BYTES = 8192;
const AT = { day: '2026-11-27', time: '09:00:00', instant: new Date('2026-11-27T09:00:00Z') };
let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'oskil-short-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

test('a table that was cut short on the disk is told of, and no backup without its rows is made', async () => {
  let db = await openFolder(folder);
  await db.query(
    `insert into person (id, first_name, initial, dominant_hand, notes)
     select gen_random_uuid(), 'Person ' || n, 'A', 'R', repeat('x', 200) from generate_series(1, 300) n`,
  );
  const [{ path }] = (await db.query<{ path: string }>("select pg_relation_filepath('person') as path")) as [
    { path: string },
  ];
  const backups = join(folder, 'backups');
  expect(await makeBackup(db, 'daily', AT, backups)).toMatchObject({ ok: true });
  await db.query('checkpoint');
  await db.close();

  const file = join(folder, 'pg', path);
  truncateSync(file, statSync(file).size - PAGE_BYTES);
  db = await openFolder(folder);
  expect((await listPeople(db)).length).toBeLessThan(300);
  for (const kind of ['daily', 'asked for'] as const)
    expect(await makeBackup(db, kind, { ...AT, time: '10:00:00' }, backups)).toMatchObject({
      ok: false,
      code: 'not-whole',
      message: expect.stringContaining('Restore the last good backup'),
    });
  // What is left is put aside before a restore all the same.
  expect(await makeBackup(db, 'before a restore', { ...AT, time: '11:00:00' }, backups)).toMatchObject({
    ok: true,
  });
  expect(readdirSync(backups).map((name) => name.slice(0, 17))).toEqual([
    '2026-11-27-090000',
    '2026-11-27-110000',
  ]);
  await db.close();
});
