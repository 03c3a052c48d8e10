import { createHash, randomBytes } from 'node:crypto';
import { z } from 'zod';
import { codeFrom, plainCode, REMEMBERED_S, waitAfter } from '@/core/lock/guesses';
import type { Asker } from '@/core/lock/passes';
import { fail, ok, type Failure, type Result } from '@/core/result';
import { plural } from '@/core/words';
import { findClass } from '@/store/classes';
import type { Db } from '@/store/db';
import {
  addGuess,
  addSession,
  classOfCode,
  endSession,
  forgetGuesses,
  lateGuesses,
  loadPassphrase,
  oneByOne,
  saveHelperCode,
  savePassphrase,
  seeSession,
} from '@/store/sessions';
import { idFrom } from '../ids';
import { today } from '../today';
import { hashPassphrase, isPassphrase } from './passphrase';

/** A session that nobody uses for so long is over. */
export const IDLE_MINUTES = 60;

const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

export const hasLock = async (db: Db): Promise<boolean> => (await loadPassphrase(db)) !== null;

/** Who carries this session; everybody is the instructor while there is no lock. */
export async function askerOf(db: Db, token: string | undefined): Promise<Asker> {
  if (!(await hasLock(db))) return { kind: 'instructor' };
  const session = token ? await seeSession(db, hashOf(token), IDLE_MINUTES, today()) : null;
  if (!session) return { kind: 'nobody' };
  return session.classId === null ? { kind: 'instructor' } : { kind: 'helper', classId: session.classId };
}

export const openSchema = z.strictObject({
  secret: z.string().min(1, 'Type the passphrase or a code').max(200),
});

/** The same words for whatever is wrong, so that nothing is given away. */
const NOT_OPEN = fail('wrong-secret', 'That does not open Oskil. Try again.');

export type Opened = { readonly token: string; readonly goTo: string };

/** Open with the passphrase, or with a code for helpers; wrong tries make the next wait. */
export async function open(db: Db, { secret }: z.infer<typeof openSchema>): Promise<Result<Opened>> {
  const kept = await loadPassphrase(db);
  if (!kept) return fail('no-lock', 'Oskil is not locked.');
  const waiting = await startTry(db);
  if (waiting) return waiting;
  const classId = await classOfCode(db, hashOf(plainCode(secret)), today());
  if (!(await isPassphrase(secret, kept)) && classId === null) return NOT_OPEN;
  const asHelper = classId !== null;
  await forgetGuesses(db);
  const token = randomBytes(32).toString('base64url');
  await addSession(
    db,
    hashOf(token),
    asHelper ? { kind: 'helper', classId } : { kind: 'instructor', classId: null },
  );
  return ok({ token, goTo: asHelper ? `/classes/${classId}/helper` : '/' });
}

/** Counts a try before it is looked at, one after the other, so that many at once do not get in for one; or says how long to wait. */
const startTry = (db: Db): Promise<Failure | null> =>
  db.transaction(async (tx) => {
    await oneByOne(tx);
    const { tries, lastAgoS } = await lateGuesses(tx, REMEMBERED_S);
    const wait = waitAfter(tries) - lastAgoS;
    if (wait > 0) return fail('too-many-tries', `Too many wrong tries. Try again in ${waitWords(wait)}.`);
    await addGuess(tx);
    return null;
  });

const waitWords = (seconds: number): string =>
  seconds > 90 ? plural(Math.ceil(seconds / 60), 'minute') : plural(Math.ceil(seconds), 'second');

export const close = (db: Db, token: string): Promise<void> => endSession(db, hashOf(token));

export const LEAST_PASSPHRASE = 10;
export const passphraseSchema = z.strictObject({
  now: z.string().max(200),
  /** Empty takes the lock away. */
  passphrase: z.union([
    z.literal(''),
    z
      .string()
      .min(LEAST_PASSPHRASE, `At least ${LEAST_PASSPHRASE} letters; a few words are easy to keep`)
      .max(200, 'At most 200 letters'),
  ]),
});

/** Set, change or take away the lock; everybody else's session ends. */
export async function setPassphrase(
  db: Db,
  { now, passphrase }: z.infer<typeof passphraseSchema>,
): Promise<Result<{ token: string | null }>> {
  const kept = await loadPassphrase(db);
  if (kept) {
    const waiting = await startTry(db);
    if (waiting) return waiting;
    if (!(await isPassphrase(now, kept)))
      return fail('wrong-secret', 'The passphrase that is set now is another. Nothing was changed.');
    await forgetGuesses(db);
  }
  if (passphrase === '' && listensBeyond())
    return fail(
      'needs-lock',
      'While Oskil can be reached from other computers it stays locked. Nothing was changed.',
    );
  await savePassphrase(db, passphrase === '' ? null : await hashPassphrase(passphrase));
  if (passphrase === '') return ok({ token: null });
  const token = randomBytes(32).toString('base64url');
  await addSession(db, hashOf(token), { kind: 'instructor', classId: null });
  return ok({ token });
}

/** A code with which helpers reach Room and the marks of one class, until its day is over; shown once. */
export async function makeHelperCode(db: Db, rawId: string | undefined): Promise<Result<{ code: string }>> {
  const id = idFrom(rawId, 'class');
  const info = id.ok ? await findClass(db, id.value) : null;
  if (!info) return fail('not-found', 'There is no such class.');
  if (!(await hasLock(db)))
    return fail(
      'no-lock',
      'Without a passphrase everybody at this computer can mark. Set one in Settings first.',
    );
  const code = codeFrom(randomBytes(64));
  // Made the evening before, it is good for the class; for one that is over already, until the day is.
  await saveHelperCode(db, info.id, hashOf(code), info.day > today() ? info.day : today());
  return ok({ code });
}

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '::1']);

/** Whether other computers can reach this one's Oskil. */
export const listensBeyond = (): boolean => !LOOPBACK.has(process.env.OSKIL_HOST ?? '127.0.0.1');
