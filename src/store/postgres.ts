import pg from 'pg';
import type { Database, Db } from './db';
import { orRefusal } from './refusal';

/** Counts and numbers of rows come as numbers, as from the embedded database; none of ours is beyond what a number holds. */
const TYPES: pg.CustomTypesConfig = {
  getTypeParser: ((oid: number, format?: 'text' | 'binary') =>
    oid === pg.types.builtins.INT8
      ? Number
      : pg.types.getTypeParser(oid, format as 'text')) as pg.CustomTypesConfig['getTypeParser'],
};

/** So many connections of one process; several processes may share a server. */
const CONNECTIONS = 10;
/** A server that does not answer is told of rather than waited for, ms. */
const ANSWERS_WITHIN = 10_000;

/** Open a database on a PostgreSQL server, which several processes of Oskil may share. */
export async function openPostgres(url: string): Promise<Database> {
  const pool = new pg.Pool({
    connectionString: url,
    max: CONNECTIONS,
    connectionTimeoutMillis: ANSWERS_WITHIN,
    options: '-c timezone=UTC',
    types: TYPES,
  });
  // A connection that breaks while it rests is made anew when it is needed.
  pool.on('error', () => undefined);
  try {
    await pool.query('select 1');
  } catch (error) {
    await pool.end();
    throw error;
  }
  return {
    query: async <Row>(sql: string, params: readonly unknown[] = []) =>
      (await orRefusal(sql, pool.query(sql, [...params]))).rows as Row[],
    transaction: (work) => inTransaction(pool, work),
    exec: async (sql) => {
      await pool.query(sql);
    },
    close: () => pool.end(),
  };
}

async function inTransaction<T>(pool: pg.Pool, work: (tx: Db) => Promise<T>): Promise<T> {
  const client = await pool.connect();
  const tx: Db = {
    query: async <Row>(sql: string, params: readonly unknown[] = []) =>
      (await orRefusal(sql, client.query(sql, [...params]))).rows as Row[],
    transaction: (inner) => inner(tx),
  };
  let broken: Error | undefined;
  try {
    await client.query('begin');
    const result = await work(tx);
    await client.query('commit');
    return result;
  } catch (error) {
    // A connection that cannot even roll back is thrown away.
    await client.query('rollback').catch((e: Error) => (broken = e));
    throw error;
  } finally {
    client.release(broken);
  }
}
