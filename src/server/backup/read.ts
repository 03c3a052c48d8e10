import { createHash } from 'node:crypto';
import { createReadStream, mkdtempSync, rmSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { createGunzip } from 'node:zlib';
import { DAMAGED, isRow, readHeader, readLine, type BackupHeader } from '@/core/backup';
import { extrasSchema } from '@/core/formats';
import { fail, ok, type Result } from '@/core/result';
import type { Database, Db } from '@/store/db';
import { tableRestorer } from '@/store/fill-tables';
import { MIGRATIONS, migrate } from '@/store/migrate';
import { openPglite } from '@/store/pglite';
import { OPENED } from './folder';

/** Whether a file is a whole backup that this Oskil knows; nothing is restored. */
export async function readBackup(path: string): Promise<Result<BackupHeader>> {
  const lines = linesOf(path);
  try {
    const first = await lines.next();
    const header = readHeader(first.done ? '' : first.value, MIGRATIONS.length);
    if (!header.ok) {
      // A number that damage made greater is no newer version: the file's own sum, at its end, tells the two apart.
      if (header.code === 'newer') for await (const _ of lines);
      return header;
    }
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

/** A larger one would take more memory than a small machine has, so it is opened in a folder of its own, bytes. */
const MAX_IN_MEMORY = 20_000_000;

/**
 * Restore a backup into a database of its own; brought up to the newest version unless it is wanted as it was. The caller closes
 * it, and nothing of it stays.
 */
export async function openBackup(
  path: string,
  version: 'newest' | 'as it was' = 'newest',
  mostInMemory = MAX_IN_MEMORY,
): Promise<Result<{ db: Database }>> {
  const header = await readBackup(path);
  if (!header.ok) return header;
  const { migration } = header.value;
  const db = await scratchDatabase(statSync(path).size <= mostInMemory ? null : dirname(path), migration);
  try {
    await migrate(
      db,
      MIGRATIONS.filter((m) => m.number <= migration),
    );
    await db.transaction(async (tx) => {
      await fill(tx, path);
      await mustBeSafe(tx);
    });
    if (version === 'newest') await migrate(db);
    return ok({ db });
  } catch {
    // Rows that the tables do not take: it is whole, but nothing that we wrote.
    await db.close();
    return NOT_WHOLE;
  }
}

/** Longer than any row of ours: a class with sixty people and all of their records. */
const LONGEST_LINE = 16_000_000;
/** Rows of ours shrink to a tenth or so; a small file that would become a huge one is none of ours. */
const MAX_TIMES = 60;
/** And so much besides, since small files shrink by more. */
const MAX_BESIDES = 20_000_000;

/** The file is no backup, whatever it says of itself. */
class NoBackup extends Error {}

/** An empty database that is gone once it is closed: in memory, or in a folder beside where it is said. */
async function scratchDatabase(beside: string | null, upTo: number): Promise<Database> {
  if (beside === null) return openPglite(null, { upTo });
  const folder = mkdtempSync(join(beside, OPENED));
  const db = await openPglite(folder, { unsynced: true, upTo });
  return {
    ...db,
    close: async () => {
      await db.close();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Whether somebody is anywhere in a backup, by id; one that cannot be read holds nobody. */
export async function backupHolds(path: string, ids: readonly string[]): Promise<boolean> {
  try {
    for await (const line of linesOf(path)) if (ids.some((id) => line.includes(id))) return true;
    return false;
  } catch {
    return false;
  }
}

/** Lines end at a line feed and nothing else; a note may hold any other mark that some take for the end of a line. */
async function* linesOf(path: string): AsyncGenerator<string> {
  const most = statSync(path).size * MAX_TIMES + MAX_BESIDES;
  const file = createReadStream(path);
  const text = file.pipe(createGunzip()).setEncoding('utf8');
  file.on('error', (error) => text.destroy(error));
  try {
    /** The pieces of the line that is coming, and how long they are. */
    let [pieces, length, seen]: [string[], number, number] = [[], 0, 0];
    for await (const piece of text as AsyncIterable<string>) {
      seen += piece.length;
      if (seen > most) throw new NoBackup();
      const ends = piece.split('\n');
      for (const [i, part] of ends.entries()) {
        pieces.push(part);
        length += part.length;
        if (length > LONGEST_LINE) throw new NoBackup();
        if (i === ends.length - 1) break;
        yield pieces.join('');
        [pieces, length] = [[], 0];
      }
    }
    if (length > 0) yield pieces.join('');
  } finally {
    file.destroy();
    // What comes after nobody wants any more is no news to anyone.
    text.on('error', () => {}).destroy();
  }
}

/** Rows into their tables as they come. */
async function fill(tx: Db, path: string): Promise<void> {
  const { put, finish } = await tableRestorer(tx);
  for await (const line of linesOf(path)) {
    const read = readLine(line);
    if (read && isRow(read)) await put(read[0], line.slice(line.indexOf(',') + 1, -1));
  }
  await finish();
}

/** What our own code would walk along is looked at as when it first came in. */
async function mustBeSafe(db: Db): Promise<void> {
  const rows = await db.query<{ there: boolean }>("select to_regclass('file_extra') is not null as there");
  if (!rows[0]!.there) return;
  for (const { fields } of await db.query<{ fields: unknown }>('select fields from file_extra'))
    if (!extrasSchema.safeParse(fields).success) throw new NoBackup();
}
