import type { Db } from './db';

/** Somebody who was erased, by an id that says nothing of anybody, and when, epoch ms. */
export type Erased = { readonly id: string; readonly atMs: number };

/** People who were erased and are still in backups that are kept. */
export const erasedStillKept = (db: Db): Promise<readonly Erased[]> =>
  db.query<Erased>(
    'select person_id as id, (extract(epoch from at) * 1000)::float8 as "atMs" from erased order by at',
  );

export async function rememberErased(db: Db, personId: string): Promise<void> {
  await db.query('insert into erased (person_id) values ($1) on conflict do nothing', [personId]);
}

/** They are in no backup any more. */
export async function forgetErased(db: Db, personIds: readonly string[]): Promise<void> {
  await db.query('delete from erased where person_id = any ($1::uuid[])', [personIds]);
}
