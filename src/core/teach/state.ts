import { z } from 'zod';
import type { Immutable } from '../frozen';
import { stepSchema } from '../plan';
import { countEditSchema } from './count-edits';
import { classMs } from './class-ms';
import { countedRunSchema } from './counted';

/** Twenty sections of sixty rows, and what is put in while teaching. */
const MAX_ROWS = 2_000;
export const MAX_OWED = 20;

/** One person who does the row under way a rung easier or stronger than the class. */
const rungShiftSchema = z.strictObject({
  rowId: z.string().max(60),
  personId: z.uuid(),
  to: z.enum(['easier', 'stronger']),
});
export type RungShift = Immutable<z.infer<typeof rungShiftSchema>>;

const AWAY = ['not here', 'left'] as const;
const awaySchema = z.strictObject({ personId: z.uuid(), how: z.enum(AWAY) });
export type Away = Immutable<z.infer<typeof awaySchema>>;

/**
 * Where a class stands. Times are ms on the class clock, which starts at 0 when teaching starts; the position at time t
 * is a function of this value and t.
 */
const fields = {
  rowIndex: z.number().int().min(0).max(MAX_ROWS),
  /** Explaining, counting, or the whole class done. */
  phase: z.enum(['setUp', 'count', 'done']),
  running: z.boolean(),
  /** Position in the phase when the clock read `anchorMs`. */
  offsetMs: classMs,
  anchorMs: classMs,
  /** Changes to the count of the row under way. */
  edits: z.array(countEditSchema).max(200),
  /** How far a long series is from its planned number, because of what was added or left in the row before. */
  ahead: z.number().int().min(-1000).max(1000),
  /** What was changed in the class while teaching, on top of the plan it began with. */
  changes: z.array(stepSchema).max(100),
  rungShifts: z.array(rungShiftSchema).max(300),
  /** Sides, passes and layers that were left undone, until they are given or let go. */
  owed: z
    .array(z.strictObject({ rowId: z.string().max(60), bouts: z.array(z.number().int().min(0)).max(200) }))
    .max(MAX_OWED)
    .default([]),
  /** Who did not come, or has left. */
  away: z.array(awaySchema).max(300).default([]),
  /** The row to go on with after what was owed is given. */
  returnTo: z.string().max(60).nullable().default(null),
  /** Why the class waits, where that was said; null while it goes on. */
  pausedFor: z.string().max(60).nullable().default(null),
};

/** What was sent or kept before called the rung shifts `ways`. */
const withPresentNames = (value: unknown): unknown => {
  if (typeof value !== 'object' || value === null || !('ways' in value)) return value;
  const { ways, ...others } = value;
  return { rungShifts: ways, ...others };
};

export const teachStateSchema = z.preprocess(withPresentNames, z.strictObject(fields));
export type TeachState = Immutable<z.infer<typeof teachStateSchema>>;

export const START: TeachState = {
  rowIndex: 0,
  phase: 'setUp',
  running: false,
  offsetMs: 0,
  anchorMs: 0,
  edits: [],
  ahead: 0,
  changes: [],
  rungShifts: [],
  owed: [],
  away: [],
  returnTo: null,
  pausedFor: null,
};

const storedStateSchema = z.preprocess(withPresentNames, z.object(fields).partial());

/** A state as it was stored; one that was stored before a class could be changed while teaching says nothing of changes. */
export const readTeachState = (stored: unknown): TeachState => ({
  ...START,
  ...storedStateSchema.parse(stored),
});

/** What changes the class itself while it is taught. */
export const LIVE_CHANGES = ['easier', 'stronger', 'hand', 'water', 'swap', 'shorten', 'extra'] as const;

/** What happened, for the record of the class. */
const TEACH_EVENT_KINDS = [
  'enter',
  'count',
  'pause',
  'resume',
  'repeat',
  'more',
  'skip',
  'end',
  'faster',
  'slower',
  'stay',
  'on',
  ...LIVE_CHANGES,
  'note',
  'counted',
  'undo',
  'away',
  'here',
] as const;

export const teachEventSchema = z.strictObject({
  kind: z.enum(TEACH_EVENT_KINDS),
  rowId: z.string().max(60).nullable(),
  atMs: classMs.int(),
  /** Whom it was about, where it was one person. */
  personId: z.uuid('That is not a person').nullable().optional(),
  /** What it was, in words. */
  words: z.string().max(500).optional(),
  /** What was really counted of the row that is left. */
  counted: z.array(countedRunSchema).max(200).nullable().optional(),
});
export type TeachEvent = Immutable<z.infer<typeof teachEventSchema>>;

export type Moved = { readonly state: TeachState; readonly events: readonly TeachEvent[] };
