import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { practiceResultSchema } from '@/core/practice';
import { ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { dropPractices, keepPractice } from '@/store/practice-results';
import { today } from '../shell/today';

export const keptPracticeSchema = z.strictObject({
  id: z.uuid('The practice has no proper id'),
  name: z.string().trim().min(1, 'A practice has a name').max(200, 'Keep the name under 200 characters'),
  result: practiceResultSchema,
});

export async function keepResult(
  db: Db,
  practice: Immutable<z.infer<typeof keptPracticeSchema>>,
): Promise<Result<object>> {
  await keepPractice(db, { ...practice, day: today() });
  return ok({});
}

export async function dropResults(db: Db): Promise<Result<object>> {
  await dropPractices(db);
  return ok({});
}
