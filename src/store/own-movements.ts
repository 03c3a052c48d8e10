import type { OwnMovement } from '@/core/catalogue';
import type { Db } from './db';

export type StoredOwn = OwnMovement & { readonly version: number; readonly archived: boolean };
type Row = {
  movement: OwnMovement['movement'];
  figure: OwnMovement['figure'];
  version: number;
  archived: boolean;
};

const SELECT = `
select '{"hands": "joined", "help": null, "oneHanded": null}'::jsonb || v.movement as movement, v.figure, v.version, o.archived_at is not null as archived
from own_movement o
join own_movement_version v on v.movement_id = o.id
where v.version = (select max(version) from own_movement_version where movement_id = o.id)`;

/** The newest version of each own movement; archived ones too, since old plans still hold them. */
export const listOwn = (db: Db): Promise<StoredOwn[]> => db.query<Row>(`${SELECT} order by lower(o.name)`);

export async function findOwn(db: Db, id: string): Promise<StoredOwn | null> {
  const [row] = await db.query<Row>(`${SELECT} and o.id = $1`, [id]);
  return row ?? null;
}

/** Save a new version; versions before it are kept. False when another current movement has the name. */
export async function saveOwn(db: Db, { movement, figure }: OwnMovement): Promise<boolean> {
  return db.transaction(async (tx) => {
    const [taken] = await tx.query(
      'select 1 from own_movement where lower(name) = lower($1) and id <> $2 and archived_at is null',
      [movement.name, movement.id],
    );
    if (taken) return false;
    await tx.query(
      'insert into own_movement (id, name) values ($1, $2) on conflict (id) do update set name = $2',
      [movement.id, movement.name],
    );
    await tx.query(
      `insert into own_movement_version (movement_id, version, movement, figure)
       select $1, coalesce(max(version), 0) + 1, $2::jsonb, $3::jsonb from own_movement_version where movement_id = $1`,
      [movement.id, JSON.stringify(movement), JSON.stringify(figure)],
    );
    return true;
  });
}

/** False when there is no such movement, or its name is taken by another meanwhile. */
export async function archiveOwn(db: Db, id: string, archived: boolean): Promise<boolean> {
  const rows = await db.query(
    `update own_movement o set archived_at = case when $2 then now() end where id = $1
       and ($2 or not exists (select 1 from own_movement x
         where lower(x.name) = lower(o.name) and x.id <> o.id and x.archived_at is null)) returning id`,
    [id, archived],
  );
  return rows.length > 0;
}
