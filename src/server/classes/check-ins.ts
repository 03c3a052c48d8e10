import { z } from 'zod';
import { randomUUID } from 'node:crypto';
import type { Immutable } from '@/core/frozen';
import { fail, ok, type Result } from '@/core/result';
import { checkInSchema } from '@/core/screening';
import { saveCheckIn } from '@/store/check-ins';
import type { Db } from '@/store/db';
import { loadTaught, type Taught } from '@/store/teaching';
import { idFrom } from '../shell/ids';
import { clockRate } from '../shell/today';
import { storeAnswer } from '../teaching/reports';

export const checkInRequestSchema = z.strictObject({
  personId: z.uuid('That is not a person'),
  checkIn: checkInSchema,
});

/** Keep what somebody said at the door. Once the class has begun it is an answer of the class, and counts from now on. */
export async function checkIn(
  db: Db,
  rawId: string | undefined,
  request: Immutable<z.infer<typeof checkInRequestSchema>>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  if (taught) return storeAnswer(db, id.value, { ...request, id: randomUUID(), atMs: classTimeOf(taught) });
  return (await saveCheckIn(db, id.value, request.personId, request.checkIn))
    ? ok({})
    : fail('not-found', 'This person is not expected at this class. Add them under who comes first.');
}

/** The class clock now, ms, where no screen of the class says it. */
const classTimeOf = ({ startedAtMs }: Taught): number =>
  Math.max(0, Math.round((Date.now() - startedAtMs) * clockRate()));
