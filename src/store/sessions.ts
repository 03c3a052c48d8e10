import type { Db } from './db';

/** What locks there are: instructors by name, each with a passphrase, or one passphrase for all. */
export async function loadLocks(db: Db): Promise<{ readonly byName: boolean; readonly forAll: boolean }> {
  const [row] = await db.query<{ byName: boolean; forAll: boolean }>(
    'select exists (select from instructor) as "byName", exists (select from lock) as "forAll"',
  );
  return row!;
}

/** How the passphrase is kept; null while there is none. */
export async function loadPassphrase(db: Db): Promise<string | null> {
  const [row] = await db.query<{ passphrase: string }>('select passphrase from lock');
  return row?.passphrase ?? null;
}

/** The first passphrase; false where there is one by now. */
export async function addPassphrase(db: Db, passphrase: string): Promise<boolean> {
  const rows = await db.query(
    'insert into lock (passphrase) values ($1) on conflict do nothing returning 1',
    [passphrase],
  );
  return rows.length > 0;
}

/** Another passphrase in place of one; sessions and other programs' token end with the last. False where it is another by now. */
export const replacePassphrase = (db: Db, last: string, passphrase: string): Promise<boolean> =>
  db.transaction(async (tx) => {
    const rows = await tx.query('update lock set passphrase = $2 where passphrase = $1 returning 1', [
      last,
      passphrase,
    ]);
    if (rows.length > 0) for (const table of ['session', 'token']) await tx.query(`delete from ${table}`);
    return rows.length > 0;
  });

/** The lock is taken away, and with it whoever was let in, codes too. */
export async function removePassphrase(db: Db): Promise<void> {
  await db.transaction(async (tx) => {
    for (const table of ['lock', 'session', 'helper_code']) await tx.query(`delete from ${table}`);
  });
}

/** A code opens the marks of a class and its room, or for a screen that all look at the room alone. */
export type CodeKind = 'helper' | 'tv';

export type Session = {
  readonly kind: 'instructor' | CodeKind;
  readonly classId: string | null;
  /** Null while there are no instructors by name. */
  readonly instructorId: string | null;
};

export async function addSession(db: Db, tokenHash: string, session: Session): Promise<void> {
  await db.query('insert into session (token_hash, kind, class_id, instructor_id) values ($1, $2, $3, $4)', [
    tokenHash,
    session.kind,
    session.classId,
    session.instructorId,
  ]);
}

/** A session that was used within `idleMinutes`, which it now was again; a helper's ends with the day of the class besides. */
export async function seeSession(
  db: Db,
  tokenHash: string,
  idleMinutes: number,
  today: string,
): Promise<Session | null> {
  const [session] = await db.query<Session>(
    `update session s set seen_at = now() where token_hash = $1 and seen_at > now() - make_interval(mins => $2)
       and (s.kind = 'instructor' or exists
         (select 1 from helper_code h where h.class_id = s.class_id and h.kind = s.kind and h.day >= $3::date))
     returning kind, class_id as "classId", instructor_id as "instructorId"`,
    [tokenHash, idleMinutes, today],
  );
  return session ?? null;
}

export async function endSession(db: Db, tokenHash: string): Promise<void> {
  await db.query('delete from session where token_hash = $1', [tokenHash]);
}

/** A class has one code of a kind at a time, good until a day is over; a new one ends whoever came with the last. */
export async function saveHelperCode(
  db: Db,
  { classId, kind }: { readonly classId: string; readonly kind: CodeKind },
  codeHash: string,
  day: string,
): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query('delete from session where class_id = $1 and kind = $2', [classId, kind]);
    await tx.query(
      `insert into helper_code (class_id, kind, code_hash, day) values ($1, $2, $3, $4)
       on conflict (class_id, kind) do update set code_hash = $3, day = $4, made_at = now()`,
      [classId, kind, codeHash, day],
    );
  });
}

/** The class that a code opens, until its day is over. */
export async function classOfCode(
  db: Db,
  codeHash: string,
  today: string,
): Promise<{ readonly classId: string; readonly kind: CodeKind } | null> {
  const [row] = await db.query<{ classId: string; kind: CodeKind }>(
    'select class_id as "classId", kind from helper_code where code_hash = $1 and day >= $2',
    [codeHash, today],
  );
  return row ?? null;
}
