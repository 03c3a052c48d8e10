import type { Purpose } from '../catalogue';

/** What a draft weighs, each against a minute of what the class is for, which is 1. They are ours: no study says them. */
export const WEIGHTS = {
  /** Stays in the plan: the instructor put it there. */
  kept: 6,
  /** A row that everybody has something to do in; a row with fewer has its share. */
  served: 0.6,
  /** Is what the class is to be about. */
  focus: 0.5,
  /** Practises what somebody wishes to do again: enough to be there whenever it may. */
  wantedTask: 4,
  /** Goes on from the baseline, since what is repeated is learnt. */
  goesOn: 0.6,
  /** Was not done for four weeks, for variety. */
  notLately: 0.3,
  /** Asks a little more than last time, so that nobody stands still. */
  raised: 0.4,
  /** A row of loading, however light: there are few minutes of it. */
  loading: 2.5,
  /** In a class about bone a row of loading by its loading index instead, which is what bone answers to. */
  loadingIndex: 40,
  /** Other movements build on it, at each doubling of how many do: it is learned first, and done most. */
  foundation: 0.25,
  /** The same in a first class, where it is learned. */
  firstFoundation: 0.5,
  /** Each joint beyond two that has to be thought of at once. */
  furtherJoint: -0.2,
  /** The third row and each further one of one kind and joint. */
  oneMoreAlike: -1,
  /** A row too few that goes on or changes, or too many that change. */
  missedShare: -6,
} as const;

/**
 * Worth of moving a spot of the hand the first time, the second and the third. A short class has few movements, and is to move
 * every spot before it does more for another.
 */
export const spotWorth = (lengthMs: number): readonly [number, number, number] => [
  lengthMs < SHORT_CLASS_MS ? 4 : 3,
  0.25,
  0.1,
];
const SHORT_CLASS_MS = 25 * 60_000;

/** A minute that moves the body and not the hands counts for so much of one: the class is for the hands. */
export const BODY_MINUTE = 0.5;

/** So much of a class is work in the hands; the rest is explaining, handing out and resting. */
const WORK_SHARE = 0.5;

/** How the minutes of work are shared out where nothing else is asked for. */
const PURPOSE_SHARE: Readonly<Record<Purpose, number>> = {
  glide: 0.38,
  hold: 0.1,
  grip: 0.18,
  load: 0.08,
  ease: 0.26,
};
/** A purpose in focus has so many times its share; the others give it up evenly. There is little loading, so it grows most. */
const IN_FOCUS: Readonly<Record<Purpose, number>> = { glide: 2.4, hold: 2.4, grip: 2.4, load: 6, ease: 4.2 };

/** Minutes of each purpose that a class of this length is to have. */
export function targetMinutes(
  lengthMs: number,
  focus: readonly Purpose[],
): Readonly<Record<Purpose, number>> {
  const share = (p: Purpose) => PURPOSE_SHARE[p] * (focus.includes(p) ? IN_FOCUS[p] : 1);
  const all = Object.keys(PURPOSE_SHARE) as Purpose[];
  const total = all.reduce((n, p) => n + share(p), 0);
  const minutes = (lengthMs / 60_000) * WORK_SHARE;
  return Object.fromEntries(all.map((p) => [p, (minutes * share(p)) / total])) as Record<Purpose, number>;
}

/** A minute of what the class is to be about is worth so many others. */
export const FOCUS_MINUTE = 2;

/** Worth of a minute up to the target, and of each stretch beyond it, as shares of the target: falling, since enough is enough. */
export const MINUTE_WORTH: readonly (readonly [share: number, worth: number])[] = [
  [1, 1],
  [0.5, 0.4],
  [0.7, 0.12],
];
