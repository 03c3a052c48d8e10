import { z } from 'zod';
import type { Immutable } from '../frozen';
import { daySchema } from '../days';
import { newClassSchema, planSchema } from '../plan';
import { termSchema } from '../term';
import { withPasses, withPresentNames, type FileKind } from './json-file';
import { planFileSchema } from './plan-file';

/** A term with the plans of its classes, to take elsewhere or to use again. */
export const termFileSchema = z.strictObject({
  oskil: z.literal('term'),
  version: z.literal(3),
  series: newClassSchema.pick({ name: true, place: true, slotMinutes: true }),
  term: termSchema,
  classes: z
    .array(
      z.strictObject({
        week: z.number().int().min(1).max(60),
        day: daySchema,
        startsAt: newClassSchema.shape.startsAt,
        plan: planSchema,
      }),
    )
    .max(80, 'A term has at most 80 classes'),
  movements: planFileSchema.shape.movements,
});
export type TermFile = Immutable<z.infer<typeof termFileSchema>>;

export const TERM_FILE: FileKind<typeof termFileSchema> = {
  oskil: 'term',
  version: 3,
  schema: termFileSchema,
  upgrades: { 1: withPasses, 2: withPresentNames },
};
