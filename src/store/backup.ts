import type { Held } from '@/core/backup';
import type { Db } from './db';
import { MACHINE_TABLES } from './machine-tables';

/** A table as it is filled: which columns number themselves, and which point at other rows of the same table. */
export type TableShape = {
  readonly name: string;
  readonly key: readonly string[];
  readonly numbered: readonly string[];
  readonly selfPointing: readonly string[];
};

/** Every table with data of ours, those that others point at first. */
export async function tablesInOrder(db: Db): Promise<readonly TableShape[]> {
  const tables = await db.query<TableShape>(
    `select c.relname as name,
       (select coalesce(json_agg(a.attname order by array_position(i.indkey::int2[], a.attnum)), '[]') from pg_index i
        join pg_attribute a on a.attrelid = i.indrelid and a.attnum = any (i.indkey)
        where i.indrelid = c.oid and i.indisprimary) as key,
       (select coalesce(json_agg(a.attname), '[]') from pg_attribute a
        where a.attrelid = c.oid and a.attidentity <> '') as numbered,
       (select coalesce(json_agg(a.attname), '[]') from pg_constraint f
        join pg_attribute a on a.attrelid = c.oid and a.attnum = f.conkey[1]
        where f.conrelid = c.oid and f.confrelid = c.oid and f.contype = 'f') as "selfPointing"
     from pg_class c join pg_namespace n on n.oid = c.relnamespace
     where n.nspname = current_schema() and c.relkind = 'r' and c.relname <> all ($1) order by c.relname`,
    [MACHINE_TABLES],
  );
  const points = await db.query<{ from: string; to: string }>(
    `select c.relname as from, t.relname as to from pg_constraint f
     join pg_class c on c.oid = f.conrelid join pg_class t on t.oid = f.confrelid
     join pg_namespace n on n.oid = c.relnamespace
     where f.contype = 'f' and f.conrelid <> f.confrelid and n.nspname = current_schema()`,
  );
  return pointedAtFirst(tables, points);
}

function pointedAtFirst(
  tables: readonly TableShape[],
  points: readonly { readonly from: string; readonly to: string }[],
): readonly TableShape[] {
  const placed: TableShape[] = [];
  let left = [...tables];
  while (left.length > 0) {
    const waiting = new Set(left.map((t) => t.name));
    const ready = left.filter((t) => !points.some((p) => p.from === t.name && waiting.has(p.to)));
    if (ready.length === 0) throw new Error('Tables point at each other in a ring');
    placed.push(...ready);
    left = left.filter((t) => !ready.includes(t));
  }
  return placed;
}

const AT_ONCE = 200;

/** Every row of a table as JSON text, in the same order wherever it is asked. Only inside a transaction. */
export async function* rowsOf(db: Db, { name, key }: TableShape): AsyncGenerator<string> {
  const order = key.map((k) => `t."${k}"::text collate "C"`).join(', ');
  await db.query(
    `declare backup_rows no scroll cursor for select to_jsonb(t)::text as line from "${name}" t order by ${order}`,
  );
  for (;;) {
    const rows = await db.query<{ line: string }>(`fetch ${AT_ONCE} from backup_rows`);
    for (const { line } of rows) yield line;
    if (rows.length < AT_ONCE) break;
  }
  await db.query('close backup_rows');
}

/** Put rows, as JSON text, into a table as they were. */
export async function putRows(db: Db, shape: TableShape, rows: readonly string[]): Promise<void> {
  const { name, selfPointing, numbered } = shape;
  const batch = `[${rows.join(',')}]`;
  const without = selfPointing.length > 0 ? ` - array[${selfPointing.map((c) => `'${c}'`).join(', ')}]` : '';
  await db.query(
    `insert into "${name}" ${numbered.length > 0 ? 'overriding system value ' : ''}
     select p.* from jsonb_array_elements($1::jsonb) r
     cross join lateral jsonb_populate_record(null::"${name}", r.value${without}) p`,
    [batch],
  );
}

/** Once a table is whole: what points at rows of its own, and where its numbers go on. */
export async function finishTable(db: Db, shape: TableShape, rows: readonly string[]): Promise<void> {
  for (const column of shape.selfPointing)
    await db.query(
      `update "${shape.name}" t set "${column}" = p."${column}" from jsonb_array_elements($1::jsonb) r
       cross join lateral jsonb_populate_record(null::"${shape.name}", r.value) p
       where p."${column}" is not null and ${shape.key.map((k) => `p."${k}" = t."${k}"`).join(' and ')}`,
      [`[${rows.join(',')}]`],
    );
  for (const column of shape.numbered)
    await db.query(
      `select setval(pg_get_serial_sequence('${shape.name}', '${column}'),
         greatest(1, (select coalesce(max("${column}"), 0) from "${shape.name}")),
         exists (select 1 from "${shape.name}"))`,
    );
}

export async function emptyTables(db: Db, tables: readonly TableShape[]): Promise<void> {
  await db.query(`truncate ${tables.map((t) => `"${t.name}"`).join(', ')}`);
}

/** Whoever else writes waits until this is done; those who wait for each other are told by the database, and it is tried again. */
export async function withNobodyWriting<T>(db: Db, work: (tx: Db) => Promise<T>): Promise<T> {
  const names = (await tablesInOrder(db)).map((t) => `"${t.name}"`).join(', ');
  for (let tries = 1; ; tries++)
    try {
      return await db.transaction(async (tx) => {
        await tx.query(`lock table ${names} in access exclusive mode`);
        return work(tx);
      });
    } catch (error) {
      if ((error as { code?: string }).code !== DEADLOCK || tries >= MAX_TRIES) throw error;
    }
}
const DEADLOCK = '40P01';
const MAX_TRIES = 5;

/** Number of the newest migration that has run. */
export async function migrationOf(db: Db): Promise<number> {
  const [row] = await db.query<{ at: number }>('select max(number)::int as at from migration');
  return row!.at;
}

export async function isTeaching(db: Db): Promise<boolean> {
  const rows = await db.query(
    `select 1 from taught where ended_at is null and began_at between now() - interval '6 hours' and now() limit 1`,
  );
  return rows.length > 0;
}

/** People, classes and terms with a digest of what belongs to each, for telling what a restore would change. */
export const HELD: Readonly<Record<string, (db: Db) => Promise<Held[]>>> = {
  People: (db) =>
    db.query<Held>(
      `select p.id::text, trim(p.first_name || ' ' || p.initial) as name,
         md5(concat(to_jsonb(p),
           (select jsonb_agg(to_jsonb(c) order by c.condition_id, c.side) from person_condition c where c.person_id = p.id),
           (select jsonb_agg(to_jsonb(c) order by c.id) from clearance c where c.person_id = p.id),
           (select jsonb_agg(to_jsonb(m) order by m.kind, m.hand, m.on_day) from measure m where m.person_id = p.id),
           (select jsonb_agg(to_jsonb(g) order by g.id) from grip_test g where g.person_id = p.id))) as digest
       from person p`,
    ),
  Classes: (db) =>
    db.query<Held>(
      `select c.id::text, concat(s.name, ', ', c.day) as name,
         md5(concat(to_jsonb(c), to_jsonb(s), p.current, p.version, t.state, t.notes, t.ended_at, t.written_up_at,
           (select jsonb_agg(to_jsonb(a) order by a.person_id) from attendance a where a.class_id = c.id),
           (select jsonb_agg(m.id order by m.id) from mark m where m.class_id = c.id),
           (select jsonb_agg(x.person_id order by x.person_id) from class_person x where x.class_id = c.id),
           (select count(*) from teach_event e where e.class_id = c.id),
           (select jsonb_agg(to_jsonb(h) order by h.id) from home_card h where h.class_id = c.id))) as digest
       from class c join series s on s.id = c.series_id
       left join plan p on p.class_id = c.id left join taught t on t.class_id = c.id`,
    ),
  Terms: (db) =>
    db.query<Held>(
      `select t.id::text, t.name, md5(concat(to_jsonb(t),
         (select jsonb_agg(to_jsonb(w) order by w.week) from term_week w where w.term_id = t.id),
         (select jsonb_agg(to_jsonb(d) order by d.weekday) from term_day d where d.term_id = t.id),
         (select jsonb_agg(to_jsonb(h) - 'id' order by h.from_day) from term_holiday h where h.term_id = t.id))) as digest
       from term t`,
    ),
  'Own movements': (db) =>
    db.query<Held>(
      `select o.id, o.name, md5(concat(to_jsonb(o),
         (select max(v.version) from own_movement_version v where v.movement_id = o.id))) as digest
       from own_movement o`,
    ),
  Settings: (db) => db.query<Held>('select name as id, name, md5(value) as digest from setting'),
};
