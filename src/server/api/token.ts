import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import { ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { loadSettings, saveSettings } from '@/store/settings';

const NAME = 'apiTokenHash';
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** A new token for other programs; only its hash is kept, and the one before it ends. */
export async function makeToken(db: Db): Promise<Result<{ token: string }>> {
  const token = randomBytes(32).toString('base64url');
  await saveSettings(db, { [NAME]: hashOf(token) });
  return ok({ token });
}

export async function endToken(db: Db): Promise<Result<object>> {
  await saveSettings(db, { [NAME]: '' });
  return ok({});
}

export const hasToken = async (db: Db): Promise<boolean> => Boolean((await loadSettings(db))[NAME]);

/** Does a request carry the token? */
export async function isToken(db: Db, header: string | null): Promise<boolean> {
  const kept = (await loadSettings(db))[NAME];
  const token = /^Bearer ([A-Za-z0-9_-]{20,100})$/.exec(header ?? '')?.[1];
  if (!kept || !token) return false;
  return timingSafeEqual(Buffer.from(hashOf(token)), Buffer.from(kept));
}
