import { createHash, randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { loadDemo } from '@/demo/load';
import { uploadBackup } from '@/server/backup/upload';
import { backupFolder, backupPath, namesIn, readyFolder } from '@/server/backup/folder';
import { openBackup } from '@/server/backup/read';
import { restoreBackup } from '@/server/backup/restore';
import { MIGRATIONS } from '@/store/migrate';
import { everything } from './everything';
import { databaseForFile } from './fresh';

const db = databaseForFile();
const at = () => ({ day: '2026-11-27', time: '09:00:00', instant: new Date('2026-11-27T09:00:00Z') });

beforeAll(async () => {
  process.env.OSKIL_DATA = mkdtempSync(join(tmpdir(), 'oskil-hostile-'));
  readyFolder();
  await loadDemo(db, '2026-11-24', randomUUID);
});
afterAll(() => rmSync(process.env.OSKIL_DATA!, { recursive: true, force: true }));

/** A file of rows that says of itself that it is a whole backup. */
function backupOf(rows: readonly string[], name: string): string {
  const lines = [
    JSON.stringify({
      oskil: 'backup',
      version: 1,
      migration: MIGRATIONS.length,
      madeAt: '2026-11-27T09:00:00Z',
      kind: 'brought',
    }),
    ...rows,
  ].map((line) => `${line}\n`);
  const sha256 = createHash('sha256').update(lines.join('')).digest('hex');
  writeFileSync(
    join(backupFolder(), name),
    gzipSync(`${lines.join('')}${JSON.stringify({ rows: rows.length, sha256 })}\n`),
  );
  return name;
}
const setting = (n: number, value: string) => `["setting",${JSON.stringify({ name: `s${n}`, value })}]`;
const HOSTILE: readonly (readonly [string, () => readonly string[]])[] = [
  ['one endless line', () => [setting(1, 'a'.repeat(60_000_000))]],
  [
    'a small file that becomes a huge one',
    () => Array.from({ length: 60 }, (_, n) => setting(n, 'a'.repeat(1_000_000))),
  ],
  ['a table that there is not', () => ['["nothing",{"a":1}]']],
  ['a table of the machine', () => ['["lock",{"single":true,"passphrase":"scrypt:x"}]']],
  ['another’s token', () => [`["token",{"hash":"${'a'.repeat(64)}","instructor_id":null}]`]],
  ['a table of the engine', () => ['["pg_authid",{"rolname":"x"}]']],
  ...['__proto__', 'constructor', 'prototype'].map(
    (step) =>
      [
        `a field that leads to ${step}`,
        () => extraWith(`[{"path":["${step}"],"key":"x","value":1}]`),
      ] as const,
  ),
  ['extra fields that are no list', () => extraWith('{"a":1}')],
];
/** A class of the demo as rows, and what a file said besides of it. */
let aClass: readonly [id: string, rows: readonly string[]];
beforeAll(async () => {
  const line = async (table: string, id: string) => {
    const [row] = await db.query<{ row: unknown }>(
      `select to_jsonb(t) as row from ${table} t where id = $1`,
      [id],
    );
    return JSON.stringify([table, row!.row]);
  };
  const [one] = await db.query<{ id: string; series: string }>(
    'select id, series_id as series from class where from_class_id is null limit 1',
  );
  aClass = [one!.id, [await line('series', one!.series), await line('class', one!.id)]];
});
const extraWith = (fields: string): readonly string[] => [
  ...aClass[1],
  `["file_extra",{"class_id":"${aClass[0]}","fields":${fields}}]`,
];

describe('a file that says of itself that it is a whole backup, and holds', () => {
  const NAME = '2026-11-26-070000-brought.oskil';
  let before = '';
  beforeAll(async () => {
    before = await everything(db);
  });
  afterAll(async () => {
    expect(await everything(db)).toBe(before);
    expect(({} as Record<string, unknown>).x).toBeUndefined();
  });

  test.each(HOSTILE)('%s, is refused when it is brought, and nothing of it stays', async (_, rows) => {
    const bytes = readFileSync(join(backupFolder(), backupOf(rows(), NAME)));
    rmSync(join(backupFolder(), NAME));
    const there = namesIn(backupFolder());
    const body = new Blob([bytes]).stream() as unknown as Parameters<typeof uploadBackup>[0];
    expect(await uploadBackup(body, at())).toMatchObject({ ok: false, code: 'damaged' });
    expect(namesIn(backupFolder())).toEqual(there);
  });

  test('a field that leads elsewhere, is not restored where it was put among the others by hand', async () => {
    backupOf(extraWith('[{"path":["__proto__"],"key":"x","value":1}]'), NAME);
    expect(await restoreBackup(db, NAME, at())).toMatchObject({ ok: false, code: 'damaged' });
    rmSync(join(backupFolder(), NAME));
  });
});

test('extra fields as a file left them come back', async () => {
  const name = backupOf(
    extraWith('[{"path":[{"id":"r1"}],"key":"mine","value":1}]'),
    '2026-11-26-070000-brought.oskil',
  );
  const opened = await openBackup(backupPath(name)!);
  expect(opened).toMatchObject({ ok: true });
  if (opened.ok) await opened.value.db.close();
});
