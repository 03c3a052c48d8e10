import { changesOf, type Changes } from '@/core/backup/changes';
import type { BackupHeader } from '@/core/backup/header';
import { fail, ok, type Result } from '@/core/result';
import { emptyTables, finishTable, HELD, isTeaching, putRows, rowsOf, tablesInOrder } from '@/store/backup';
import type { Database, Db } from '@/store/db';
import { backupPath } from './folder';
import { openBackup } from './read';
import { makeBackup, type MadeAt } from './write';

export type Preview = { readonly header: BackupHeader; readonly changes: readonly Changes[] };

const NOT_THERE = fail('not-found', 'There is no such backup.');

/** What restoring a backup would change; nothing is touched. */
export async function previewBackup(db: Db, name: string): Promise<Result<Preview>> {
  const path = backupPath(name);
  if (!path) return NOT_THERE;
  const opened = await openBackup(path);
  if (!opened.ok) return opened;
  const { header, db: then } = opened.value;
  try {
    const changes: Changes[] = [];
    for (const [what, held] of Object.entries(HELD))
      changes.push(changesOf(what, await held(db), await held(then)));
    return ok({ header, changes });
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

const AT_ONCE = 200;

/** Every row of one database into another, whose own are taken away. */
export async function copyAll(from: Database, into: Db): Promise<void> {
  const shapes = await tablesInOrder(into);
  await emptyTables(into, shapes);
  await from.transaction(async (tx) => {
    for (const shape of shapes) {
      const pointing: string[] = [];
      let batch: string[] = [];
      for await (const row of rowsOf(tx, shape)) {
        batch.push(row);
        if (shape.selfPointing.length > 0) pointing.push(row);
        if (batch.length === AT_ONCE) {
          await putRows(into, shape, batch);
          batch = [];
        }
      }
      if (batch.length > 0) await putRows(into, shape, batch);
      await finishTable(into, shape, pointing);
    }
  });
}
