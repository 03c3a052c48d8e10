import { z } from 'zod';
import type { Result } from '@/core/result';
import { guarded, jsonRoute, ownPages, readJson } from '../http';
import { close, makeHelperCode, open, openSchema, passphraseSchema, setPassphrase } from './lock';
import { COOKIE } from './gate';

const isSecure = (request: Request): boolean =>
  new URL(request.url).protocol === 'https:' || request.headers.get('x-forwarded-proto') === 'https';

/** No script reads it, no other site sends it, and it ends with the browser. */
const cookieOf = (request: Request, token: string): string =>
  `${COOKIE}=${token}; Path=/; HttpOnly; SameSite=Strict${token === '' ? '; Max-Age=0' : ''}${isSecure(request) ? '; Secure' : ''}`;

const withCookie = <T extends { token: string | null }>(request: Request, { token, ...rest }: T): Response =>
  Response.json(rest, { headers: { 'set-cookie': cookieOf(request, token ?? '') } });

const refused = ({ code, message }: Extract<Result<never>, { ok: false }>): Response =>
  Response.json({ code, message }, { status: code === 'too-many-tries' ? 429 : 401 });

export const openLock = guarded(ownPages, async (db, request) => {
  const body = await readJson(request, openSchema);
  if (!body.ok) return body.response;
  const opened = await open(await db(), body.value);
  return opened.ok ? withCookie(request, opened.value) : refused(opened);
});

export const closeLock = guarded(ownPages, async (db, request) => {
  const token = new RegExp(`(?:^|; )${COOKIE}=([^;]+)`).exec(request.headers.get('cookie') ?? '')?.[1];
  if (token) await close(await db(), token);
  return withCookie(request, { token: null });
});

export const setLock = guarded(ownPages, async (db, request) => {
  const body = await readJson(request, passphraseSchema);
  if (!body.ok) return body.response;
  const set = await setPassphrase(await db(), body.value);
  return set.ok ? withCookie(request, set.value) : refused(set);
});

export const newHelperCode = jsonRoute(z.strictObject({}), (db, _, { id }) => makeHelperCode(db, id));
