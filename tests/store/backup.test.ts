import { randomUUID } from 'node:crypto';
import {
  copyFileSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gunzipSync, gzipSync } from 'node:zlib';
import { isSame } from '@/core/backup/changes';
import type { BackupKind } from '@/core/backup/header';
import { loadDemo } from '@/demo/load';
import { uploadBackup } from '@/server/backup/upload';
import { backupFolder, backupPath, listBackups, namesIn } from '@/server/backup/folder';
import { copyAll, previewBackup, restoreBackup } from '@/server/backup/restore';
import { makeBackup, type PutDown } from '@/server/backup/write';
import { eraseFromBackups } from '@/server/backup/erased';
import { backupHolds, openBackup, readBackup } from '@/server/backup/read';
import { eraseForGood } from '@/server/people/erase';
import { erasedStillKept } from '@/store/erased';
import { isTeaching } from '@/store/backup';
import { listClasses } from '@/store/classes';
import type { Db } from '@/store/db';
import { migrate, MIGRATIONS } from '@/store/migrate';
import { openPglite } from '@/store/pglite';
import { listPeople, savePerson } from '@/store/people';
import { saveSettings } from '@/store/settings';
import { personFields } from '../core/people';
import { everything } from './everything';
import { databaseForFile } from './fresh';

const db = databaseForFile();
let clock = 0;
/** A second later each time, so that every backup has a name of its own. */
const at = () => {
  const seconds = String(clock++ % 60).padStart(2, '0');
  const minutes = String(Math.floor(clock / 60)).padStart(2, '0');
  return { day: '2026-11-27', time: `09:${minutes}:${seconds}`, instant: new Date('2026-11-27T09:00:00Z') };
};

beforeAll(async () => {
  process.env.OSKIL_DATA = mkdtempSync(join(tmpdir(), 'oskil-backup-'));
  await loadDemo(db, '2026-11-24', randomUUID);
});
afterAll(() => rmSync(process.env.OSKIL_DATA!, { recursive: true, force: true }));

const made = async (kind: BackupKind = 'asked for') => {
  const backup = await makeBackup(db, kind, at());
  if (!backup.ok) throw new Error(backup.message);
  return backup.value.name;
};

test('a backup restores exactly: every row of every table, and numbers go on where they were', async () => {
  const before = await everything(db);
  expect(before.length).toBeGreaterThan(100_000);
  const opened = await openBackup(backupPath(await made())!);
  if (!opened.ok) throw new Error(opened.message);
  expect(await everything(opened.value.db)).toBe(before);
  const [person] = await listPeople(opened.value.db);
  await savePerson(opened.value.db, person!.id, { ...person!, notes: 'Likes the window seat' });
  expect((await listPeople(opened.value.db)).find((p) => p.id === person!.id)!.notes).toBe(
    'Likes the window seat',
  );
  await opened.value.db.close();
});

test('one that is too large for memory is opened in a folder, is the same, and leaves nothing behind', async () => {
  const path = backupPath(await made())!;
  const there = namesIn(backupFolder());
  const opened = await openBackup(path, 'newest', 0);
  if (!opened.ok) throw new Error(opened.message);
  expect(namesIn(backupFolder()).length).toBe(there.length + 1);
  // A backup that is made while it is open, as before a restore, leaves it alone.
  const beside = await made('before a restore');
  expect(await everything(opened.value.db)).toBe(await everything(db));
  await opened.value.db.close();
  expect(namesIn(backupFolder()).filter((n) => n !== beside)).toEqual(there);
});

test('what a restore would change is told by name, and then it is as it was', async () => {
  const name = await made();
  const before = await everything(db);
  const same = await previewBackup(db, name);
  expect(same.ok && same.value.every(isSame)).toBe(true);

  const [first, second] = await listPeople(db);
  await savePerson(db, randomUUID(), personFields({ firstName: 'Yrsa', initial: 'K' }));
  await savePerson(db, first!.id, { ...first!, wantedTask: 'thread a needle' });
  await db.query('delete from person where id = $1', [second!.id]);
  await saveSettings(db, {
    venueSafety: 'Call 1-1-2',
    noteFrom: '',
    floorLoading: 'off',
    timeZone: '',
    paper: 'A4',
  });
  const preview = await previewBackup(db, name);
  if (!preview.ok) throw new Error(preview.message);
  const people = preview.value.find((c) => c.what === 'People')!;
  expect(people).toMatchObject({
    lost: ['Yrsa K'],
    back: [`${second!.firstName} ${second!.initial}`],
    changed: [`${first!.firstName} ${first!.initial}`],
  });
  expect(preview.value.find((c) => c.what === 'Settings')!.lost).toContain('venueSafety');

  const changed = await everything(db);
  const restored = await restoreBackup(db, name, at());
  if (!restored.ok) throw new Error(restored.message);
  expect(await everything(db)).toBe(before);
  // And there is a way back from the way back.
  expect(await restoreBackup(db, restored.value.before!, at())).toMatchObject({ ok: true });
  expect(await everything(db)).toBe(changed);
  await restoreBackup(db, name, at());
});

let one: Buffer | null = null;
const bytesOfOne = async () => (one ??= readFileSync(backupPath(await made())!));

/** The text of a backup, changed, as a file of its own. */
const altered = async (change: (text: string) => string, named = '2026-11-26-080000-brought.oskil') => {
  const text = gunzipSync(await bytesOfOne()).toString();
  writeFileSync(join(backupFolder(), named), gzipSync(change(text)));
  return named;
};

test.each<[string, (text: string) => string]>([
  ['cut off at the end', (text) => text.slice(0, -200)],
  ['without its last line', (text) => text.trimEnd().split('\n').slice(0, -1).join('\n')],
  ['a word of somebody changed', (text) => text.replace('"Ansel"', '"Anselm"')],
  [
    'a row taken out',
    (text) =>
      text
        .split('\n')
        .filter((_, i) => i !== 3)
        .join('\n'),
  ],
  [
    'two rows put the other way round',
    (text) => {
      const lines = text.split('\n');
      return [lines[0], lines[2], lines[1], ...lines.slice(3)].join('\n');
    },
  ],
  ['a line that is none', (text) => text.replace('\n', '\nnonsense\n')],
  ['a table that there is not', (text) => text.replace('["bag"', '["gab"')],
  ['something after the end', (text) => `${text}["bag",{}]\n`],
  ['a header that is not whole', (text) => text.replace('"madeAt"', '"madeat"')],
])('a damaged backup is refused and nothing is touched: %s', async (_, change) => {
  const before = await everything(db);
  const name = await altered(change);
  for (const refused of [await previewBackup(db, name), await restoreBackup(db, name, at())])
    expect(refused).toMatchObject({ ok: false, code: 'damaged' });
  expect(await everything(db)).toBe(before);
});

test.each<[string, (bytes: Buffer) => Buffer]>([
  ['cut in the middle', (bytes) => bytes.subarray(0, Math.floor(bytes.length / 2))],
  [
    'a byte turned',
    (bytes) => Buffer.from(bytes.map((b, i) => (i === Math.floor(bytes.length / 2) ? b ^ 255 : b))),
  ],
  ['no backup at all', () => Buffer.from('first name,initial\nYrsa,K\n')],
  ['nothing', () => Buffer.alloc(0)],
])('a damaged file is refused when it is brought: %s', async (_, change) => {
  const bytes = change(await bytesOfOne());
  const there = namesIn(backupFolder());
  const brought = await uploadBackup(new Blob([new Uint8Array(bytes)]).stream() as never, at());
  expect(brought).toMatchObject({ ok: false });
  expect(!brought.ok && brought.message).toMatch(/Nothing was touched\.$/);
  expect(namesIn(backupFolder())).toEqual(there);
});

test('a file that does not end is let go as soon as it is too large, and nothing of it stays', async () => {
  const there = namesIn(backupFolder());
  let sent = 0;
  const endless = new ReadableStream<Uint8Array>({
    pull: (to) => {
      sent += 65_536;
      to.enqueue(new Uint8Array(65_536));
    },
  });
  const brought = await uploadBackup(endless as never, at(), { most: 1_000_000 });
  expect(brought).toMatchObject({ ok: false, code: 'too-large' });
  expect(sent).toBeLessThan(3_000_000);
  expect(namesIn(backupFolder())).toEqual(there);
  expect(readdirSync(backupFolder()).filter((f) => f.endsWith('.part'))).toEqual([]);
});

test('what is damaged is told at once, though another backup is being made', async () => {
  let done = () => {};
  const never = new Promise<void>((resolve) => (done = resolve));
  const inTurn = async <T>(work: () => Promise<T>): Promise<T> => {
    await never;
    return work();
  };
  const bytes = readFileSync(backupPath(await made())!);
  const there = namesIn(backupFolder());
  const bring = (part: Uint8Array) =>
    uploadBackup(new Blob([new Uint8Array(part)]).stream() as never, at(), { inTurn });
  expect(await bring(bytes.subarray(0, 4_000))).toMatchObject({ ok: false, code: 'damaged' });
  expect(namesIn(backupFolder())).toEqual(there);
  const whole = bring(bytes);
  // Another is made meanwhile, and leaves alone what is waiting.
  await made();
  done();
  expect(await whole).toMatchObject({ ok: true });
});

test('a byte turned anywhere is found, or harms nothing', async () => {
  const bytes = await bytesOfOne();
  const path = join(backupFolder(), '2026-11-26-080001-brought.oskil');
  const whole = gunzipSync(bytes).toString();
  for (let part = 0; part <= 200; part++) {
    const turned = Buffer.from(bytes);
    turned[Math.floor((part / 200) * (bytes.length - 1))]! ^= 1 << (part % 8);
    writeFileSync(path, turned);
    const read = await readBackup(path);
    if (read.ok) expect(gunzipSync(turned).toString()).toBe(whole);
    else expect(['damaged', 'no-backup']).toContain(read.code);
  }
  rmSync(path);
});

test('a line ends at a line feed alone: a note may hold every other mark', async () => {
  const [person] = await listPeople(db);
  const notes = 'one\u2028two\u2029three\rfour\u0085five\nsix 🖐';
  await savePerson(db, person!.id, { ...person!, notes });
  const opened = await openBackup(backupPath(await made())!);
  if (!opened.ok) throw new Error(opened.message);
  expect((await listPeople(opened.value.db)).find((p) => p.id === person!.id)!.notes).toBe(notes);
  await opened.value.db.close();
  await savePerson(db, person!.id, { ...person! });
});

test('a backup of a newer Oskil is refused; one of an older is brought up to date', async () => {
  const newer = await altered((text) => text.replace(/"migration":\d+/, '"migration":999'));
  expect(await previewBackup(db, newer)).toMatchObject({ ok: false, code: 'newer' });
  const later = await altered((text) => text.replace('"version":1', '"version":2'));
  expect(await restoreBackup(db, later, at())).toMatchObject({ ok: false, code: 'newer' });
  // Only its number says so, and the file's own sum does not agree.
  const path = backupPath(later)!;
  const bytes = readFileSync(path);
  bytes[bytes.length - 8]! ^= 1;
  writeFileSync(path, bytes);
  expect(await readBackup(path)).toMatchObject({ ok: false, code: 'damaged' });

  const old = await openPglite(null);
  await migrate(old, MIGRATIONS.slice(0, 10));
  await old.query(
    `insert into person (id, first_name, initial, dominant_hand) values ($1, 'Yrsa', 'K', 'R')`,
    [randomUUID()],
  );
  // It counts no rows of its own yet, so that it is not looked through as one of today is.
  const backup = await makeBackup(old, 'before a restore', at());
  await old.close();
  const opened = await openBackup(backupPath(backup.ok ? backup.value.name : '')!);
  if (!opened.ok) throw new Error(opened.message);
  expect((await listPeople(opened.value.db)).map((p) => p.firstName)).toEqual(['Yrsa']);
  await opened.value.db.close();
});

test.each([
  ['ENOSPC', /the disk is full\. Your data is as it was/],
  ['EROFS', /may not be written to\. Your data is as it was/],
])(
  '%s while a backup is written is said, nothing of it stays, and the data is as it was',
  async (code, words) => {
    const before = await everything(db);
    const there = namesIn(backupFolder());
    const failing: PutDown = async (path, bytes) => {
      let seen = 0;
      for await (const chunk of bytes) {
        seen += chunk.length;
        writeFileSync(path, chunk, { flag: 'a' });
        if (seen > 2_000) throw Object.assign(new Error(code), { code });
      }
    };
    const failed = await makeBackup(db, 'daily', at(), backupFolder(), failing);
    expect(failed).toMatchObject({ ok: false });
    expect(!failed.ok && failed.message).toMatch(words);
    expect(namesIn(backupFolder())).toEqual(there);
    expect(await everything(db)).toBe(before);
  },
);

test('a backup that does not read back is not kept', async () => {
  const half: PutDown = async (path, bytes) => {
    const chunks: Uint8Array[] = [];
    for await (const chunk of bytes) chunks.push(chunk);
    const whole = Buffer.concat(chunks);
    writeFileSync(path, whole.subarray(0, whole.length / 2));
  };
  expect(await makeBackup(db, 'daily', at(), backupFolder(), half)).toMatchObject({
    ok: false,
    message: 'The backup could not be read back, so it was not kept. Try again.',
  });
});

test('fourteen of a kind are kept, and what a killed process left is cleared', async () => {
  writeFileSync(join(backupFolder(), '2026-11-25-080000-daily.oskil.part'), 'half');
  for (let day = 1; day <= 20; day++)
    writeFileSync(join(backupFolder(), `2026-10-${String(day).padStart(2, '0')}-080000-daily.oskil`), 'x');
  writeFileSync(join(backupFolder(), 'holiday.txt'), 'mine');
  await made('daily');
  const daily = listBackups().filter((b) => b.kind === 'daily');
  expect(daily.length).toBe(14);
  expect(daily[0]!.made.startsWith('2026-11-27')).toBe(true);
  expect(namesIn(backupFolder()).some((n) => n.endsWith('.part'))).toBe(false);
  expect(namesIn(backupFolder())).toContain('holiday.txt');
  expect(backupPath('holiday.txt')).toBeNull();
  expect(backupPath('../pg/PG_VERSION')).toBeNull();
});

test('while a class is being taught nothing is restored', async () => {
  const name = await made();
  const planned = (await listClasses(db)).find((c) => c.status === 'planned')!;
  await db.query(
    `insert into taught (class_id, started_at, snapshot, state) values ($1, now(), '{"people":[]}', '{}')`,
    [planned.id],
  );
  expect(await restoreBackup(db, name, at())).toMatchObject({ ok: false, code: 'teaching' });
  await db.query('delete from taught where class_id = $1', [planned.id]);
});

test('what is written while a backup is restored is in the backup made before it, or in what was restored', async () => {
  const name = await made();
  const answered: string[] = [];
  let over = false;
  const write = async () => {
    while (!over) {
      const key = `during ${answered.length}`;
      await saveSettings(db, { [key]: '1' });
      answered.push(key);
      // So that the restore gets its turn.
      await new Promise((resolve) => setImmediate(resolve));
    }
  };
  const writing = write();
  const restored = await restoreBackup(db, name, at());
  const atTheEnd = [...answered];
  over = true;
  await writing;
  if (!restored.ok) throw new Error(restored.message);
  const before = await openBackup(backupPath(restored.value.before!)!);
  if (!before.ok) throw new Error(before.message);
  const namesOf = async (of: Db) =>
    (await of.query<{ name: string }>(`select name from setting where name like 'during%'`)).map(
      (r) => r.name,
    );
  const kept = new Set([...(await namesOf(before.value.db)), ...(await namesOf(db))]);
  expect(atTheEnd.filter((key) => !kept.has(key))).toEqual([]);
  expect(atTheEnd.length).toBeGreaterThan(0);
  await before.value.db.close();
});

test('a clock that is ahead when a class begins stops no backup and no restore', async () => {
  const planned = (await listClasses(db)).find((c) => c.status === 'planned')!;
  for (const ahead of ['30 days', '10 years']) {
    await db.query(
      `insert into taught (class_id, started_at, began_at, snapshot, state)
       values ($1, now() + $2::interval, now() + $2::interval, '{"people":[]}', '{}')`,
      [planned.id, ahead],
    );
    expect(await isTeaching(db)).toBe(false);
    await db.query('delete from taught where class_id = $1', [planned.id]);
  }
});

test('somebody who is erased is taken out of every backup that is kept; the rest of each is as it was', async () => {
  const [someone, other] = await listPeople(db);
  const folder = join(backupFolder(), 'few');
  const backup = await makeBackup(db, 'daily', at(), folder);
  if (!backup.ok) throw new Error(backup.message);
  const path = backupPath(backup.value.name, folder)!;
  const name = `${someone!.firstName} ${someone!.initial}`.trim();
  expect(await eraseForGood(db, db, someone!.id, { name })).toMatchObject({ ok: true });
  // Nothing else was changed since it was made.
  const wanted = await everything(db);
  expect((await erasedStillKept(db)).map((e) => e.id)).toEqual([someone!.id]);
  expect(await backupHolds(path, [someone!.id])).toBe(true);
  // One that is brought before is no different from one that is made; whoever brings one afterwards may want them back.
  const [before, after] = ['090000', '090001'].map((time) =>
    join(folder, `2026-01-01-${time}-brought.oskil`),
  );
  for (const [copy, day] of [
    [before!, new Date('2020-01-01')],
    [after!, new Date('2099-01-01')],
  ] as const) {
    copyFileSync(path, copy);
    utimesSync(copy, day, day);
  }
  expect(await eraseFromBackups(db, folder)).toMatchObject({ ok: true });
  expect(await erasedStillKept(db)).toEqual([]);
  expect([await backupHolds(path, [someone!.id]), await backupHolds(path, [other!.id])]).toEqual([
    false,
    true,
  ]);
  const opened = await openBackup(path);
  if (!opened.ok) throw new Error(opened.message);
  expect(await everything(opened.value.db)).toBe(wanted);
  await opened.value.db.close();
  expect([await backupHolds(before!, [someone!.id]), await backupHolds(after!, [someone!.id])]).toEqual([
    false,
    true,
  ]);
  expect(statSync(before!).mtime).toEqual(new Date('2020-01-01'));
  expect(namesIn(folder)).toHaveLength(3);
});

test('a restore that cannot be finished leaves everything as it was', async () => {
  const opened = await openBackup(backupPath(await made())!);
  if (!opened.ok) throw new Error(opened.message);
  const before = await everything(db);
  // Somebody in it who may not be here: the rule of the table stops the restore in its middle.
  await opened.value.db.query('alter table attendance drop constraint attendance_effort_check');
  await opened.value.db.query('update attendance set effort = 99');
  await expect(db.transaction((tx) => copyAll(opened.value.db, tx))).rejects.toThrow();
  await opened.value.db.close();
  expect(await everything(db)).toBe(before);
});
