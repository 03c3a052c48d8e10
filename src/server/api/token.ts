import { createHash, randomBytes, timingSafeEqual } from 'node:crypto';
import { ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { loadSettings, saveSettings } from '@/store/settings';

const NAME = 'apiTokenHash';
/** Each instructor has one of their own. */
const nameFor = (instructorId: string | null): string =>
  instructorId === null ? NAME : `${NAME}:${instructorId}`;

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** A new token for other programs; only its hash is kept, and the one before it ends. */
export async function makeToken(db: Db, instructorId: string | null): Promise<Result<{ token: string }>> {
  const token = randomBytes(32).toString('base64url');
  await saveSettings(db, { [nameFor(instructorId)]: hashOf(token) });
  return ok({ token });
}

export async function endToken(db: Db, instructorId: string | null): Promise<Result<object>> {
  await saveSettings(db, { [nameFor(instructorId)]: '' });
  return ok({});
}

/** The one token there was, from before there were instructors by name, becomes an instructor's own. */
export async function giveToken(db: Db, instructorId: string): Promise<void> {
  const kept = (await loadSettings(db))[NAME];
  if (kept) await saveSettings(db, { [NAME]: '', [nameFor(instructorId)]: kept });
}

export const hasToken = async (db: Db, instructorId: string | null): Promise<boolean> =>
  Boolean((await loadSettings(db))[nameFor(instructorId)]);

/** Whose token a request carries; null when it is nobody's. */
export async function tokenHolder(
  db: Db,
  header: string | null,
): Promise<{ readonly instructorId: string | null } | null> {
  const token = /^Bearer ([A-Za-z0-9_-]{20,100})$/.exec(header ?? '')?.[1];
  if (!token) return null;
  const hash = Buffer.from(hashOf(token));
  const kept = Object.entries(await loadSettings(db)).filter(([name]) => name.split(':')[0] === NAME);
  const found = kept.find(([, k]) => k.length === hash.length && timingSafeEqual(hash, Buffer.from(k)));
  return found ? { instructorId: found[0].split(':')[1] ?? null } : null;
}
