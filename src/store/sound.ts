import { tablesInOrder } from './backup';
import type { Db } from './db';
import { DatabaseRefusal } from './refusal';

/** A page that is not there, or that holds what it should not. */
const DAMAGE = new Set(['XX000', 'XX001', 'XX002', '58P01']);

/**
 * Tables of which less can be read than their keys say there is, as after a file was cut short: their rows are counted one after
 * the other, and again by way of a key.
 */
export async function tablesCutShort(db: Db): Promise<readonly string[]> {
  const short: string[] = [];
  for (const { name } of await tablesInOrder(db)) if (!(await isWhole(db, name))) short.push(name);
  return short;
}

async function isWhole(db: Db, table: string): Promise<boolean> {
  try {
    return await db.transaction(async (tx) => {
      await tx.query('set transaction isolation level repeatable read');
      return (await counted(tx, table, 'one by one')) === (await counted(tx, table, 'by a key'));
    });
  } catch (error) {
    if (error instanceof DatabaseRefusal && DAMAGE.has(error.code)) return false;
    throw error;
  }
}

async function counted(tx: Db, table: string, way: 'one by one' | 'by a key'): Promise<number> {
  await tx.query(
    `select set_config('enable_bitmapscan', 'off', true), set_config('enable_seqscan', $1, true),
       set_config('enable_indexscan', $2, true), set_config('enable_indexonlyscan', $2, true)`,
    way === 'one by one' ? ['on', 'off'] : ['off', 'on'],
  );
  const [row] = await tx.query<{ rows: number }>(`select count(*)::int as rows from "${table}"`);
  return row!.rows;
}
