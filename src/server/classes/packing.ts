import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { PROPS } from '@/catalogue/props';
import { fail, ok, type Result } from '@/core/result';
import { findClass } from '@/store/classes';
import type { Db } from '@/store/db';
import { setPacked } from '@/store/packing';
import { idFrom } from '../shell/ids';

export const packedSchema = z.strictObject({ propId: z.string().max(60), packed: z.boolean() });

/** Tick a prop off the list of what goes into the bag for one class. */
export async function tickPacked(
  db: Db,
  rawId: string | undefined,
  { propId, packed }: Immutable<z.infer<typeof packedSchema>>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  if (!(await findClass(db, id.value))) return fail('not-found', 'There is no such class.');
  if (!PROPS.some((p) => p.id === propId)) return fail('not-found', 'There is no such prop.');
  await setPacked(db, id.value, propId, packed);
  return ok({});
}
