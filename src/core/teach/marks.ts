import { z } from 'zod';
import type { Immutable } from '../frozen';
import { classMs } from './class-ms';

export const MARKS = ['did', 'eased', 'skipped', 'sore', 'stopped', 'form'] as const;
export type MarkKind = (typeof MARKS)[number];

export const MARK_WORDS: Record<MarkKind, string> = {
  did: 'Did it',
  eased: 'Eased it',
  skipped: 'Skipped',
  sore: 'Sore',
  stopped: 'Stopped',
  form: 'Lost form',
};

/** One mark; its id is made by the page, so that sending it twice stores it once. */
export const markSchema = z.strictObject({
  id: z.uuid('The mark has no proper id'),
  personId: z.uuid('That is not a person'),
  rowId: z.string().min(1).max(60),
  mark: z.enum(MARKS, 'That is not a mark'),
  atMs: classMs.int(),
});
export type Mark = Immutable<z.infer<typeof markSchema>>;
