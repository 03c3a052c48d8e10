import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { readBackupName } from '@/core/backup';
import type { Database } from '@/store/db';
import { migrate } from '@/store/migrate';
import { copyAside, openFolder } from '@/store/open';
import { openPostgres } from '@/store/postgres';

/** One database per process; Next loads this module several times, so it hangs on the process. */
const holder = globalThis as typeof globalThis & { oskilDatabase?: Promise<Database> };

export const dataFolder = (): string => process.env.OSKIL_DATA ?? './data';

export function database(): Promise<Database> {
  holder.oskilDatabase ??= process.env.DATABASE_URL ? openShared(process.env.DATABASE_URL) : openOwn();
  return holder.oskilDatabase;
}

/** What was backed up here once is missed when there is nothing else: a folder beside backups is not begun anew. */
const openOwn = (): Promise<Database> =>
  openFolder(dataFolder(), {
    fresh: process.env.OSKIL_FRESH === '1',
    mayBeNew: !backupsIn(join(dataFolder(), 'backups')),
  });

function backupsIn(folder: string): boolean {
  return existsSync(folder) && readdirSync(folder).some((name) => readBackupName(name) !== null);
}

/** Copy the files of the database to where nobody touches them; null where they are a server's. Returns where. */
export const putFilesAside = (): string | null => (process.env.DATABASE_URL ? null : copyAside(dataFolder()));

/** A PostgreSQL server that several instructors' Oskils share. */
async function openShared(url: string): Promise<Database> {
  const db = await openPostgres(url);
  await migrate(db);
  return db;
}

export async function closeDatabase(): Promise<void> {
  const open = holder.oskilDatabase;
  delete holder.oskilDatabase;
  if (open) await (await open).close();
}
