import type { Counted } from '@/core/lock';
import type { Db } from './db';

/** A try at a passphrase or a code: at what, from where, and from which browser when it was let in there before. */
export type Guess = {
  readonly aim: string;
  readonly address: string;
  readonly fromHere: boolean;
  readonly browserHash: string | null;
};

/** Whoever else begins to be let in, or to name themselves first, waits until this one is done. */
export async function oneByOne(tx: Db): Promise<void> {
  await tx.query("select pg_advisory_xact_lock(hashtext('oskil guesses'))");
}

/** Those that are over are taken away; those of the future, by a clock that was put back since, are of now. */
export async function tidyGuesses(db: Db, rememberedS: number): Promise<void> {
  await db.query('delete from guess where at <= clock_timestamp() - make_interval(secs => $1)', [
    rememberedS,
  ]);
  await db.query('update guess set at = clock_timestamp() where at > clock_timestamp()');
}

const COUNTED = `select count(*)::int as tries, extract(epoch from clock_timestamp() - max(at))::float8 as ago from guess`;

async function counted(db: Db, where: string, params: readonly unknown[]): Promise<Counted> {
  const [row] = await db.query<{ tries: number; ago: number | null }>(`${COUNTED} where ${where}`, params);
  return { tries: row!.tries, lastAgoS: row!.ago ?? Infinity };
}

/** Wrong tries of a browser that was let in before, where it was. */
export const ofBrowser = (db: Db, browserHash: string, aim: string): Promise<Counted> =>
  counted(db, 'browser_hash = $1 and aim = $2', [browserHash, aim]);

/** Of everybody at one address who was not let in before, whatever they tried. */
export const ofAddress = (db: Db, address: string): Promise<Counted> =>
  counted(db, 'browser_hash is null and address = $1', [address]);

/** Of everybody elsewhere who was not let in before, at one passphrase. */
export const ofAim = (db: Db, aim: string): Promise<Counted> =>
  counted(db, 'browser_hash is null and not from_here and aim = $1', [aim]);

/** Returns its number. */
export async function addGuess(db: Db, { aim, address, fromHere, browserHash }: Guess): Promise<number> {
  // Not when the transaction began, which may have been before it had to wait for another.
  const [row] = await db.query<{ id: number }>(
    `insert into guess (at, aim, address, from_here, browser_hash) values (clock_timestamp(), $1, $2, $3, $4) returning id`,
    [aim, address, fromHere, browserHash],
  );
  return row!.id;
}

/** It was no wrong one. */
export async function takeBack(db: Db, id: number): Promise<void> {
  await db.query('delete from guess where id = $1', [id]);
}

/** Whoever knew the passphrase may have mistyped it before: their own wrong tries at it, and nobody else's. */
export async function forgetOwn(db: Db, { aim, address, browserHash }: Guess): Promise<void> {
  await db.query(
    'delete from guess where aim = $1 and case when browser_hash is null then address = $2 else browser_hash = $3 end',
    [aim, address, browserHash],
  );
}

export async function isKnownBrowser(db: Db, browserHash: string, aim: string): Promise<boolean> {
  const rows = await db.query('select 1 from known_browser where browser_hash = $1 and aim = $2', [
    browserHash,
    aim,
  ]);
  return rows.length > 0;
}

export async function knowBrowser(db: Db, browserHash: string, aim: string): Promise<void> {
  await db.query(
    `insert into known_browser (browser_hash, aim) values ($1, $2)
     on conflict (browser_hash, aim) do update set seen_at = now()`,
    [browserHash, aim],
  );
}
