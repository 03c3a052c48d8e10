import { promises as files, mkdtempSync, readdirSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Database } from '@/store/db';
import { openFolder } from '@/store/open';

/** That nothing is lost with the power is tried by scripts/power-cuts.mjs; here, how often the disk is asked, and what if it will not. */
const folder = mkdtempSync(join(tmpdir(), 'oskil-disk-'));
let db: Database;
beforeAll(async () => {
  db = await openFolder(join(folder, 'data'));
});
afterEach(() => jest.restoreAllMocks());
afterAll(async () => {
  await db.close().catch(() => undefined);
  rmSync(folder, { recursive: true, force: true });
});

const set = (n: number) =>
  db.query(
    `insert into setting (name, value) values ($1, '1') on conflict (name) do update set value = '2'`,
    [`setting ${n}`],
  );
/** The log files that were opened to be put on the disk, once for each time. */
const asked = () => jest.spyOn(files, 'open');
const logFiles = (spy: ReturnType<typeof asked>) =>
  spy.mock.calls.filter(([path]) => /pg_wal.[0-9A-F]{24}$/.test(String(path))).length;

test('a write is answered once the log is on the disk; a read asks nothing of it', async () => {
  const spy = asked();
  await set(0);
  expect(logFiles(spy)).toBe(1);
  await db.query('select count(*) from person');
  expect(logFiles(spy)).toBe(1);
  await db.transaction(async (tx) => {
    await tx.query(`delete from setting where name = 'setting 0'`);
    expect(logFiles(spy)).toBe(1);
  });
  expect(logFiles(spy)).toBe(2);
});

test('writes that come at once share what they wait for', async () => {
  const spy = asked();
  await Promise.all(Array.from({ length: 50 }, (_, n) => set(n)));
  expect(logFiles(spy)).toBeGreaterThan(0);
  expect(logFiles(spy)).toBeLessThan(50);
  const [row] = await db.query<{ n: number }>(
    `select count(*)::int as n from setting where name like 'setting %'`,
  );
  expect(row!.n).toBe(50);
});

test('all files and folders of the data are for whoever runs Oskil alone', () => {
  const below = (path: string): string[] =>
    readdirSync(path, { withFileTypes: true }).flatMap((e) => [
      join(path, e.name),
      ...(e.isDirectory() ? below(join(path, e.name)) : []),
    ]);
  const pg = join(folder, 'data', 'pg');
  const all = [pg, ...below(pg)];
  expect(all.length).toBeGreaterThan(100);
  expect(all.filter((path) => (statSync(path).mode & 0o077) !== 0)).toEqual([]);
});

test('a disk that does not take a write is told, then and from then on, rather than taken for one that did', async () => {
  const real = files.open.bind(files);
  jest.spyOn(files, 'open').mockImplementation(async (path, ...rest) => {
    const handle = await real(path, ...rest);
    if (String(path).includes('pg_wal'))
      handle.datasync = () => Promise.reject(Object.assign(new Error('disk'), { code: 'EIO' }));
    return handle;
  });
  await expect(set(1)).rejects.toMatchObject({ code: 'not-on-disk' });
  jest.restoreAllMocks();
  await expect(set(2)).rejects.toMatchObject({ code: 'not-on-disk' });
});
