import { z } from 'zod';
import type { Immutable } from '../frozen';
import { ownMovementSchema } from '../catalogue';
import { withPasses, withPresentNames, type FileKind } from './json-file';

/** One movement of the instructor's own, with how it looks. */
const movementFileSchema = ownMovementSchema.extend({
  oskil: z.literal('movement'),
  version: z.literal(3),
});
export type MovementFile = Immutable<z.infer<typeof movementFileSchema>>;

export const MOVEMENT_FILE: FileKind<typeof movementFileSchema> = {
  oskil: 'movement',
  version: 3,
  schema: movementFileSchema,
  upgrades: { 1: withPasses, 2: withPresentNames },
};
