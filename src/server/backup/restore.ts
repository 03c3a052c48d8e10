import { changesOf, type Changes } from '@/core/backup/changes';
import { fail, ok, type Result } from '@/core/result';
import { emptyTables, HELD, isTeaching, rowsOf, tablesInOrder } from '@/store/backup';
import type { Database, Db } from '@/store/db';
import { filling } from '@/store/fill-tables';
import { backupPath } from './folder';
import { openBackup } from './read';
import { makeBackup, type MadeAt } from './write';

const NOT_THERE = fail('not-found', 'There is no such backup.');

/** What restoring a backup would change; nothing is touched. */
export async function previewBackup(db: Db, name: string): Promise<Result<readonly Changes[]>> {
  const path = backupPath(name);
  if (!path) return NOT_THERE;
  const opened = await openBackup(path);
  if (!opened.ok) return opened;
  const { db: then } = opened.value;
  try {
    const changes: Changes[] = [];
    for (const [what, held] of Object.entries(HELD))
      changes.push(changesOf(what, await held(db), await held(then)));
    return ok(changes);
  } finally {
    await then.close();
  }
}

/**
 * Put everything back as it was in a backup, all of it or nothing. What is here now is backed up first, so that there is a way
 * back from the way back.
 */
export async function restoreBackup(db: Db, name: string, at: MadeAt): Promise<Result<{ before: string }>> {
  const path = backupPath(name);
  if (!path) return NOT_THERE;
  if (await isTeaching(db))
    return fail('teaching', 'A class is being taught. End it first, then restore. Nothing was touched.');
  const opened = await openBackup(path);
  if (!opened.ok) return opened;
  const { db: then } = opened.value;
  try {
    const before = await makeBackup(db, 'before a restore', at);
    if (!before.ok) return fail(before.code, `${before.message} Nothing was restored.`);
    await db.transaction((tx) => copyAll(then, tx));
    return ok({ before: before.value.name });
  } finally {
    await then.close();
  }
}

/** Every row of one database into another, whose own are taken away. */
export async function copyAll(from: Database, into: Db): Promise<void> {
  const shapes = await tablesInOrder(into);
  await emptyTables(into, shapes);
  const { put, finish } = await filling(into);
  await from.transaction(async (tx) => {
    for (const shape of shapes) for await (const row of rowsOf(tx, shape)) await put(shape.name, row);
  });
  await finish();
}
