import { existsSync, mkdirSync, readdirSync } from 'node:fs';
import { setFlagsFromString } from 'node:v8';
import { PGlite, type Transaction } from '@electric-sql/pglite';
import { beginningFor } from './beginning';
import type { Database, Db } from './db';
import { ON_DISK, OnDiskFs } from './on-disk';
import { orRefusal } from './refusal';

/**
 * A part of the engine is compiled once more, for speed, only after so many bytes of it were run. As V8 has it, 1.8 million, four
 * tenths of the work of a start go into parts that hardly run again.
 */
setFlagsFromString('--wasm-tiering-budget=60000000');

const isNew = (folder: string | null): boolean =>
  folder === null || !existsSync(folder) || readdirSync(folder).length === 0;

/** Without the one that has nothing put on the disk. */
const STARTED_WITH = [...PGlite.defaultStartParams.filter((p) => p !== '-F'), ...ON_DISK];

/**
 * Open an embedded database: on disk under `folder`, or in memory when it is null. What was answered is on the disk itself, but for a
 * folder that is `unsynced`: one that counts for nothing until it is whole, and is put on the disk then. A new one will be brought
 * `upTo` a migration.
 */
export async function openPglite(
  folder: string | null,
  { unsynced = false, upTo = 0 } = {},
): Promise<Database> {
  const beginning = isNew(folder) ? beginningFor(upTo) : null;
  if (folder !== null) mkdirSync(folder, { recursive: true, mode: 0o700 });
  const disk = folder === null ? null : new OnDiskFs(folder);
  const pg = await PGlite.create({
    ...(disk
      ? { fs: disk, startParams: unsynced ? PGlite.defaultStartParams : STARTED_WITH }
      : { dataDir: 'memory://' }),
    ...(beginning && { loadDataDir: beginning }),
  });
  await pg.query("set time zone 'UTC'");
  const answered = async <T>(work: Promise<T>): Promise<T> => {
    const answer = await work;
    await disk?.whenOnDisk();
    return answer;
  };
  const db = over(pg);
  return {
    query: (sql, params) => answered(db.query(sql, params)),
    transaction: (work) => answered(pg.transaction((tx) => work(over(tx)))),
    exec: async (sql) => {
      await answered(pg.exec(sql));
    },
    close: () => pg.close(),
  };
}

function over(runner: Pick<Transaction, 'query'>): Db {
  const db: Db = {
    query: async <Row>(sql: string, params: readonly unknown[] = []) =>
      (await orRefusal(sql, runner.query<Row>(sql, [...params]))).rows,
    transaction: (work) => work(db),
  };
  return db;
}
