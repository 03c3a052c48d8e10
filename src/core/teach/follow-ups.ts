import { z } from 'zod';

/** When somebody is asked after a class: more pain two hours later than before means less next time (two-hour rule). */
export const FOLLOW_UP_SLOTS = ['two hours', 'next morning'] as const;
export type FollowUpSlot = (typeof FOLLOW_UP_SLOTS)[number];

export const followUpAnswerSchema = z.strictObject({
  personId: z.uuid('That is not a person'),
  slot: z.enum(FOLLOW_UP_SLOTS, 'That is not a time to ask'),
  worse: z.boolean('Say whether it was worse'),
});
export type FollowUpAnswer = z.infer<typeof followUpAnswerSchema>;

/** Somebody whose hands were sore in a class, and what they have answered since. */
export type SorePerson = { readonly personId: string; readonly answered: readonly FollowUpSlot[] };

type DueFollowUp = { readonly personId: string; readonly slot: FollowUpSlot };

/**
 * Whom to ask today, ISO days: on the day of the class two hours after it, from the next day on once more; each until it is
 * answered. After a week it is no longer a question of that class.
 */
export function dueFollowUps(
  sore: readonly SorePerson[],
  classDay: string,
  today: string,
  weekAgo: string,
): readonly DueFollowUp[] {
  if (classDay < weekAgo) return [];
  const slot: FollowUpSlot = today <= classDay ? 'two hours' : 'next morning';
  return sore.flatMap(({ personId, answered }) => (answered.includes(slot) ? [] : [{ personId, slot }]));
}
