import { putRows, finishTable, tablesInOrder, type TableShape } from './backup';
import type { Db } from './db';

export type TakenKind = 'class' | 'series' | 'block';

/** Something that was taken away. `day` is an ISO day, of a class alone; `until` the last day on which it can be put back. */
export type TakenAway = {
  readonly id: string;
  readonly kind: TakenKind;
  readonly name: string;
  readonly day: string | null;
  readonly until: string;
};

/** What is taken away can be put back for so long, days. */
export const KEPT_DAYS = 30;

const COLUMNS = `id, kind, name, day::text, (taken_at + make_interval(days => ${KEPT_DAYS}))::date::text as until`;
const STILL_KEPT = `taken_at > now() - make_interval(days => ${KEPT_DAYS})`;

/** What can be put back, what was taken away last first. */
export const listTakenAway = (db: Db): Promise<TakenAway[]> =>
  db.query<TakenAway>(
    `select ${COLUMNS} from taken_away where kind <> 'block' and ${STILL_KEPT} order by taken_at desc, id`,
  );

export async function findTakenAway(db: Db, id: string): Promise<TakenAway | null> {
  const [one] = await db.query<TakenAway>(`select ${COLUMNS} from taken_away where id = $1`, [id]);
  return one ?? null;
}

/** Let go for good what nobody has put back in time. */
export async function letGoOfTaken(db: Db): Promise<void> {
  await db.query(`delete from taken_away where not (${STILL_KEPT})`);
}

/** The classes of a series, and which of them is under way. */
export const classesIn = (
  db: Db,
  seriesId: string,
): Promise<{ readonly id: string; readonly week: number; readonly underWay: boolean }[]> =>
  db.query(
    `select c.id, c.week, t.class_id is not null and t.ended_at is null as "underWay"
     from class c left join taught t on t.class_id = c.id where c.series_id = $1 order by c.day`,
    [seriesId],
  );

type Taking = Pick<TakenAway, 'id' | 'kind' | 'name' | 'day'> & { readonly ownerId: string | null };

/** Take a row away with all that hangs on it, which is kept as it was. False when there is no such row. */
export async function takeAway(db: Db, { id, kind, name, day, ownerId }: Taking): Promise<boolean> {
  return db.transaction(async (tx) => {
    const kept = await rowsUnder(tx, kind, id);
    if (kept.length === 0) return false;
    const classIds = (kept.find((k) => k.table === 'class')?.rows ?? []).map((row) => String(row.id));
    const followers = await tx.query<{ id: string; of: string }>(
      `select id, from_class_id as of from class
       where from_class_id = any ($1::uuid[]) and not id = any ($1::uuid[])`,
      [classIds],
    );
    await tx.query(
      `insert into taken_away (id, owner_id, kind, name, day, rows, followers) values ($1, $2, $3, $4, $5, $6, $7)`,
      [id, ownerId, kind, name, day, JSON.stringify(kept), JSON.stringify(followers)],
    );
    await tx.query(`delete from "${kind}" where id = $1`, [id]);
    return true;
  });
}

type Kept = { readonly table: string; readonly rows: readonly Readonly<Record<string, unknown>>[] };
type Link = {
  readonly child: string;
  readonly column: string;
  readonly parent: string;
  readonly key: string;
};

/** A row and every row that would be deleted with it, table by table, those that others point at first. */
async function rowsUnder(db: Db, root: string, id: string): Promise<readonly Kept[]> {
  const links = await db.query<Link>(
    `select child.relname as child, mine.attname as column, parent.relname as parent, theirs.attname as key
     from pg_constraint f join pg_namespace n on n.oid = f.connamespace
     join pg_class child on child.oid = f.conrelid join pg_class parent on parent.oid = f.confrelid
     join pg_attribute mine on mine.attrelid = f.conrelid and mine.attnum = f.conkey[1]
     join pg_attribute theirs on theirs.attrelid = f.confrelid and theirs.attnum = f.confkey[1]
     where f.contype = 'f' and f.confdeltype = 'c' and n.nspname = current_schema()`,
  );
  const kept = new Map<string, Kept>();
  for (const { name } of await tablesInOrder(db)) {
    const up = links.filter((l) => l.child === name && kept.has(l.parent));
    const [wheres, params] =
      name === root
        ? [['t.id = any ($1::uuid[])'], [[id]]]
        : [
            up.map((l, i) => `t."${l.column}" = any ($${i + 1}::uuid[])`),
            up.map((l) => kept.get(l.parent)!.rows.map((row) => row[l.key])),
          ];
    if (wheres.length === 0) continue;
    const found = await db.query<{ row: Record<string, unknown> }>(
      `select to_jsonb(t) as row from "${name}" t where ${wheres.join(' or ')}`,
      params,
    );
    if (found.length > 0) kept.set(name, { table: name, rows: found.map(({ row }) => row) });
  }
  return [...kept.values()];
}

/** Put back what was taken away, as it was. Throws what the database says where something else is in its place meanwhile. */
export async function putBack(db: Db, id: string): Promise<void> {
  await db.transaction(async (tx) => {
    const [taken] = await tx.query<{
      ownerId: string | null;
      rows: readonly Kept[];
      followers: readonly { readonly id: string; readonly of: string }[];
    }>('delete from taken_away where id = $1 returning owner_id as "ownerId", rows, followers', [id]);
    if (!taken) return;
    const shapes = new Map((await tablesInOrder(tx)).map((shape) => [shape.name, shape]));
    for (const { table, rows } of taken.rows) {
      const shape = shapes.get(table);
      if (shape)
        await putIn(
          tx,
          shape,
          rows.map((row) => ownedBy(taken.ownerId, row)),
        );
    }
    for (const { id: follower, of } of taken.followers)
      await tx.query('update class set from_class_id = $2 where id = $1 and from_class_id is null', [
        follower,
        of,
      ]);
  });
}

/** Whoever it belongs to now may not be who it belonged to. */
const ownedBy = (ownerId: string | null, row: Kept['rows'][number]): Kept['rows'][number] =>
  'owner_id' in row ? { ...row, owner_id: ownerId } : row;

async function putIn(db: Db, shape: TableShape, rows: Kept['rows']): Promise<void> {
  const there = new Set(
    shape.name === 'class' ? (await db.query<{ id: string }>('select id from class')).map((c) => c.id) : [],
  );
  for (const { id } of rows) there.add(String(id));
  // The class it was made from may be gone.
  const whole = rows.map((row) =>
    shape.name === 'class' && !there.has(String(row.from_class_id)) ? { ...row, from_class_id: null } : row,
  );
  const lines = whole.map((row) => JSON.stringify(row));
  await putRows(db, shape, lines);
  await finishTable(db, shape, lines);
}
