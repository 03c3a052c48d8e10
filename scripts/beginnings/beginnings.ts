import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { PGlite, type Transaction } from '@electric-sql/pglite';
import { beginningName } from '../../src/store/beginning';
import type { Database, Db } from '../../src/store/db';
import { migrate, MIGRATIONS } from '../../src/store/migrate';

/** Write into a folder an empty database as the engine makes it, and one brought up to date, for new ones to begin as copies of. */
export async function makeBeginnings(folder: string): Promise<void> {
  const pg = await PGlite.create('memory://');
  const keep = async (migration: number) => {
    const data = await pg.dumpDataDir('none');
    writeFileSync(join(folder, beginningName(migration)), Buffer.from(await data.arrayBuffer()));
  };
  await keep(0);
  await migrate(asDatabase(pg));
  await keep(MIGRATIONS.length);
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
