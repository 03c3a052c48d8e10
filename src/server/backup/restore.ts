import { changesOf, type Changes } from '@/core/backup';
import { fail, ok, type Result } from '@/core/result';
import { emptyTables, HELD, isTeaching, rowsOf, tablesInOrder, withNobodyWriting } from '@/store/backup';
import type { Database, Db } from '@/store/db';
import { tableRestorer } from '@/store/fill-tables';
import { lookForDamage, noMoreDamaged } from '../shell/soundness';
import { putFilesAside } from '../shell/database';
import { backupPath } from './folder';
import { openBackup } from './read';
import { makeBackup, type MadeAt } from './write';
import { isDamage } from '@/store/integrity';

const NOT_THERE = fail('not-found', 'There is no such backup.');
const NOT_TOLD = fail(
  'not-whole',
  'Part of what is here can no longer be read, so what would change cannot be told. The backup itself is whole. The files of what is here are put aside first.',
);

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
  } catch (error) {
    if (isDamage(error)) return NOT_TOLD;
    throw error;
  } finally {
    await then.close();
  }
}

export type Restored = {
  /** The backup of what was here; null where that could no longer be read. */
  readonly before: string | null;
  /** Where the damaged files were put aside instead. */
  readonly aside: string | null;
};

/**
 * Put everything back as it was in a backup, all of it or nothing. What is here now is backed up first, so that there is a way
 * back from the way back; nobody writes from then until it is done, so that nothing is in neither.
 */
export async function restoreBackup(db: Db, name: string, at: MadeAt): Promise<Result<Restored>> {
  const path = backupPath(name);
  if (!path) return NOT_THERE;
  if (await isTeaching(db))
    return fail('teaching', 'A class is being taught. End it first, then restore. Nothing was touched.');
  const opened = await openBackup(path);
  if (!opened.ok) return opened;
  const { db: then } = opened.value;
  try {
    const isWhole = (await lookForDamage(db)).length === 0;
    return await withNobodyWriting(db, async (tx) => {
      // A backup of half the data might not restore, so the files themselves are kept.
      const aside = isWhole ? null : putFilesAside();
      const before = aside === null ? await makeBackup(tx, 'before a restore', at) : null;
      if (before && !before.ok) return fail(before.code, `${before.message} Nothing was restored.`);
      await copyAll(then, tx);
      noMoreDamaged();
      return ok({ before: before?.value.name ?? null, aside });
    });
  } finally {
    await then.close();
  }
}

/** Every row of one database into another, whose own are taken away. */
export async function copyAll(from: Database, into: Db): Promise<void> {
  const shapes = await tablesInOrder(into);
  await emptyTables(into, shapes);
  const { put, finish } = await tableRestorer(into);
  await from.transaction(async (tx) => {
    for (const shape of shapes) for await (const row of rowsOf(tx, shape)) await put(shape.name, row);
  });
  await finish();
}
