import type { Failure } from '@/core/result';
import { database } from '../database';
import { isForeign } from '../http';
import { tokenHolder } from './token';

/** A browser on one of our own pages, or an address typed into it. */
const isOwnPage = (request: Request): boolean =>
  request.headers.get('sec-fetch-site') !== null && !isForeign(request);

/** Our own pages, and other programs with the token that was made in Settings. */
export async function pagesOrToken(request: Request): Promise<Failure | null> {
  if (isOwnPage(request)) return null;
  const carried = request.headers.get('authorization');
  if (await tokenHolder(await database(), carried)) return null;
  const message = carried
    ? 'That token is not the one that was made in Settings.'
    : 'Other programs need a token. Make one in Settings, and send it as “Authorization: Bearer …”.';
  return { ok: false, code: 'no-token', message };
}
