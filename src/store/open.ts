import { chmodSync, cpSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { tablesInOrder } from './backup';
import type { Database } from './db';
import { lockFolder } from './lock';
import { migrate, MIGRATIONS } from './migrate';
import { openPglite } from './pglite';
import { sync, syncTree } from './sync';

/** The data of a folder cannot be read; it was not written to. */
export class DamagedFolder extends Error {
  override readonly name = 'DamagedFolder';
}

/**
 * Open the data in a folder: take its lock, open, look through, migrate. Closing gives the lock back. `fresh` throws away what
 * the folder held, once the lock says nobody uses it.
 */
export async function openFolder(folder: string, { fresh = false, mayBeNew = true } = {}): Promise<Database> {
  const { data, release } = takeFolder(folder);
  try {
    if (fresh) rmSync(data, { recursive: true, force: true });
    const db = await openSound(data, fresh || mayBeNew);
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

/**
 * Put other data in the place of what a folder holds, however damaged that is. It is made and filled beside it first, so that a
 * failure leaves all as it was; what was there is put aside. Returns where.
 */
export async function replaceData(
  folder: string,
  fill: (db: Database) => Promise<void>,
): Promise<string | null> {
  const { path, data, release } = takeFolder(folder);
  try {
    const making = makingOf(data);
    rmSync(making, { recursive: true, force: true });
    const db = await openPglite(making, { unsynced: true, upTo: MIGRATIONS.length });
    try {
      await migrate(db);
      await fill(db);
    } finally {
      await db.close();
    }
    await syncTree(making);
    const aside = existsSync(data) ? freeName(path) : null;
    if (aside) renameSync(data, aside);
    renameSync(making, data);
    await sync(path);
    return aside;
  } finally {
    release();
  }
}

function takeFolder(folder: string) {
  const path = resolve(folder);
  mkdirSync(path, { recursive: true, mode: OWN_FOLDER });
  const data = join(path, 'pg');
  keepToOneself(data);
  return { path, data, release: lockFolder(path) };
}

/** For whoever runs Oskil alone, also where it was made by an Oskil that did not see to it. */
const OWN_FOLDER = 0o700;

export function keepToOneself(folder: string): void {
  if (existsSync(folder) && (statSync(folder).mode & 0o077) !== 0) chmodSync(folder, OWN_FOLDER);
}

const makingOf = (data: string): string => `${data}-making`;

/** A copy of the files as they are, however damaged; only while nothing writes them. Returns where. */
export function copyAside(folder: string): string {
  const path = resolve(folder);
  const aside = freeName(path);
  cpSync(join(path, 'pg'), aside, { recursive: true });
  return aside;
}

/** What was put aside is never written over. */
function freeName(path: string): string {
  for (let n = 1; ; n++) {
    const name = join(path, `pg-aside-${n}`);
    if (!existsSync(name)) return name;
  }
}

async function openSound(data: string, mayBeNew: boolean): Promise<Database> {
  const held = existsSync(data) && readdirSync(data).length > 0;
  // Without this file the engine would take the folder for a new one and begin with nothing.
  if (held && !existsSync(join(data, 'PG_VERSION'))) throw new DamagedFolder(damaged(data));
  if (!held && !mayBeNew) throw new DamagedFolder(gone(data));
  if (!held) await beginWith(data);
  let db: Database | null = null;
  try {
    db = await openPglite(data);
    await lookThrough(db);
    return db;
  } catch (error) {
    await db?.close().catch(() => undefined);
    throw new DamagedFolder(damaged(data), { cause: error });
  }
}

/** A new folder is made beside its place, so that one that was cut off while it was made is never taken for data. */
async function beginWith(data: string): Promise<void> {
  const making = makingOf(data);
  rmSync(making, { recursive: true, force: true });
  await (await openPglite(making, { unsynced: true, upTo: MIGRATIONS.length })).close();
  await syncTree(making);
  rmSync(data, { recursive: true, force: true });
  renameSync(making, data);
  await sync(dirname(data));
}

/** Every page of every table is read once, so that a damaged one is met now and not in front of a class. */
async function lookThrough(db: Database): Promise<void> {
  for (const { name } of await tablesInOrder(db)) await db.query(`select count(*) from "${name}"`);
}

const gone = (data: string): string =>
  `There is no data in ${data}, but there are backups beside it, so it was there once. Nothing was begun anew. To begin with nothing, put the backups elsewhere first.`;

const damaged = (data: string): string =>
  `The data in ${data} is damaged and cannot be opened. It was left as it is.`;
