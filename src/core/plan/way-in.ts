import { z } from 'zod';

/** Explaining and showing before a count, ms. */
export const wayInSchema = z
  .number('A way in is a number of seconds')
  .int()
  .min(0, 'A way in is at least 0 s')
  .max(300_000, 'A way in is at most 5 minutes');

/** How an instructor usually leads into a movement that is new to the group, and into a known one. */
export const usualWayInSchema = z.strictObject({ newMs: wayInSchema, knownMs: wayInSchema });
export type UsualWayIn = z.infer<typeof usualWayInSchema>;

/** The ways in that are offered: how each is called, and its length, ms. */
export const WAYS_IN = [
  ['flows on', 0],
  ['said while moving', 4_000],
  ['shown first', 12_000],
  ['explained first', 25_000],
] as const;

const SHOWN_MS = WAYS_IN[2][1];

/** What a new class begins with: shown when it is new, said while moving when it is known. */
export const USUAL_WAY_IN: UsualWayIn = { newMs: 12_000, knownMs: 4_000 };

/** How plans from before a way in could be said were timed. */
const WAY_IN_BEFORE: UsualWayIn = { newMs: 25_000, knownMs: 10_000 };

export const wayInOf = ({ wayIn }: { readonly wayIn?: UsualWayIn | undefined }): UsualWayIn =>
  wayIn ?? WAY_IN_BEFORE;

/** Whether a new movement is learned while it is done: one that was shown first needs no slow first repetition besides. */
export const isLearnedMoving = (isNew: boolean, wayInMs: number): boolean => isNew && wayInMs < SHOWN_MS;
