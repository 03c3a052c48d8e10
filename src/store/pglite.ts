import { PGlite, type Transaction } from '@electric-sql/pglite';
import type { Database, Db } from './db';

/** Open an embedded database: on disk under `folder`, or in memory when it is null. */
export async function openPglite(folder: string | null): Promise<Database> {
  const pg = await PGlite.create(folder ?? 'memory://');
  await pg.query("set time zone 'UTC'");
  return {
    ...over(pg),
    transaction: (work) => pg.transaction((tx) => work(over(tx))),
    exec: async (sql) => {
      await pg.exec(sql);
    },
    close: () => pg.close(),
  };
}

function over(runner: Pick<Transaction, 'query'>): Db {
  const db: Db = {
    query: async <Row>(sql: string, params: readonly unknown[] = []) =>
      (await runner.query<Row>(sql, [...params])).rows,
    transaction: (work) => work(db),
  };
  return db;
}
