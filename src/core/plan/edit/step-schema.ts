import { z } from 'zod';
import { ROW_NAMES, withFieldNames } from '../../field-names';
import type { Immutable } from '../../frozen';
import { doseSchema } from '../../dose';
import { loadSettingSchema } from '../../stance';
import {
  bpmSchema,
  muteSchema,
  remindersSchema,
  rowSchema,
  sectionNameSchema,
  sectionSchema,
  talkRowSchema,
} from '../plan';
import { effortOf10Schema, ownSetsSchema, rowWordsSchema } from '../row-says';
import { usualWayInSchema, wayInSchema } from '../way-in';

const id = z.string().min(1).max(60);
const index = z.number().int().min(0).max(60);

/** So many single edits in one. */
export const MAX_STEPS = 200;

/** Edits of rows and of their places. */
const rowSteps = [
  z.strictObject({ type: z.literal('insertRow'), sectionId: id, index, row: rowSchema }),
  z.strictObject({ type: z.literal('removeRow'), rowId: id }),
  z.strictObject({ type: z.literal('moveRow'), rowId: id, sectionId: id, index }),
  z.strictObject({ type: z.literal('setDose'), rowId: id, dose: doseSchema }),
  z.strictObject({
    type: z.literal('setDuration'),
    rowId: id,
    durationMs: z.number().int().min(2_000).max(1_200_000),
  }),
  z.strictObject({ type: z.literal('setTitle'), rowId: id, title: talkRowSchema.shape.title }),
  z.strictObject({ type: z.literal('setText'), rowId: id, text: z.string().trim().max(2000) }),
  z.strictObject({
    type: z.literal('setQuestion'),
    rowId: id,
    question: z.literal(true).nullable(),
  }),
  z.strictObject({ type: z.literal('setNote'), rowId: id, note: z.string().trim().max(300) }),
] as const;

/** Edits that set one thing a movement row may have, or leave it out when null. */
const extraSteps = [
  z.strictObject({ type: z.literal('setRung'), rowId: id, rung: z.number().int().min(0).max(11).nullable() }),
  z.strictObject({ type: z.literal('setPress'), rowId: id, press: loadSettingSchema.nullable() }),
  z.strictObject({ type: z.literal('setSeries'), rowId: id, continuesPrevious: z.literal(true).nullable() }),
  z.strictObject({ type: z.literal('setMusic'), rowId: id, bpm: bpmSchema.nullable() }),
  z.strictObject({ type: z.literal('setWayIn'), rowId: id, wayInMs: wayInSchema.nullable() }),
  z.strictObject({ type: z.literal('setProps'), rowId: id, props: z.array(id).max(3).nullable() }),
  z.strictObject({ type: z.literal('setWords'), rowId: id, words: rowWordsSchema.nullable() }),
  z.strictObject({ type: z.literal('setEffort'), rowId: id, effortOf10: effortOf10Schema.nullable() }),
  z.strictObject({ type: z.literal('setOptional'), rowId: id, optional: z.literal(true).nullable() }),
  z.strictObject({ type: z.literal('setJoined'), rowId: id, joinedId: id.nullable() }),
  z.strictObject({ type: z.literal('setOwnSets'), rowId: id, ownSets: ownSetsSchema.nullable() }),
] as const;

/** Edits of sections. */
const sectionSteps = [
  z.strictObject({ type: z.literal('addSection'), index, section: sectionSchema }),
  z.strictObject({ type: z.literal('removeSection'), sectionId: id }),
  z.strictObject({ type: z.literal('moveSection'), sectionId: id, index }),
  z.strictObject({ type: z.literal('renameSection'), sectionId: id, name: sectionNameSchema }),
] as const;

/** Edits of what belongs to the whole class. */
const classSteps = [
  z.strictObject({ type: z.literal('setUsualWayIn'), wayIn: usualWayInSchema.nullable() }),
  z.strictObject({ type: z.literal('setReminders'), reminders: remindersSchema.nullable() }),
  z.strictObject({ type: z.literal('setBreath'), breathMs: z.number().int().min(3_000).max(12_000) }),
  z.strictObject({ type: z.literal('setMutes'), mutes: z.array(muteSchema).max(40) }),
] as const;

const singleSteps = [...rowSteps, ...extraSteps, ...sectionSteps, ...classSteps] as const;
const singleStepSchema = z.discriminatedUnion('type', singleSteps);
const several = z.strictObject({
  type: z.literal('several'),
  steps: z
    .array(z.preprocess(withFieldNames(ROW_NAMES), singleStepSchema))
    .min(1)
    .max(MAX_STEPS),
});
export const stepSchema = z.preprocess(
  withFieldNames(ROW_NAMES),
  z.discriminatedUnion('type', [...singleSteps, several]),
);

export type SingleStep = Immutable<z.infer<typeof singleStepSchema>>;
export type SectionStep = Immutable<z.infer<(typeof sectionSteps)[number]>>;
export type ExtraStep = Immutable<z.infer<(typeof extraSteps)[number]>>;

/** An edit to a plan as a value: it applies to a plan and yields its inverse. */
export type PlanStep = Immutable<z.infer<typeof stepSchema>>;
