import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { createGunzip } from 'node:zlib';
import { DAMAGED, isRow, readHeader, readLine, type BackupHeader } from '@/core/backup/header';
import { fail, ok, type Result } from '@/core/result';
import type { Database, Db } from '@/store/db';
import { filling } from '@/store/fill-tables';
import { MIGRATIONS, migrate } from '@/store/migrate';
import { openPglite } from '@/store/pglite';

/** Whether a file is a whole backup that this Oskil knows; nothing is restored. */
export async function readBackup(path: string): Promise<Result<BackupHeader>> {
  const lines = linesOf(path);
  try {
    const first = await lines.next();
    const header = readHeader(first.done ? '' : first.value, MIGRATIONS.length);
    if (!header.ok) return header;
    const digest = createHash('sha256').update(`${first.value}\n`);
    let rows = 0;
    for await (const line of lines) {
      const read = readLine(line);
      if (!read) return NOT_WHOLE;
      if (!isRow(read)) {
        const whole = (await lines.next()).done && read.rows === rows && read.sha256 === digest.digest('hex');
        return whole ? header : NOT_WHOLE;
      }
      digest.update(`${line}\n`);
      rows += 1;
    }
    return NOT_WHOLE;
  } catch (error) {
    const gone = (error as NodeJS.ErrnoException).code === 'ENOENT';
    return gone ? fail('not-found', 'There is no such backup.') : NOT_WHOLE;
  } finally {
    await lines.return(undefined);
  }
}
const NOT_WHOLE = fail('damaged', DAMAGED);

/**
 * Restore a backup into a database of its own, in memory; brought up to the newest version unless it is wanted as it was. The
 * caller closes it.
 */
export async function openBackup(
  path: string,
  version: 'newest' | 'as it was' = 'newest',
): Promise<Result<{ db: Database }>> {
  const header = await readBackup(path);
  if (!header.ok) return header;
  const { migration } = header.value;
  const db = await openPglite(null);
  try {
    await migrate(
      db,
      MIGRATIONS.filter((m) => m.number <= migration),
    );
    await db.transaction((tx) => fill(tx, path));
    if (version === 'newest') await migrate(db);
    return ok({ db });
  } catch {
    // Rows that the tables do not take: it is whole, but nothing that we wrote.
    await db.close();
    return NOT_WHOLE;
  }
}

/** Lines end at a line feed and nothing else; a note may hold any other mark that some take for the end of a line. */
async function* linesOf(path: string): AsyncGenerator<string> {
  const file = createReadStream(path);
  const text = file.pipe(createGunzip()).setEncoding('utf8');
  file.on('error', (error) => text.destroy(error));
  try {
    let rest = '';
    for await (const piece of text) {
      const lines = `${rest}${piece}`.split('\n');
      rest = lines.pop()!;
      yield* lines;
    }
    if (rest) yield rest;
  } finally {
    file.destroy();
    // What comes after nobody wants any more is no news to anyone.
    text.on('error', () => {}).destroy();
  }
}

/** Rows into their tables as they come. */
async function fill(tx: Db, path: string): Promise<void> {
  const { put, finish } = await filling(tx);
  for await (const line of linesOf(path)) {
    const read = readLine(line);
    if (read && isRow(read)) await put(read[0], line.slice(line.indexOf(',') + 1, -1));
  }
  await finish();
}
