import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PGlite, type Transaction } from '@electric-sql/pglite';
import type { Database, Db } from '../src/store/db';
import { migrate } from '../src/store/migrate';

/** One empty database as the engine makes it, and one brought up to date; every test's begins as a copy of one of them. */
export default async function globalSetup(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'oskil-empty-'));
  const pg = await PGlite.create('memory://');
  const keep = async (variable: string, name: string) => {
    const path = join(folder, name);
    const data = await pg.dumpDataDir('none');
    writeFileSync(path, Buffer.from(await data.arrayBuffer()));
    process.env[variable] = path;
  };
  await keep('OSKIL_TEST_EMPTY', 'empty.tar');
  await migrate(asDatabase(pg));
  await keep('OSKIL_TEST_MIGRATED', 'migrated.tar');
  await pg.close();
}

function asDatabase(pg: PGlite): Database {
  const over = (runner: Pick<Transaction, 'query'>): Db => {
    const db: Db = {
      query: async <Row>(sql: string, params: readonly unknown[] = []) =>
        (await runner.query<Row>(sql, [...params])).rows,
      transaction: (work) => work(db),
    };
    return db;
  };
  return {
    ...over(pg),
    transaction: (work) => pg.transaction((tx) => work(over(tx))),
    exec: async (sql) => void (await pg.exec(sql)),
    close: () => pg.close(),
  };
}
