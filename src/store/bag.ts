import type { Db } from './db';

/** Pieces of each prop in the bag. */
export async function loadBag(db: Db): Promise<Record<string, number>> {
  const rows = await db.query<{ prop_id: string; pieces: number }>('select prop_id, pieces from bag');
  return Object.fromEntries(rows.map((r) => [r.prop_id, r.pieces]));
}

export async function setBag(db: Db, propId: string, pieces: number): Promise<void> {
  await db.query(
    'insert into bag (prop_id, pieces) values ($1, $2) on conflict (prop_id) do update set pieces = $2',
    [propId, pieces],
  );
}
