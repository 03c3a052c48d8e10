import { createHash, randomBytes } from 'node:crypto';
import { z } from 'zod';
import { codeFrom, plainCode, REMEMBERED_S, waitAfter } from '@/core/lock/guesses';
import type { Asker } from '@/core/lock/passes';
import { fail, ok, type Failure, type Result } from '@/core/result';
import { plural } from '@/core/words';
import { findClass } from '@/store/classes';
import type { Db } from '@/store/db';
import {
  findInstructor,
  hasInstructors,
  instructorNamed,
  passphraseOf,
  saveOwnPassphrase,
} from '@/store/instructors';
import {
  addGuess,
  addSession,
  classOfCode,
  endSession,
  forgetGuesses,
  lateGuesses,
  loadLocks,
  loadPassphrase,
  oneByOne,
  saveHelperCode,
  savePassphrase,
  seeSession,
  type Session,
} from '@/store/sessions';
import { idFrom } from '../ids';
import { today } from '../today';
import { hashPassphrase, isPassphrase } from './passphrase';

/** A session that nobody uses for so long is over. */
export const IDLE_MINUTES = 60;

const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex');

/** One passphrase for all, or one for each instructor by name. */
export async function hasLock(db: Db): Promise<boolean> {
  const { byName, forAll } = await loadLocks(db);
  return byName || forAll;
}

/** Who carries this session; everybody is the instructor while there is no lock. */
export async function askerOf(db: Db, token: string | undefined): Promise<Asker> {
  const { byName, forAll } = await loadLocks(db);
  if (!byName && !forAll) return { kind: 'instructor', id: null, coordinator: true };
  const session = token ? await seeSession(db, hashOf(token), IDLE_MINUTES, today()) : null;
  if (!session) return { kind: 'nobody' };
  if (session.classId !== null) return { kind: 'helper', classId: session.classId };
  if (!byName) return { kind: 'instructor', id: null, coordinator: true };
  const instructor = session.instructorId ? await findInstructor(db, session.instructorId) : null;
  return instructor
    ? { kind: 'instructor', id: instructor.id, coordinator: instructor.coordinator }
    : { kind: 'nobody' };
}

export const openSchema = z.strictObject({
  /** Of the instructor, where there are several; a helper has none. */
  name: z.string().trim().max(40).default(''),
  secret: z.string().min(1, 'Type the passphrase or a code').max(200),
});

/** The same words for whatever is wrong, so that nothing is given away. */
const NOT_OPEN = fail('wrong-secret', 'That does not open Oskil. Try again.');

export type Opened = { readonly token: string; readonly goTo: string };

/** Open with the passphrase, or with a code for helpers; wrong tries make the next wait. */
export async function open(db: Db, { name, secret }: z.input<typeof openSchema>): Promise<Result<Opened>> {
  if (!(await hasLock(db))) return fail('no-lock', 'Oskil is not locked.');
  const waiting = await startTry(db);
  if (waiting) return waiting;
  const classId = await classOfCode(db, hashOf(plainCode(secret)), today());
  const kept = await keptFor(db, name ?? '');
  const isRight = await isPassphrase(secret, kept?.passphrase ?? NOBODYS);
  if (classId !== null)
    return opened(db, { kind: 'helper', classId, instructorId: null }, `/classes/${classId}/helper`);
  if (!kept || !isRight) return NOT_OPEN;
  return opened(db, { kind: 'instructor', classId: null, instructorId: kept.id }, '/');
}

/** The passphrase to try against, and whose it is: the one there is, or that of the instructor by name. */
async function keptFor(
  db: Db,
  name: string,
): Promise<{ readonly id: string | null; readonly passphrase: string } | null> {
  if (await hasInstructors(db)) return instructorNamed(db, name);
  const passphrase = await loadPassphrase(db);
  return passphrase === null ? null : { id: null, passphrase };
}

/** Tried when there is nobody of that name, so that it takes as long as when there is. */
const NOBODYS = `scrypt:65536:8:1:${'A'.repeat(22)}:${'A'.repeat(43)}`;

async function opened(db: Db, session: Session, goTo: string): Promise<Result<Opened>> {
  await forgetGuesses(db);
  return ok({ token: await newSession(db, session), goTo });
}

async function newSession(db: Db, session: Session): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  await addSession(db, hashOf(token), session);
  return token;
}

/** Let an instructor in, who was just looked at. */
export const letIn = (db: Db, instructorId: string | null): Promise<string> =>
  newSession(db, { kind: 'instructor', classId: null, instructorId });

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
export const newPassphrase = z
  .string()
  .min(LEAST_PASSPHRASE, `At least ${LEAST_PASSPHRASE} letters; a few words are easy to keep`)
  .max(200, 'At most 200 letters');

export const passphraseSchema = z.strictObject({
  now: z.string().max(200),
  /** Empty takes the lock away. */
  passphrase: z.union([z.literal(''), newPassphrase]),
});

/** Whether this is the passphrase that is kept; wrong tries here make the next wait as at the lock. */
export async function checkPassphrase(db: Db, now: string, kept: string): Promise<Failure | null> {
  const waiting = await startTry(db);
  if (waiting) return waiting;
  if (!(await isPassphrase(now, kept)))
    return fail('wrong-secret', 'The passphrase that is set now is another. Nothing was changed.');
  await forgetGuesses(db);
  return null;
}

/** An instructor's own passphrase; whoever was let in with the last is not any more. */
export async function changeOwnPassphrase(
  db: Db,
  instructorId: string,
  { now, passphrase }: z.infer<typeof passphraseSchema>,
): Promise<Result<{ token: string }>> {
  const kept = await passphraseOf(db, instructorId);
  if (kept === null) return fail('not-found', 'There is no such instructor.');
  const wrong = await checkPassphrase(db, now, kept);
  if (wrong) return wrong;
  if (passphrase === '')
    return fail(
      'needs-lock',
      'Where there are instructors by name, each has a passphrase. Nothing was changed.',
    );
  await saveOwnPassphrase(db, instructorId, await hashPassphrase(passphrase));
  return ok({ token: await letIn(db, instructorId) });
}

/** Set, change or take away the one passphrase; everybody else's session ends. */
export async function setPassphrase(
  db: Db,
  { now, passphrase }: z.infer<typeof passphraseSchema>,
): Promise<Result<{ token: string | null }>> {
  const kept = await loadPassphrase(db);
  const wrong = kept === null ? null : await checkPassphrase(db, now, kept);
  if (wrong) return wrong;
  if (passphrase === '' && listensBeyond())
    return fail(
      'needs-lock',
      'While Oskil can be reached from other computers it stays locked. Nothing was changed.',
    );
  await savePassphrase(db, passphrase === '' ? null : await hashPassphrase(passphrase));
  return ok({ token: passphrase === '' ? null : await letIn(db, null) });
}

/**
 * A code with which helpers reach Room and the marks of one class, until its day is over; shown once. `seen` is the data as the
 * instructor sees it, `db` the whole of it.
 */
export async function makeHelperCode(
  seen: Db,
  db: Db,
  rawId: string | undefined,
): Promise<Result<{ code: string }>> {
  const id = idFrom(rawId, 'class');
  const info = id.ok ? await findClass(seen, id.value) : null;
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
