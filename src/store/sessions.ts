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

/** Keep another passphrase, or none; every session ends with the last. */
export async function savePassphrase(db: Db, passphrase: string | null): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query('delete from session');
    if (passphrase === null) await tx.query('delete from lock');
    else
      await tx.query(
        'insert into lock (passphrase) values ($1) on conflict (single) do update set passphrase = $1',
        [passphrase],
      );
  });
}

export type Session = {
  readonly kind: 'instructor' | 'helper';
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
         (select 1 from helper_code h where h.class_id = s.class_id and h.day >= $3::date))
     returning kind, class_id as "classId", instructor_id as "instructorId"`,
    [tokenHash, idleMinutes, today],
  );
  return session ?? null;
}

export async function endSession(db: Db, tokenHash: string): Promise<void> {
  await db.query('delete from session where token_hash = $1', [tokenHash]);
}

/** A class has one code at a time, good until a day is over; a new one ends the helpers of the last. */
export async function saveHelperCode(db: Db, classId: string, codeHash: string, day: string): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query('delete from session where class_id = $1', [classId]);
    await tx.query(
      `insert into helper_code (class_id, code_hash, day) values ($1, $2, $3)
       on conflict (class_id) do update set code_hash = $2, day = $3, made_at = now()`,
      [classId, codeHash, day],
    );
  });
}

/** The class that a code opens, until its day is over. */
export async function classOfCode(db: Db, codeHash: string, today: string): Promise<string | null> {
  const [row] = await db.query<{ id: string }>(
    'select class_id as id from helper_code where code_hash = $1 and day >= $2',
    [codeHash, today],
  );
  return row?.id ?? null;
}

/** Whoever else begins to be let in, or to name themselves first, waits until this one is done. */
export async function oneByOne(tx: Db): Promise<void> {
  await tx.query("select pg_advisory_xact_lock(hashtext('oskil guesses'))");
}

/** Wrong tries of late, and how long ago the last was, s. */
export async function lateGuesses(
  db: Db,
  rememberedS: number,
): Promise<{ readonly tries: number; readonly lastAgoS: number }> {
  const [row] = await db.query<{ tries: number; ago: number | null }>(
    `select count(*)::int as tries, extract(epoch from clock_timestamp() - max(at))::float8 as ago from guess
     where at > clock_timestamp() - make_interval(secs => $1)`,
    [rememberedS],
  );
  return { tries: row!.tries, lastAgoS: row!.ago ?? Infinity };
}

export async function addGuess(db: Db): Promise<void> {
  // Not when the transaction began, which may have been before it had to wait for another.
  await db.query('insert into guess (at) values (clock_timestamp())');
}

export async function forgetGuesses(db: Db): Promise<void> {
  await db.query('delete from guess');
}
