import { z } from 'zod';
import type { Immutable } from '../frozen';
import { MOST_PEOPLE } from './group';
import { PRACTICE_LEVELS, type PracticeLevel } from './level';
import type { PracticeReview } from './review';
import { SLIP_KINDS } from './slips';

const LEVEL_IDS = PRACTICE_LEVELS.map((l) => l.id) as [PracticeLevel['id'], ...PracticeLevel['id'][]];
const many = z.number().int().min(0).max(100_000);
const share = z.number().min(0).max(1);

/** What is kept of a practice class: figures, and no person in them. */
export const practiceResultSchema = z.strictObject({
  level: z.enum(LEVEL_IDS, 'That is not a level'),
  people: z.number().int().min(1).max(MOST_PEOPLE),
  lengthMs: z
    .number()
    .int()
    .min(0)
    .max(24 * 3_600_000),
  seen: many,
  missed: many,
  secondsToSee: z.number().min(0).nullable(),
  missedMost: z.enum(SLIP_KINDS).nullable(),
  hurt: z.number().int().min(0).max(MOST_PEOPLE),
  ending: z.enum(['kept', 'cut short', 'left out']),
  rowsFull: many,
  rowsPlanned: many,
  unevenPercent: z.number().min(0).nullable(),
  talking: share,
});
export type PracticeResult = Immutable<z.infer<typeof practiceResultSchema>>;

/** A practice that is shorter says nothing of how one teaches, ms. */
export const KEPT_FROM_MS = 60_000;

export function resultOf(level: PracticeLevel, people: number, review: PracticeReview): PracticeResult {
  const [worst] = [...review.byKind].sort((a, b) => b.missed - a.missed);
  return {
    level: level.id,
    people,
    lengthMs: review.lengthMs,
    seen: review.seen,
    missed: review.missed,
    secondsToSee: review.secondsToSee,
    missedMost: worst && worst.missed > 0 ? worst.kind : null,
    hurt: new Set(review.hurt.map((h) => h.personId)).size,
    ending: review.ending,
    rowsFull: review.rowsPlanned - review.rowsShort.length,
    rowsPlanned: review.rowsPlanned,
    unevenPercent: review.unevenPercent,
    talking: review.shares.talking,
  };
}

/** Of what could be met, the share that was, 0 to 1; null where there was nothing. */
export const shareMet = ({ seen, missed }: Pick<PracticeResult, 'seen' | 'missed'>): number | null =>
  seen + missed === 0 ? null : seen / (seen + missed);
