/** What a draft weighs, each against being of use to everybody, which is 1. They are ours: no study says them. */
export const WEIGHTS = {
  /** Stays in the plan: the instructor put it there. */
  kept: 4,
  /** What the class is to be about. */
  focus: 1.2,
  /** Practises what somebody wishes to do again. */
  wantedTask: 0.8,
  /** Goes on from the baseline, since what is repeated is learnt. */
  goesOn: 0.7,
  /** Was not done for four weeks, for variety. */
  notLately: 0.4,
} as const;

/** Of the worth of a row, what its shortest dose keeps. */
export const SHORT_SHARE = 0.5;
/** Worth of moving a spot, or of having a purpose, the first time, the second and so on. */
export const SPOT_WORTH = [1.2, 0.4, 0.15] as const;
export const PURPOSE_WORTH = [2, 0.8, 0.4, 0.2] as const;
