import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';

const derive = promisify<
  string | Buffer,
  Buffer,
  number,
  { N: number; r: number; p: number; maxmem: number },
  Buffer
>(scrypt);

/** About a tenth of a second and 64 MB a try (Percival & Josefsson 2016, RFC 7914). */
const COST = { N: 2 ** 16, r: 8, p: 1, maxmem: 128 * 1024 * 1024 } as const;
const KEY_BYTES = 32;

/** A passphrase as it is kept: "scrypt:N:r:p:salt:key". */
export async function hashPassphrase(passphrase: string, N: number = COST.N): Promise<string> {
  const salt = randomBytes(16);
  const key = await derive(plain(passphrase), salt, KEY_BYTES, { ...COST, N });
  return ['scrypt', N, COST.r, COST.p, salt.toString('base64url'), key.toString('base64url')].join(':');
}

/** Nobody's: a name that there is not takes as long to refuse as one that there is. */
export const NOBODYS_PASSPHRASE = `scrypt:${COST.N}:${COST.r}:${COST.p}:${'A'.repeat(22)}:${'A'.repeat(43)}`;

export async function isPassphrase(passphrase: string, kept: string): Promise<boolean> {
  const [, n, r, p, salt, key] = kept.split(':');
  if (!salt || !key) return false;
  const wanted = Buffer.from(key, 'base64url');
  const cost = { N: Number(n), r: Number(r), p: Number(p), maxmem: COST.maxmem };
  const got = await derive(plain(passphrase), Buffer.from(salt, 'base64url'), wanted.length, cost);
  return timingSafeEqual(got, wanted);
}

/** The same letters typed on another keyboard are the same. */
const plain = (passphrase: string): string => passphrase.normalize('NFKC');
