import { createWriteStream, promises as files, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import type { BackupKind } from '@/core/backup';
import { erasedStillKept, forgetErased, type Erased } from '@/store/erased';
import { erasePerson } from '@/store/everything';
import { sync } from '@/store/sync';
import { backupFolder, listBackups, PART } from './folder';
import { backupLines } from './lines';
import { backupHolds, openBackup, readBackup } from './read';
import { verify } from './verify';

/** One backup's turn, so that whatever else is about backups comes in between. */
type Turn = <T>(work: () => Promise<T>) => Promise<T>;

/**
 * Take those who were erased out of the backups that were made before: each is opened, written anew without them, restored on trial,
 * and put in the place of what it was. What is cut off goes on when it is asked for again.
 */
export async function eraseFromBackups(
  db: Db,
  folder = backupFolder(),
  inTurn: Turn = (work) => work(),
): Promise<Result<object>> {
  const erased = await erasedStillKept(db);
  if (erased.length === 0) return ok({});
  for (const { name, kind } of listBackups(folder)) {
    const path = join(folder, name);
    const written = await inTurn(async () => {
      const ids = await erasedFrom(path, kind, erased);
      return (await backupHolds(path, ids)) ? withoutThem(path, ids) : ok({});
    });
    if (!written.ok) return fail(written.code, `${name}: ${written.message}`);
  }
  await forgetErased(
    db,
    erased.map((e) => e.id),
  );
  return ok({});
}

/** Whoever brings a backup after somebody was erased may want them back: those stay in it. */
async function erasedFrom(
  path: string,
  kind: BackupKind,
  erased: readonly Erased[],
): Promise<readonly string[]> {
  const broughtMs = kind === 'brought' ? (await files.stat(path)).mtimeMs : -Infinity;
  return erased.filter((e) => e.atMs >= broughtMs).map((e) => e.id);
}

async function withoutThem(path: string, ids: readonly string[]): Promise<Result<object>> {
  const [header, opened] = [await readBackup(path), await openBackup(path)];
  // One that is damaged restores nobody, so nobody is in it.
  if (!header.ok || !opened.ok) return ok({});
  const { db: then } = opened.value;
  const part = `${path}${PART}`;
  try {
    for (const id of ids) await erasePerson(then, id);
    const sums = await then.transaction(async (tx) => {
      const lines = backupLines(tx, header.value.kind, new Date(header.value.madeAt));
      const bytes = Readable.from(lines.text()).pipe(createGzip());
      await pipeline(bytes, createWriteStream(part, { mode: 0o600 }));
      return lines.sums();
    });
    await sync(part);
    const verified = await verify(part, sums);
    if (!verified.ok) return verified;
    // When it was brought stays known.
    const { atime, mtime } = await files.stat(path);
    await files.utimes(part, atime, mtime);
    await files.rename(part, path);
    await sync(dirname(path));
    return ok({});
  } finally {
    rmSync(part, { force: true });
    await then.close();
  }
}
