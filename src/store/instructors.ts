import type { Db } from './db';

export type Instructor = {
  readonly id: string;
  readonly name: string;
  /** Keeps backups and says who the instructors are. */
  readonly coordinator: boolean;
};

const COLUMNS = 'id, name, coordinator';

export const listInstructors = (db: Db): Promise<Instructor[]> =>
  db.query<Instructor>(`select ${COLUMNS} from instructor order by lower(name)`);

export async function hasInstructors(db: Db): Promise<boolean> {
  return (await db.query('select 1 from instructor limit 1')).length > 0;
}

export async function findInstructor(db: Db, id: string): Promise<Instructor | null> {
  const [one] = await db.query<Instructor>(`select ${COLUMNS} from instructor where id = $1`, [id]);
  return one ?? null;
}

/** By name, however it is written; with how the passphrase is kept. */
export async function instructorNamed(
  db: Db,
  name: string,
): Promise<(Instructor & { readonly passphrase: string }) | null> {
  const [one] = await db.query<Instructor & { passphrase: string }>(
    `select ${COLUMNS}, passphrase from instructor where lower(name) = lower($1)`,
    [name],
  );
  return one ?? null;
}

/** Whose class it is; null while it is nobody's. */
export async function ownerOfClass(db: Db, classId: string): Promise<string | null> {
  const [one] = await db.query<{ id: string | null }>(
    'select s.owner_id as id from class c join series s on s.id = c.series_id where c.id = $1',
    [classId],
  );
  return one?.id ?? null;
}

/** False when the name is taken. */
export async function addInstructor(
  db: Db,
  { id, name, coordinator }: Instructor,
  passphrase: string,
): Promise<boolean> {
  const rows = await db.query(
    `insert into instructor (id, name, passphrase, coordinator) values ($1, $2, $3, $4)
     on conflict do nothing returning id`,
    [id, name, passphrase, coordinator],
  );
  return rows.length > 0;
}

/** Another passphrase; whoever was let in with the last is not any more. */
export async function saveOwnPassphrase(db: Db, id: string, passphrase: string): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query('update instructor set passphrase = $2 where id = $1', [id, passphrase]);
    for (const table of ['session', 'token'])
      await tx.query(`delete from ${table} where instructor_id = $1`, [id]);
  });
}

export async function passphraseOf(db: Db, id: string): Promise<string | null> {
  const [one] = await db.query<{ passphrase: string }>('select passphrase from instructor where id = $1', [
    id,
  ]);
  return one?.passphrase ?? null;
}

/** Somebody's recorded voice goes with them, what they typed and did not save, and how they practised. */
const OWN_ALONE = ['own_word', 'unsaved_form', 'practice_result'];

/** What belonged to one instructor belongs to another, and the one is no more. */
export async function removeInstructor(db: Db, id: string, heirId: string): Promise<void> {
  await db.transaction(async (tx) => {
    await reassign(tx, id, heirId);
    for (const table of OWN_ALONE) await tx.query(`delete from ${table} where owner_id = $1`, [id]);
    await tx.query('delete from instructor where id = $1', [id]);
  });
}

/** All classes and people of one instructor become another's. */
export async function reassign(db: Db, fromId: string, toId: string): Promise<void> {
  for (const table of ['series', 'person', 'taken_away'])
    await db.query(`update ${table} set owner_id = $2 where owner_id = $1`, [fromId, toId]);
}

/** What belongs to nobody who is here, as after a restore, is taken in by one who is. */
export async function adoptOrphans(db: Db, id: string): Promise<void> {
  for (const table of ['series', 'person', 'taken_away'])
    await db.query(
      `update ${table} set owner_id = $1
       where owner_id is null or owner_id not in (select i.id from instructor i)`,
      [id],
    );
  await db.query(
    `update own_word w set owner_id = $1 where owner_id is null
       and not exists (select 1 from own_word o where o.owner_id = $1 and o.word = w.word)`,
    [id],
  );
  await db.query(
    `update unsaved_form u set owner_id = $1 where owner_id is null
       and not exists (select 1 from unsaved_form o where o.owner_id = $1 and o.form = u.form)`,
    [id],
  );
  await db.query('update practice_result set owner_id = $1 where owner_id is null', [id]);
  for (const table of OWN_ALONE)
    await db.query(
      `delete from ${table} where owner_id is null or owner_id not in (select i.id from instructor i)`,
    );
}

export async function setCoordinator(db: Db, id: string, coordinator: boolean): Promise<void> {
  await db.query('update instructor set coordinator = $2 where id = $1', [id, coordinator]);
}

/** Everything of one instructor is seen by all; each record says by whom that was done. */
export async function shareAll(db: Db, id: string, byId: string | null): Promise<void> {
  await db.query(
    `insert into person_change (person_id, what, by_id) select id, $2, $3 from person where owner_id = $1 and not shared`,
    [id, SHARED, byId],
  );
  for (const table of ['series', 'person'])
    await db.query(`update ${table} set shared = true where owner_id = $1`, [id]);
}

/** What the record of a person says of it. */
export const SHARED = 'Every instructor sees this record';
export const NOT_SHARED = 'No longer seen by every instructor';

export type Shareable = 'person' | 'series';

const BROUGHT_ALONG: Readonly<Record<Shareable, string>> = {
  person: 'oskil_others_see_person(id)',
  series: 'false',
};

export type Ownership = {
  readonly ownerId: string | null;
  readonly shared: boolean;
  /** Whether a group that another teaches or sees brings it along. */
  readonly broughtAlong: boolean;
  /** Whether it belongs to whoever asks, to whom everything does while there are no instructors by name. */
  readonly mine: boolean;
};

/** Whose it is and whether all see it; null when there is none. */
export async function ownership(db: Db, table: Shareable, id: string): Promise<Ownership | null> {
  const [row] = await db.query<Ownership>(
    `select owner_id as "ownerId", shared, oskil_me() is null or owner_id is not distinct from oskil_me() as mine,
       ${BROUGHT_ALONG[table]} as "broughtAlong" from ${table} where id = $1`,
    [id],
  );
  return row ?? null;
}

export async function setShared(db: Db, table: Shareable, id: string, shared: boolean): Promise<void> {
  await db.query(`update ${table} set shared = $2 where id = $1`, [id, shared]);
}

/** How many classes and people each instructor has. */
export async function countsByOwner(
  db: Db,
): Promise<readonly { readonly id: string; readonly groups: number; readonly people: number }[]> {
  return db.query(
    `select i.id, (select count(*)::int from series s where s.owner_id = i.id) as groups,
       (select count(*)::int from person p where p.owner_id = i.id and p.archived_at is null) as people
     from instructor i`,
  );
}
