import { fail, ok, type Result } from '@/core/result';
import { wrapUpSchema, type WrapUp } from '@/core/teach/wrap-up';
import type { Db } from '@/store/db';
import { loadTaught } from '@/store/teaching';
import { saveWrapUp } from '@/store/wrap-ups';
import { idFrom } from './ids';

export { wrapUpSchema };

export async function writeUp(db: Db, rawId: string | undefined, wrapUp: WrapUp): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  if (!taught) return fail('not-found', 'Only a class that has been taught can be written up.');
  const known = new Set(taught.snapshot.people.map((p) => p.id));
  if (wrapUp.people.some((p) => !known.has(p.personId)))
    return fail('not-found', 'Someone here was not in this class.');
  await saveWrapUp(db, id.value, wrapUp);
  return ok({});
}
