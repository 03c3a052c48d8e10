import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { fail, ok, type Result } from '@/core/result';
import { checkInSchema } from '@/core/screening';
import { saveCheckIn } from '@/store/check-ins';
import type { Db } from '@/store/db';
import { loadTaught } from '@/store/teaching';
import { idFrom } from '../shell/ids';

export const checkInRequestSchema = z.strictObject({
  personId: z.uuid('That is not a person'),
  checkIn: checkInSchema,
});

/** Keep what somebody said at the door; it counts until the class begins. */
export async function checkIn(
  db: Db,
  rawId: string | undefined,
  request: Immutable<z.infer<typeof checkInRequestSchema>>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  if (await loadTaught(db, id.value))
    return fail('begun', 'This class has begun; write it down with a mark instead.');
  return (await saveCheckIn(db, id.value, request.personId, request.checkIn))
    ? ok({})
    : fail('not-found', 'This person is not expected at this class. Add them under who comes first.');
}
