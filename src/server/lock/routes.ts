import { z } from 'zod';
import type { Failure } from '@/core/result';
import { database } from '../database';
import { guarded, jsonRoute, ownPages, readJson } from '../http';
import {
  changeOwnPassphrase,
  close,
  makeHelperCode,
  open,
  openSchema,
  passphraseSchema,
  setPassphrase,
} from './lock';
import { instructorOf } from './whose';
import { COOKIE } from './gate';

const isSecure = (request: Request): boolean =>
  new URL(request.url).protocol === 'https:' || request.headers.get('x-forwarded-proto') === 'https';

/** No script reads it, no other site sends it, and it ends with the browser. */
const cookieOf = (request: Request, token: string): string =>
  `${COOKIE}=${token}; Path=/; HttpOnly; SameSite=Strict${token === '' ? '; Max-Age=0' : ''}${isSecure(request) ? '; Secure' : ''}`;

export const withCookie = <T extends { token: string | null }>(
  request: Request,
  { token, ...rest }: T,
): Response => Response.json(rest, { headers: { 'set-cookie': cookieOf(request, token ?? '') } });

export const refused = ({ code, message }: Failure, status = 401): Response =>
  Response.json({ code, message }, { status: code === 'too-many-tries' ? 429 : status });

export const openLock = guarded(ownPages, async (_, request) => {
  const body = await readJson(request, openSchema);
  if (!body.ok) return body.response;
  const opened = await open(await database(), body.value);
  return opened.ok ? withCookie(request, opened.value) : refused(opened);
});

export const closeLock = guarded(ownPages, async (_, request) => {
  const token = new RegExp(`(?:^|; )${COOKIE}=([^;]+)`).exec(request.headers.get('cookie') ?? '')?.[1];
  if (token) await close(await database(), token);
  return withCookie(request, { token: null });
});

export const setLock = guarded(ownPages, async (_, request) => {
  const body = await readJson(request, passphraseSchema);
  if (!body.ok) return body.response;
  const db = await database();
  const instructor = await instructorOf(request.headers);
  const set = instructor
    ? await changeOwnPassphrase(db, instructor.id, body.value)
    : await setPassphrase(db, body.value);
  return set.ok ? withCookie(request, set.value) : refused(set);
});

export const newHelperCode = jsonRoute(z.strictObject({}), async (seen, _, { id }) =>
  makeHelperCode(seen, await database(), id),
);
