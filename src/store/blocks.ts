import type { Block, BlockFields } from '@/core/plan';
import type { Db } from './db';

export const listBlocks = (db: Db): Promise<Block[]> =>
  db.query<Block>('select id, name, rows from block order by lower(name), id');

/** Keep rows under a name; what the name held before is replaced. */
export async function saveBlock(db: Db, id: string, { name, rows }: BlockFields): Promise<void> {
  await db.query(
    `insert into block (id, name, rows) values ($1, $2, $3)
     on conflict (name) do update set rows = $3, made_at = now()`,
    [id, name, JSON.stringify(rows)],
  );
}

export async function findBlock(db: Db, id: string): Promise<Pick<Block, 'id' | 'name'> | null> {
  const [one] = await db.query<Pick<Block, 'id' | 'name'>>('select id, name from block where id = $1', [id]);
  return one ?? null;
}
