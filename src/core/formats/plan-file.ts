import { z } from 'zod';
import type { Immutable } from '../frozen';
import { ownMovementSchema } from '../catalogue';
import { newClassSchema, placedRows, planSchema, type Plan } from '../plan';
import { withPasses, withPresentNames, type FileKind } from './json-file';

/** A class plan to take elsewhere, with the instructor's own movements that it uses. */
export const planFileSchema = z.strictObject({
  oskil: z.literal('plan'),
  version: z.literal(3),
  name: newClassSchema.shape.name,
  slotMinutes: newClassSchema.shape.slotMinutes,
  plan: planSchema,
  movements: z.array(ownMovementSchema).max(60),
});
export type PlanFile = Immutable<z.infer<typeof planFileSchema>>;

const USUAL_SLOT_MINUTES = 45;

/** Version 0 is a plan alone, as it is kept and as `/api/classes/{id}/plan` gives it. */
export const PLAN_FILE: FileKind<typeof planFileSchema> = {
  oskil: 'plan',
  version: 3,
  schema: planFileSchema,
  upgrades: {
    0: ({ oskil: _, version: __, ...plan }) => ({
      oskil: 'plan',
      version: 1,
      name: 'A class from a file',
      slotMinutes: USUAL_SLOT_MINUTES,
      plan,
      movements: [],
    }),
    1: withPasses,
    2: withPresentNames,
  },
};

/** Rows of a plan whose movement is known neither here nor in the file. */
export function unknownRows(
  { plan, movements }: Pick<PlanFile, 'plan' | 'movements'>,
  isKnown: (movementId: string) => boolean,
): readonly { readonly rowId: string; readonly movementId: string }[] {
  return placedRows(plan as Plan).flatMap(({ row }) => {
    if (row.kind !== 'movement') return [];
    const isHere = (id: string) => isKnown(id) || movements.some((m) => m.movement.id === id);
    const missing = [row.movementId, ...(row.joinedId ? [row.joinedId] : [])].find((id) => !isHere(id));
    return missing === undefined ? [] : [{ rowId: row.id, movementId: missing }];
  });
}
