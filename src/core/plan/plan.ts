import { z } from 'zod';
import { SECTION_KINDS } from '../catalogue';
import { doseSchema } from '../dose';
import { ROW_NAMES, withFieldNames } from '../field-names';
import { frozen, type Immutable } from '../frozen';
import { loadSettingSchema } from '../stance';
import { remembered } from '../remember';
import { effortOf10Schema, ownSetsSchema, rowWordsSchema } from './row-says';
import { usualWayInSchema, wayInSchema } from './way-in';

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
  continuesPrevious: z.literal(true).optional(),
  /** How the hands are loaded, where that was set at the bench; left out for the usual set-up. */
  press: loadSettingSchema.optional(),
  /** What it is done with, the prop in the hands first; left out for the usual one, empty for none. */
  props: z.array(idSchema).max(3, 'At most three things for one row').optional(),
  /** Explaining and showing before the count, ms; left out for the usual way in of the class. */
  wayInMs: wayInSchema.optional(),
  /** Beats per minute, where the row is counted to music. */
  bpm: bpmSchema.optional(),
  /** What the instructor calls it, and what is said of it; left out for what the movement says itself. */
  words: rowWordsSchema.optional(),
  /** Effort of ten to aim for; left out for the movement's own. */
  effortOf10: effortOf10Schema.optional(),
  /** It may be left out, first of all when time is short. */
  optional: z.literal(true).optional(),
  /** A movement of arms, feet, trunk or breath that is done together with it. */
  joinedId: idSchema.optional(),
  /** Who does fewer or more sets than the class. */
  ownSets: ownSetsSchema.optional(),
});

const BREAKS = ['hand', 'water', 'shake'] as const;
export type BreakKind = (typeof BREAKS)[number];
/** A quick shake is no break that one drinks in. */
const MAX_SHAKE_MS = 15_000;

const breakRowSchema = z
  .strictObject({
    kind: z.literal('break'),
    id: idSchema,
    what: z.enum(BREAKS),
    durationMs: z
      .number()
      .int()
      .min(2_000, 'A quick shake is at least 2 s')
      .max(900_000, 'A break is at most 15 minutes'),
  })
  .refine((b) => b.what === 'shake' || b.durationMs >= 10_000, 'A break is at least 10 s')
  .refine((b) => b.what !== 'shake' || b.durationMs <= MAX_SHAKE_MS, 'A quick shake is at most 15 s');

export const talkRowSchema = z.strictObject({
  kind: z.literal('talk'),
  id: idSchema,
  title: z.string().trim().min(1, 'Give the talk a title').max(80, 'Keep the title under 80 characters'),
  durationMs: z
    .number()
    .int()
    .min(5_000, 'Talk is at least 5 s')
    .max(1_200_000, 'Talk is at most 20 minutes'),
  /** What is said, asked or read. */
  text: z.string().trim().max(2000, 'Keep the text under 2,000 characters').optional(),
  /** The group is asked something, and time is left for an answer. */
  question: z.literal(true).optional(),
});

export const rowSchema = z.preprocess(
  withFieldNames(ROW_NAMES),
  z.discriminatedUnion('kind', [movementRowSchema, breakRowSchema, talkRowSchema]),
);
export type MovementRow = Immutable<z.infer<typeof movementRowSchema>>;
export type Row = Immutable<z.infer<typeof rowSchema>>;

export const sectionNameSchema = z
  .string()
  .trim()
  .min(1, 'A section needs a name')
  .max(40, 'Keep the section name under 40 characters');

export const sectionSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(SECTION_KINDS),
  name: sectionNameSchema,
  rows: z.array(rowSchema).max(60, 'At most 60 rows in a section'),
});
export type Section = Immutable<z.infer<typeof sectionSchema>>;

/** The longest list of reminders that a class can still hear. */
const MAX_REMINDERS = 6;

export const remindersSchema = z
  .array(z.string().trim().min(1, 'A reminder needs words').max(60, 'Keep a reminder under 60 characters'))
  .min(1)
  .max(MAX_REMINDERS, `At most ${MAX_REMINDERS} reminders`);

/** A rule that is not to speak up in this class; a must is only quieted with a reason. */
export const muteSchema = z.strictObject({
  code: z.string().regex(/^[A-Z]\d{1,2}$/, 'A rule is a letter and a number'),
  reason: z.string().trim().max(200, 'Keep the reason under 200 characters'),
});
export type Mute = Immutable<z.infer<typeof muteSchema>>;

export const MAX_SECTIONS = 20;

/** A class plan: an immutable value. The `settle` section is the protected ending. */
export const planSchema = z.strictObject({
  sections: z.array(sectionSchema).max(MAX_SECTIONS, `At most ${MAX_SECTIONS} sections`),
  /** One breath, ms. */
  breathMs: z.number().int().min(3_000, 'A breath is at least 3 s').max(12_000, 'A breath is at most 12 s'),
  /** How this instructor usually leads into a movement, ms; left out in plans from before it could be said. */
  wayIn: usualWayInSchema.optional(),
  /** What the whole class is reminded of, in turn, from row to row. */
  reminders: remindersSchema.optional(),
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
