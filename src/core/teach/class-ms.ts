import { z } from 'zod';

/** A class that was left open goes on, but not for longer than this; the database counts in 32 bits. */
const MAX_MS = 20 * 24 * 3_600_000;

/** A moment or a length on the clock of a class, ms. */
export const classMs = z.number().min(0).max(MAX_MS, 'That is later than any class is');
