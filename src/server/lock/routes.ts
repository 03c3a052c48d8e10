import { z } from 'zod';
import { database } from '../shell/database';
import { atGate, failed, guarded, jsonRoute, readJson } from '../shell/http';
import { browserCookie, cookieIn, SESSION_COOKIE, sessionCookie } from './cookies';
import {
  changeOwnPassphrase,
  close,
  makeCode,
  open,
  openSchema,
  passphraseSchema,
  setPassphrase,
} from './lock';
import { callerOf } from './tries';
import { instructorWho } from './request-identity';

/** The answer to whoever is let in, or let out: what it says besides, with the cookie. */
export function withSession<T extends { readonly token: string | null; readonly browser?: string | null }>(
  request: Request,
  { token, browser, ...rest }: T,
): Response {
  const response = Response.json(rest);
  response.headers.append('set-cookie', sessionCookie(request.headers, token));
  if (browser) response.headers.append('set-cookie', browserCookie(request.headers, browser));
  return response;
}

/** Whoever was let in with this browser before is not any more. */
async function endOpenSession({ headers }: Request): Promise<void> {
  const token = cookieIn(headers, SESSION_COOKIE);
  if (token) await close(await database(), token);
}

export const openLock = atGate(async (request) => {
  const body = await readJson(request, openSchema);
  if (!body.ok) return body.response;
  const opened = await open(await database(), body.value, callerOf(request.headers));
  if (!opened.ok) return failed(opened);
  await endOpenSession(request);
  return withSession(request, opened.value);
});

export const closeLock = atGate(async (request) => {
  await endOpenSession(request);
  return withSession(request, { token: null });
});

export const setLock = guarded(async ({ request, asker }) => {
  const body = await readJson(request, passphraseSchema);
  if (!body.ok) return body.response;
  const db = await database();
  const from = callerOf(request.headers);
  const instructor = await instructorWho(asker);
  const set = instructor
    ? await changeOwnPassphrase(db, instructor, body.value, from)
    : await setPassphrase(db, body.value, from);
  return set.ok ? withSession(request, set.value) : failed(set);
});

const codeSchema = z.strictObject({ kind: z.enum(['helper', 'tv']).default('helper') });

export const newCode = jsonRoute(codeSchema, async (seen, { kind }, { id }) =>
  makeCode(seen, await database(), id, kind),
);
