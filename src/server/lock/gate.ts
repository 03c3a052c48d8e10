import {
  isOpenToAll,
  isOwnHost,
  isOwnOrigin,
  canAccess,
  needsToken,
  takesToken,
  type Asker,
} from '@/core/lock';
import { tokenHolder } from '../api/token';
import { database } from '../shell/database';
import { addresses } from './addresses';
import { cookieIn, SESSION_COOKIE } from './cookies';
import { askerOf } from './lock';

/** Why a request is stopped, as status, code and a sentence. */
export type Stop = { readonly status: number; readonly code: StopCode; readonly message: string };
type StopCode = keyof typeof STOPS;

const STOPS = {
  misdirected: [
    421,
    'Oskil does not go by this name. If it should, set OSKIL_NAMES to it and start Oskil again.',
  ],
  malformed: [400, 'This address is not readable.'],
  'foreign-origin': [403, 'Requests from other sites are refused.'],
  locked: [401, 'Oskil is locked. Open it in another tab, then try again; what you typed is still here.'],
  helper: [403, 'A helper’s code does not open this.'],
  coordinator: [403, 'This is about everybody’s data, so only a coordinator can do it.'],
  'wrong-token': [401, 'That token is not the one that was made in Settings.'],
  'no-token': [
    401,
    'Other programs need a token. Make one in Settings, and send it as “Authorization: Bearer …”.',
  ],
} as const;

const stop = (code: StopCode): { readonly stop: Stop } => ({
  stop: { code, status: STOPS[code][0], message: STOPS[code][1] },
});

/**
 * Who asks, and whether they may: decided here alone, before anything of a request but its path and headers is read. Everything
 * behind the gate is given the asker and looks at no header for it.
 */
export async function atTheGate(
  { url, headers }: Pick<Request, 'url' | 'headers'>,
  what: 'page' | 'route',
): Promise<{ readonly asker: Asker } | { readonly stop: Stop }> {
  const host = headers.get('host');
  if (!isOwnHost(host, addresses())) return stop('misdirected');
  const path = plainPath(new URL(url).pathname);
  if (path === null) return stop('malformed');
  // A page may be led to from anywhere; what a route gives or takes is for our own pages.
  if (what === 'route' && isForeign(headers)) return stop('foreign-origin');
  const asker = await askerWith(headers, path);
  if ('stop' in asker) return asker;
  if (canAccess(asker, path)) return { asker };
  if (asker.kind === 'instructor') return stop('coordinator');
  return stop('classId' in asker ? 'helper' : 'locked');
}

async function askerWith(headers: Headers, path: string): Promise<Asker | { readonly stop: Stop }> {
  const db = await database();
  if (isOpenToAll(path)) return askerOf(db, cookieIn(headers, SESSION_COOKIE));
  const carried = headers.get('authorization');
  if (takesToken(path) && carried !== null) {
    const holder = await tokenHolder(db, carried);
    if (holder) return { kind: 'program', instructorId: holder.instructorId };
  }
  const asker = await askerOf(db, cookieIn(headers, SESSION_COOKIE));
  // A browser says where it comes from; whoever does not is another program, also while there is no lock.
  const isProgram = !('classId' in asker) && needsToken(path) && headers.get('sec-fetch-site') === null;
  return isProgram ? stop(carried === null ? 'no-token' : 'wrong-token') : asker;
}

/** As the app itself reads it; null for what is no text. */
function plainPath(path: string): string | null {
  try {
    return decodeURIComponent(path);
  } catch {
    return null;
  }
}

/** A browser says it comes from another site. */
function isForeign(headers: Headers): boolean {
  const [origin, site] = [headers.get('origin'), headers.get('sec-fetch-site')];
  return (
    (origin !== null && !isOwnOrigin(origin, headers.get('host') ?? '', addresses())) ||
    (site !== null && site !== 'same-origin' && site !== 'none')
  );
}
