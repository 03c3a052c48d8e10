import { z } from 'zod';
import { SECTION_KINDS } from '../catalogue';
import { doseSchema } from '../dose';
import { frozen, type Immutable } from '../frozen';
import { loadSettingSchema } from '../load';
import { remembered } from '../remember';

const idSchema = z.string().min(1).max(60);

export const bpmSchema = z
  .number('Beats per minute is a number')
  .int('Beats per minute is a whole number')
  .min(40, 'Music is at least 40 beats per minute')
  .max(180, 'Music is at most 180 beats per minute');

const movementRowSchema = z.strictObject({
  kind: z.literal('movement'),
  id: idSchema,
  movementId: idSchema,
  dose: doseSchema,
  note: z.string().trim().max(300, 'Keep the note under 300 characters'),
  /** Where the class stands on the movement's ladder, from the gentlest, 0; left out for the usual form. */
  rung: z.number().int().min(0).max(11).optional(),
  /** The count goes on from the row before, as one long series. */
  goesOn: z.literal(true).optional(),
  /** How the hands are loaded, where that was set at the bench; left out for the usual set-up. */
  press: loadSettingSchema.optional(),
  /** Beats per minute, where the row is counted to music. */
  bpm: bpmSchema.optional(),
});

const breakRowSchema = z.strictObject({
  kind: z.literal('break'),
  id: idSchema,
  what: z.enum(['hand', 'water']),
  durationMs: z
    .number()
    .int()
    .min(10_000, 'A break is at least 10 s')
    .max(900_000, 'A break is at most 15 minutes'),
});

export const talkRowSchema = z.strictObject({
  kind: z.literal('talk'),
  id: idSchema,
  title: z.string().trim().min(1, 'Give the talk a title').max(80, 'Keep the title under 80 characters'),
  durationMs: z
    .number()
    .int()
    .min(5_000, 'Talk is at least 5 s')
    .max(1_200_000, 'Talk is at most 20 minutes'),
});

export const rowSchema = z.discriminatedUnion('kind', [movementRowSchema, breakRowSchema, talkRowSchema]);
export type MovementRow = Immutable<z.infer<typeof movementRowSchema>>;
export type Row = Immutable<z.infer<typeof rowSchema>>;

export const sectionNameSchema = z
  .string()
  .trim()
  .min(1, 'A section needs a name')
  .max(40, 'Keep the section name under 40 characters');

const sectionSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(SECTION_KINDS),
  name: sectionNameSchema,
  rows: z.array(rowSchema).max(60, 'At most 60 rows in a section'),
});
export type Section = Immutable<z.infer<typeof sectionSchema>>;

/** A rule that is not to speak up in this class; a must is only quieted with a reason. */
export const muteSchema = z.strictObject({
  code: z.string().regex(/^[A-Z]\d{1,2}$/, 'A rule is a letter and a number'),
  reason: z.string().trim().max(200, 'Keep the reason under 200 characters'),
});
export type Mute = Immutable<z.infer<typeof muteSchema>>;

/** A class plan: an immutable value. The `settle` section is the protected ending. */
export const planSchema = z.strictObject({
  sections: z.array(sectionSchema).max(20, 'At most 20 sections'),
  /** One breath, ms. */
  breathMs: z.number().int().min(3_000, 'A breath is at least 3 s').max(12_000, 'A breath is at most 12 s'),
  mutes: z.array(muteSchema).max(40).optional(),
});
export type Plan = Immutable<z.infer<typeof planSchema>>;

export const SECTION_NAMES: Record<(typeof SECTION_KINDS)[number], string> = {
  arrive: 'Arrive',
  wake: 'Wake up',
  move: 'Move',
  hold: 'Hold',
  grip: 'Grip',
  open: 'Open',
  load: 'Load',
  ease: 'Ease',
  settle: 'Settle',
};

/** A plan with its nine sections and no rows. */
export function emptyPlan(): Plan {
  return {
    breathMs: 5_000,
    sections: SECTION_KINDS.map((kind) => ({ id: kind, kind, name: SECTION_NAMES[kind], rows: [] })),
  };
}

/** A row with where it stands. */
export type PlacedRow = { readonly row: Row; readonly section: Section; readonly index: number };

const placed = new WeakMap<Plan, readonly PlacedRow[]>();

/** Rows in running order. A plan is a value, so they are worked out once. */
export const placedRows = (plan: Plan): readonly PlacedRow[] =>
  remembered(placed, plan, () =>
    frozen(plan).sections.flatMap((section) => section.rows.map((row, index) => ({ row, section, index }))),
  );

export function findRow(plan: Plan, rowId: string): PlacedRow | null {
  return placedRows(plan).find((p) => p.row.id === rowId) ?? null;
}

export const movementRows = (plan: Plan): readonly MovementRow[] =>
  placedRows(plan).flatMap(({ row }) => (row.kind === 'movement' ? [row] : []));
