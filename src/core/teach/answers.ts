import { z } from 'zod';
import type { Immutable } from '../frozen';
import { checkInSchema } from '../screening';
import { classMs } from './class-ms';

/** What somebody said of their hands once the class had begun: a late-comer, or one for whom something has changed. */
export const classAnswerSchema = z.strictObject({
  /** Made by the page, so that sending it twice stores it once. */
  id: z.uuid('The answer has no proper id'),
  personId: z.uuid('That is not a person'),
  checkIn: checkInSchema,
  /** ms on the class clock. */
  atMs: classMs.int(),
});
export type ClassAnswer = Immutable<z.infer<typeof classAnswerSchema>>;

/**
 * What somebody said last, by the class clock, in whatever order it was heard; what they said at the door is the first of it, at 0 ms.
 */
export const latestAnswer = (answers: readonly ClassAnswer[], personId: string): ClassAnswer | undefined =>
  answers
    .filter((a) => a.personId === personId)
    .reduce<ClassAnswer | undefined>((last, a) => (last && last.atMs > a.atMs ? last : a), undefined);
