import type { Db } from './db';

/** What a database says of a page that is not there, or that holds what it should not. */
const DAMAGE = new Set(['XX000', 'XX001', 'XX002', '58P01', '58030']);

type Tallied = { readonly name: string; readonly indexes: readonly Index[] };
type Index = { readonly keys: readonly string[]; readonly where: string | null };

/**
 * Tables of which not all can be read, by name: rows are fewer than the database has counted, or a page or an index is no more
 * what it was.
 */
export async function damagedTables(db: Db): Promise<readonly string[]> {
  await addUpTallies(db);
  const damaged: string[] = [];
  for (const table of await tallied(db)) if (!(await isWhole(db, table))) damaged.push(table.name);
  return damaged;
}

/** Whether a database could not read what it should hold; by code, since a class may be another in another bundle. */
export const isDamage = (error: unknown): boolean =>
  DAMAGE.has(String((error as { code?: unknown } | null)?.code ?? ''));

async function isWhole(db: Db, { name, indexes }: Tallied): Promise<boolean> {
  try {
    return await db.transaction(async (tx) => {
      await tx.query('set transaction isolation level repeatable read');
      const [{ rows }] = (await tx.query<{ rows: number }>(
        'select coalesce(sum(rows), 0)::int as rows from tally where table_name = $1',
        [name],
      )) as [{ rows: number }];
      if ((await counted(tx, `select 1 from "${name}"`, 'one by one')) !== rows) return false;
      for (const index of indexes) {
        const found = await counted(tx, walkOf(name, index), 'by an index');
        if (index.where === null && found !== rows) return false;
      }
      return true;
    });
  } catch (error) {
    if (isDamage(error)) return false;
    throw error;
  }
}

/** All rows of a table in the order of an index, for which that index is read from end to end. */
export const walkOf = (table: string, { keys, where }: Index): string =>
  `select 1 from "${table}"${where === null ? '' : ` where ${where}`} order by ${keys.join(', ')}`;

/** Settings of a transaction in which a table is read so, and in no other way that there is. */
export const READ_BY = {
  'one by one': ['on', 'off'],
  'by an index': ['off', 'on'],
} as const;

async function counted(tx: Db, rows: string, way: keyof typeof READ_BY): Promise<number> {
  const [scan, index] = READ_BY[way];
  await tx.query(
    `select set_config('enable_bitmapscan', 'off', true), set_config('enable_sort', 'off', true),
       set_config('enable_seqscan', $1, true),
       set_config('enable_indexscan', $2, true), set_config('enable_indexonlyscan', $2, true)`,
    [scan, index],
  );
  const [row] = await tx.query<{ rows: number }>(`select count(*)::int as rows from (${rows}) x`);
  return row!.rows;
}

/** Every table whose rows are counted, with its indexes. */
export const tallied = (db: Db): Promise<readonly Tallied[]> =>
  db.query<Tallied>(
    `select c.relname as name, coalesce((select json_agg(json_build_object(
         'keys', (select json_agg(pg_get_indexdef(i.indexrelid, k, true) order by k) from generate_series(1, i.indnkeyatts) k),
         'where', pg_get_expr(i.indpred, i.indrelid)) order by i.indexrelid)
       from pg_index i where i.indrelid = c.oid), '[]') as indexes
     from pg_trigger t join pg_class c on c.oid = t.tgrelid join pg_namespace n on n.oid = c.relnamespace
     where t.tgname = 'tally_in' and n.nspname = current_schema() order by c.relname`,
  );

/** One row a table in place of all that were put down since. */
async function addUpTallies(db: Db): Promise<void> {
  await db.query(
    `with gone as (delete from tally returning table_name, rows)
     insert into tally (table_name, rows) select table_name, sum(rows) from gone group by table_name`,
  );
}
