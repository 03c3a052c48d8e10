import { mkdirSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import type { Database } from './db';
import { lockFolder } from './lock';
import { migrate } from './migrate';
import { openPglite } from './pglite';

/**
 * Open the data in a folder: take its lock, open, migrate. Closing gives the lock
 * back. `fresh` throws away what the folder held, once the lock says nobody uses it.
 */
export async function openFolder(folder: string, { fresh = false } = {}): Promise<Database> {
  const path = resolve(folder);
  mkdirSync(path, { recursive: true });
  const release = lockFolder(path);
  try {
    if (fresh) rmSync(join(path, 'pg'), { recursive: true, force: true });
    const db = await openPglite(join(path, 'pg'));
    await migrate(db);
    return {
      ...db,
      close: async () => {
        await db.close();
        release();
      },
    };
  } catch (error) {
    release();
    throw error;
  }
}
