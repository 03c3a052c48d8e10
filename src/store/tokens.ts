import type { Db } from './db';

/** Of one instructor, or of whoever there is while there are none by name. */
type Owner = string | null;
const OWN = 'instructor_id is not distinct from $1::uuid';

/** Keep the hash of a new token; the one before it ends. */
export async function saveToken(db: Db, owner: Owner, hash: string): Promise<void> {
  await db.transaction(async (tx) => {
    await dropToken(tx, owner);
    await tx.query('insert into token (instructor_id, hash) values ($1, $2)', [owner, hash]);
  });
}

export async function dropToken(db: Db, owner: Owner): Promise<void> {
  await db.query(`delete from token where ${OWN}`, [owner]);
}

/** The one token there was becomes an instructor's own. */
export async function giveToken(db: Db, instructorId: string): Promise<void> {
  await db.query('update token set instructor_id = $1 where instructor_id is null', [instructorId]);
}

export async function isToken(db: Db, owner: Owner): Promise<boolean> {
  return (await db.query(`select 1 from token where ${OWN}`, [owner])).length > 0;
}

/** Whose a token is by its hash; null when it is nobody's. */
export async function ownerOfToken(db: Db, hash: string): Promise<{ readonly instructorId: Owner } | null> {
  const [row] = await db.query<{ instructorId: Owner }>(
    'select instructor_id as "instructorId" from token where hash = $1',
    [hash],
  );
  return row ?? null;
}
