import { randomUUID } from 'node:crypto';
import { createWriteStream, promises as files, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { Readable } from 'node:stream';
import type { ReadableStream } from 'node:stream/web';
import { pipeline } from 'node:stream/promises';
import { backupName } from '@/core/backup';
import { fail, ok, type Result } from '@/core/result';
import { sync } from '@/store/sync';
import { backupFolder, COMING, readyFolder, applyRetention } from './folder';
import { openBackup, readBackup } from './read';
import { troubleWords, type MadeAt } from './write';

/** A backup of a large programme over ten years stays well below it. */
export const MAX_BACKUP_BYTES = 500_000_000;

class TooLarge extends Error {}

/**
 * Take in a backup from elsewhere: it is kept beside the others once it has been restored into a database of its own. It comes onto
 * the disk and is read through at once; only opening and keeping it waits for its `turn`.
 */
export async function uploadBackup(
  body: ReadableStream<Uint8Array>,
  at: MadeAt,
  { most = MAX_BACKUP_BYTES, inTurn = (work) => work() }: BringOptions = {},
): Promise<Result<{ name: string }>> {
  const folder = backupFolder();
  const name = backupName(at.day, at.time, 'brought');
  const part = join(folder, `${COMING}${randomUUID()}`);
  try {
    readyFolder(folder);
    await pipeline(Readable.fromWeb(body), limitedTo(most), createWriteStream(part, { mode: 0o600 }));
    const read = await readBackup(part);
    return read.ok ? await inTurn(() => keep(part, name)) : read;
  } catch (error) {
    return error instanceof TooLarge
      ? fail('too-large', 'That file is over 500 MB, too large for a backup of Oskil.')
      : fail('backup-failed', troubleWords(error, folder));
  } finally {
    rmSync(part, { force: true });
  }
}

type BringOptions = {
  /** Bytes. */
  readonly most?: number;
  readonly inTurn?: <T>(work: () => Promise<T>) => Promise<T>;
};

async function keep(part: string, name: string): Promise<Result<{ name: string }>> {
  const folder = dirname(part);
  const opened = await openBackup(part);
  if (!opened.ok) return opened;
  await opened.value.db.close();
  await sync(part);
  await files.rename(part, join(folder, name));
  await sync(folder);
  applyRetention(name, folder);
  return ok({ name });
}

const limitedTo = (most: number) =>
  async function* (bytes: AsyncIterable<Uint8Array>): AsyncGenerator<Uint8Array> {
    let seen = 0;
    for await (const chunk of bytes) {
      seen += chunk.length;
      if (seen > most) throw new TooLarge();
      yield chunk;
    }
  };
