import { z } from 'zod';
import { fail, ok, type Result } from '@/core/result';

const uuid = z.uuid();

/** An id from a URL. A tampered one is simply not found. */
export function idFrom(raw: string | undefined, what: string): Result<string> {
  const parsed = uuid.safeParse(raw);
  return parsed.success ? ok(parsed.data) : fail('not-found', `There is no such ${what}.`);
}

export const newId = (): string => crypto.randomUUID();
