import { createHash, randomBytes } from 'node:crypto';
import { ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { dropToken, isToken, ownerOfToken, saveToken } from '@/store/tokens';

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** A new token for other programs; only its hash is kept, and the one before it ends. Each instructor has one of their own. */
export async function makeToken(db: Db, instructorId: string | null): Promise<Result<{ token: string }>> {
  const token = randomBytes(32).toString('base64url');
  await saveToken(db, instructorId, hashOf(token));
  return ok({ token });
}

export async function endToken(db: Db, instructorId: string | null): Promise<Result<object>> {
  await dropToken(db, instructorId);
  return ok({});
}

export const hasToken = (db: Db, instructorId: string | null): Promise<boolean> => isToken(db, instructorId);

/** Whose token a request carries; null when it is nobody's. */
export async function tokenHolder(
  db: Db,
  header: string | null,
): Promise<{ readonly instructorId: string | null } | null> {
  const token = /^Bearer ([A-Za-z0-9_-]{20,100})$/.exec(header ?? '')?.[1];
  return token ? ownerOfToken(db, hashOf(token)) : null;
}
