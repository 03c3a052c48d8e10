import { fail, ok, type Result } from '@/core/result';
import { backupLines, type TableSums } from './lines';
import { openBackup } from './read';

/** A backup is restored into a database of its own, and every table there must be what it was here. */
export async function verify(path: string, sums: TableSums): Promise<Result<object>> {
  const opened = await openBackup(path, 'as it was');
  if (!opened.ok)
    return fail('backup-failed', 'The backup could not be read back, so it was not kept. Try again.');
  const { db } = opened.value;
  try {
    const restored = await db.transaction(async (tx) => {
      const lines = backupLines(tx, 'daily', new Date(0));
      for await (const _ of lines.text());
      return lines.sums();
    });
    const same =
      Object.keys(sums).length === Object.keys(restored).length &&
      Object.entries(sums).every(([name, sum]) => restored[name] === sum);
    return same
      ? ok({})
      : fail('backup-failed', 'The backup did not restore as it should, so it was not kept. Try again.');
  } finally {
    await db.close();
  }
}
