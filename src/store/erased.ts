import type { Db } from './db';

/** People who were erased and are still in backups that are kept, by id; the ids say nothing of anybody. */
export async function erasedStillKept(db: Db): Promise<readonly string[]> {
  const rows = await db.query<{ id: string }>('select person_id as id from erased order by at');
  return rows.map((r) => r.id);
}

export async function rememberErased(db: Db, personId: string): Promise<void> {
  await db.query('insert into erased (person_id) values ($1) on conflict do nothing', [personId]);
}

/** They are in no backup any more. */
export async function forgetErased(db: Db, personIds: readonly string[]): Promise<void> {
  await db.query('delete from erased where person_id = any ($1::uuid[])', [personIds]);
}
