import { z } from 'zod';
import type { Immutable } from '../../frozen';
import { rowSchema } from '../plan';

/** Rows kept under a name, to be put into any class. */
export const blockSchema = z.strictObject({
  name: z.string().trim().min(1, 'Give the block a name').max(60, 'Keep the name under 60 characters'),
  rows: z.array(rowSchema).min(1, 'Choose at least one row').max(40, 'A block holds at most 40 rows'),
});
export type BlockFields = Immutable<z.infer<typeof blockSchema>>;
export type Block = BlockFields & { readonly id: string };
