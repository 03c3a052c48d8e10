import { createWriteStream, promises as files, rmSync } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { backupName, damageSentence, type BackupKind } from '@/core/backup';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { isDamage } from '@/store/integrity';
import { sync } from '@/store/sync';
import { damagedNow, lookForDamage } from '../shell/soundness';
import { codeOf, FULL, NOT_WRITABLE } from '../shell/troubles';
import { backupFolder, PART, readyFolder, applyRetention } from './folder';
import { backupLines } from './lines';
import { verify } from './verify';

export type MadeAt = { readonly day: string; readonly time: string; readonly instant: Date };

/** How a file is put down; a test puts another in its place to fill the disk. */
export type PutDown = (path: string, bytes: AsyncIterable<Uint8Array>) => Promise<void>;

/**
 * All data as one file: a header, every row of every table, and a digest of it all; compressed, read back and restored into a
 * database of its own before it counts. What goes wrong is said, and the data is as it was.
 */
export async function makeBackup(
  db: Db,
  kind: BackupKind,
  at: MadeAt,
  folder = backupFolder(),
  putDown: PutDown = toDisk,
): Promise<Result<{ name: string }>> {
  const name = backupName(at.day, at.time, kind);
  const part = join(folder, `${name}${PART}`);
  try {
    readyFolder(folder);
    // Else a backup of what is left would one day be the only one.
    if (kind !== 'before a restore' && (await lookForDamage(db)).length > 0) return notWhole();
    const sums = await db.transaction(async (tx) => {
      // Before a restore nobody else writes, and the transaction is under way.
      if (kind !== 'before a restore') await tx.query('set transaction isolation level repeatable read');
      const lines = backupLines(tx, kind, at.instant);
      await putDown(part, Readable.from(lines.text()).pipe(createGzip()));
      return lines.sums();
    });
    const verified = await verify(part, sums);
    if (!verified.ok) {
      rmSync(part, { force: true });
      return verified;
    }
    await files.rename(part, join(folder, name));
    await sync(folder);
    applyRetention(name, folder);
    return ok({ name });
  } catch (error) {
    rmSync(part, { force: true });
    return isDamage(error) ? notWhole() : fail('backup-failed', troubleWords(error, folder));
  }
}

const notWhole = () => fail('not-whole', damageSentence(damagedNow()));

/** Written, and on the disk itself before it counts. */
const toDisk: PutDown = async (path, bytes) => {
  await pipeline(bytes, createWriteStream(path, { flags: 'w', mode: 0o600 }));
  await sync(path);
};

/** What went wrong with a folder or a disk, in a sentence. */
export function troubleWords(error: unknown, folder: string): string {
  const code = codeOf(error);
  const untouched = 'Your data is as it was.';
  if (FULL.has(code))
    return `The backup could not be written: the disk is full. ${untouched} Make room and try again.`;
  if (NOT_WRITABLE.has(code))
    return `The backup could not be written: ${folder} may not be written to. ${untouched} Let Oskil write there and try again.`;
  return `The backup could not be made. ${untouched} Try again in a moment.`;
}
