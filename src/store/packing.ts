import type { Db } from './db';

/** Props already in the bag for a class, by id. */
export async function loadPacked(db: Db, classId: string): Promise<string[]> {
  const rows = await db.query<{ id: string }>(
    'select prop_id as id from packed where class_id = $1 order by prop_id',
    [classId],
  );
  return rows.map((r) => r.id);
}

export async function setPacked(db: Db, classId: string, propId: string, packed: boolean): Promise<void> {
  await db.query(
    packed
      ? 'insert into packed (class_id, prop_id) values ($1, $2) on conflict do nothing'
      : 'delete from packed where class_id = $1 and prop_id = $2',
    [classId, propId],
  );
}
