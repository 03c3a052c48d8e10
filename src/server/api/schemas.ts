import { z } from 'zod';
import { EFFORT_KINDS, JOINTS, POSITIONS, PURPOSES, SECTION_KINDS } from '@/core/catalogue';
import { doseSchema } from '@/core/dose';
import { FOCUSES } from '@/core/draft';
import { daySchema } from '@/core/days';
import { personFieldsSchema } from '@/core/people';
import { newClassSchema, planSchema } from '@/core/plan';
import { VERDICTS } from '@/core/screening';

const names = z.array(z.string().min(1).max(60));

/** A group as another program tells of it; nobody of it has to be on the list. */
const groupSchema = z.strictObject({
  people: z
    .array(personFieldsSchema.extend({ id: z.string().min(1).max(60) }))
    .max(60, 'At most 60 people')
    .refine((all) => new Set(all.map((p) => p.id)).size === all.length, 'Two people have the same id'),
  helpers: z.number().int().min(0).max(10).default(0),
  slotMinutes: newClassSchema.shape.slotMinutes,
  /** Pieces of each prop in the bag, by prop id. */
  bag: z.record(z.string().max(60), z.number().int().min(0).max(500)).default({}),
  /** Movements that the group has been shown this term, by id; none for a first class. */
  shown: names.max(300).default([]),
  day: daySchema,
  week: z.number().int().min(1).max(60).default(1),
  /** Plan that increases are measured against: the last taught class outside a lighter week. */
  baseline: planSchema.nullable().default(null),
  /** The older name of `baseline`, still read. */
  last: planSchema.nullable().optional(),
});

export const checkRequestSchema = groupSchema.extend({ plan: planSchema });

export const draftRequestSchema = groupSchema.extend({
  focus: z.array(z.enum(FOCUSES)).default([]),
  pinned: names.max(40).default([]),
  banned: names.max(300).default([]),
  kept: names.max(60).default([]),
  withoutProps: z.boolean().default(false),
  lengthMinutes: newClassSchema.shape.slotMinutes,
  seed: z.number().int().min(0).max(1_000_000).default(1),
});

const handSchema = z.strictObject({
  verdict: z.enum(VERDICTS),
  reasons: z.array(z.string()),
  how: z.array(z.string()),
  swapTo: z.string().nullable(),
});

export const checkReplySchema = z.strictObject({
  totalMs: z.number(),
  rows: z.array(z.strictObject({ rowId: z.string(), startMs: z.number(), totalMs: z.number() })),
  verdicts: z.array(
    z.strictObject({ rowId: z.string(), personId: z.string(), left: handSchema, right: handSchema }),
  ),
  findings: z.array(
    z.strictObject({
      code: z.string(),
      severity: z.enum(['must', 'should', 'could']),
      text: z.string(),
      because: z.string(),
      rowIds: z.array(z.string()),
      personIds: z.array(z.string()),
    }),
  ),
  kit: z.array(
    z.strictObject({ propId: z.string(), needed: z.number(), inBag: z.number(), short: z.number() }),
  ),
});

export const draftReplySchema = z.strictObject({
  plan: planSchema,
  lengthMs: z.number(),
  score: z.number(),
  /** Within one in a hundred of the best there can be. */
  proven: z.boolean(),
  rows: z.array(z.strictObject({ movementId: z.string(), why: z.string() })),
  limits: z.array(z.string()),
  /** What people want to do again and nothing in it practises, each with why. */
  tasksNotIn: z.array(z.string()),
  /** Who has too little to do in it, and would have in any that these people could do. */
  tooLittleFor: z.array(z.string()),
});

export const catalogueReplySchema = z.strictObject({
  movements: z.array(
    z.strictObject({
      id: z.string(),
      name: z.string(),
      what: z.string(),
      purpose: z.enum(PURPOSES),
      section: z.enum(SECTION_KINDS),
      effort: z.enum(EFFORT_KINDS),
      effortOf10: z.number(),
      joints: z.array(z.enum(JOINTS)),
      positions: z.array(z.enum(POSITIONS)),
      propId: z.string().nullable(),
      dose: doseSchema,
      rungs: z.array(z.string()),
    }),
  ),
  props: z.array(z.strictObject({ id: z.string(), name: z.string(), substitute: z.string() })),
  conditions: z.array(z.strictObject({ id: z.string(), name: z.string(), sided: z.boolean() })),
});

export const refusalSchema = z.strictObject({
  code: z.string(),
  message: z.string(),
  issues: z.array(z.strictObject({ path: z.string(), message: z.string() })).optional(),
});
