import { createHash, randomBytes } from 'node:crypto';
import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { codeFrom, plainCode, plainName, type Asker } from '@/core/lock';
import { fail, ok, type Failure, type Result } from '@/core/result';
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
  addPassphrase,
  addSession,
  classOfCode,
  endSession,
  loadLocks,
  loadPassphrase,
  removePassphrase,
  replacePassphrase,
  saveHelperCode,
  seeSession,
  type CodeKind,
  type Session,
} from '@/store/sessions';
import { idFrom } from '../shell/ids';
import { today } from '../shell/today';
import { listensBeyond } from './addresses';
import { hashPassphrase, isPassphrase, NOBODYS_PASSPHRASE } from './passphrase';
import { aimAt, startTry, type Caller } from './tries';

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
  if (session.kind !== 'instructor') return { kind: session.kind, classId: session.classId! };
  if (!byName) return { kind: 'instructor', id: null, coordinator: true };
  const instructor = session.instructorId ? await findInstructor(db, session.instructorId) : null;
  return instructor
    ? { kind: 'instructor', id: instructor.id, coordinator: instructor.coordinator }
    : { kind: 'nobody' };
}

export const openSchema = z.strictObject({
  /** Of the instructor, where there are several; a helper has none. */
  name: z.string().max(80).transform(plainName).pipe(z.string().max(40)).default(''),
  secret: z.string().min(1, 'Type the passphrase or a code').max(200),
});

/** The same words for whatever is wrong, so that nothing is given away. */
const NOT_OPEN = fail('wrong-secret', 'That does not open Oskil. Try again.');

/** Whoever was let in: their session, where they go, and their browser's lasting name where they knew a passphrase. */
export type Opened = { readonly token: string; readonly goTo: string; readonly browser: string | null };

/** Open with the passphrase, or with a code for helpers or a screen; wrong tries make the next wait. */
export async function open(
  db: Db,
  { name, secret }: z.output<typeof openSchema>,
  from: Caller,
): Promise<Result<Opened>> {
  if (!(await hasLock(db))) return fail('no-lock', 'Oskil is not locked.');
  const one = await startTry(db, aimAt(name), from);
  if ('code' in one) return one;
  const code = await classOfCode(db, hashOf(plainCode(secret)), today());
  const kept = await keptFor(db, name);
  const isRight = await isPassphrase(secret, kept?.passphrase ?? NOBODYS_PASSPHRASE);
  if (code !== null) {
    // A code says nothing of the passphrase, so it forgives no tries at it.
    await one.takeBack();
    const token = await newSession(db, { ...code, instructorId: null });
    return ok({ token, goTo: GO_TO[code.kind](code.classId), browser: null });
  }
  if (!kept || !isRight) return NOT_OPEN;
  const browser = from.browser ?? newBrowser();
  await one.right(browser);
  return ok({ token: await letIn(db, kept.id), goTo: '/', browser });
}

const GO_TO: Readonly<Record<CodeKind, (classId: string) => string>> = {
  helper: (classId) => `/classes/${classId}/helper`,
  tv: () => '/room',
};

export const newBrowser = (): string => randomBytes(32).toString('base64url');

/** The passphrase to try against, and whose it is: the one there is, or that of the instructor by name. */
async function keptFor(
  db: Db,
  name: string,
): Promise<{ readonly id: string | null; readonly passphrase: string } | null> {
  if (await hasInstructors(db)) return instructorNamed(db, name);
  const passphrase = await loadPassphrase(db);
  return passphrase === null ? null : { id: null, passphrase };
}

async function newSession(db: Db, session: Session): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  await addSession(db, hashOf(token), session);
  return token;
}

/** Let an instructor in, who was just looked at. */
export const letIn = (db: Db, instructorId: string | null): Promise<string> =>
  newSession(db, { kind: 'instructor', classId: null, instructorId });

export const close = (db: Db, token: string): Promise<void> => endSession(db, hashOf(token));

export const MIN_PASSPHRASE = 10;
export const newPassphrase = z
  .string()
  .min(MIN_PASSPHRASE, `At least ${MIN_PASSPHRASE} letters; a few words are easy to keep`)
  .max(200, 'At most 200 letters');

export const passphraseSchema = z.strictObject({
  now: z.string().max(200),
  /** Empty takes the lock away. */
  passphrase: z.union([z.literal(''), newPassphrase]),
});
type NewPassphrase = Immutable<z.infer<typeof passphraseSchema>>;

/** Whether this is the passphrase that is kept; wrong tries here make the next wait as at the lock. */
export async function checkPassphrase(
  db: Db,
  now: string,
  kept: string,
  aim: string,
  from: Caller,
): Promise<Failure | null> {
  const one = await startTry(db, aim, from);
  if ('code' in one) return one;
  if (!(await isPassphrase(now, kept)))
    return fail('wrong-secret', 'The passphrase that is set now is another. Nothing was changed.');
  await one.right(from.browser);
  return null;
}

/** An instructor's own passphrase; whoever was let in with the last is not any more. */
export async function changeOwnPassphrase(
  db: Db,
  instructor: { readonly id: string; readonly name: string },
  { now, passphrase }: NewPassphrase,
  from: Caller,
): Promise<Result<{ token: string }>> {
  const kept = await passphraseOf(db, instructor.id);
  if (kept === null) return fail('not-found', 'There is no such instructor.');
  const wrong = await checkPassphrase(db, now, kept, aimAt(instructor.name), from);
  if (wrong) return wrong;
  if (passphrase === '')
    return fail(
      'needs-lock',
      'Where there are instructors by name, each has a passphrase. Nothing was changed.',
    );
  await saveOwnPassphrase(db, instructor.id, await hashPassphrase(passphrase));
  return ok({ token: await letIn(db, instructor.id) });
}

const SET_MEANWHILE = fail(
  'exists',
  'A passphrase was set on another screen at the same moment. Nothing was changed; open Oskil with that one.',
);

/** Set, change or take away the one passphrase; everybody else's session ends. */
export async function setPassphrase(
  db: Db,
  { now, passphrase }: NewPassphrase,
  from: Caller,
): Promise<Result<{ token: string | null }>> {
  const kept = await loadPassphrase(db);
  const wrong = kept === null ? null : await checkPassphrase(db, now, kept, aimAt(''), from);
  if (wrong) return wrong;
  if (passphrase === '' && listensBeyond())
    return fail(
      'needs-lock',
      'While Oskil can be reached from other computers it stays locked. Nothing was changed.',
    );
  if (passphrase === '') {
    await removePassphrase(db);
    return ok({ token: null });
  }
  const hash = await hashPassphrase(passphrase);
  const isSet = kept === null ? await addPassphrase(db, hash) : await replacePassphrase(db, kept, hash);
  return isSet ? ok({ token: await letIn(db, null) }) : SET_MEANWHILE;
}

/**
 * A code for helpers, which reaches Room and the marks of one class, or for a screen, which reaches Room alone, until the day of the
 * class is over; shown once. `seen` is the data as the instructor sees it, `db` the whole of it.
 */
export async function makeCode(
  seen: Db,
  db: Db,
  rawId: string | undefined,
  kind: CodeKind,
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
  const until = info.day > today() ? info.day : today();
  await saveHelperCode(db, { classId: info.id, kind }, hashOf(code), until);
  return ok({ code });
}
