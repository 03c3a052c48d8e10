/**
 * The class clock told in the time of the audio device. Both clocks are good, but they are not the same: over an hour they
 * may part by a fifth of a second. The zero of the class on the audio clock is therefore steered, so slowly that no beat
 * is heard to move.
 */

/** At most so far at each look, seconds. */
const STEP_S = 0.000_5;
/** Further apart than this the clocks did not drift: the page slept. Then the zero is set anew, seconds. */
const SLEPT_S = 0.25;

/** The zero for the next beats, from the zero so far and what a fresh look at both clocks says, seconds. */
export function steeredZero(zeroS: number, seenS: number): number {
  const apart = seenS - zeroS;
  if (Math.abs(apart) > SLEPT_S) return seenS;
  return zeroS + Math.max(-STEP_S, Math.min(STEP_S, apart * 0.1));
}

/** Where the zero of the class stands on the audio clock, by one look: class time in ms, audio time in seconds. */
export const seenZero = (audioS: number, classMs: number, rate: number): number =>
  audioS - classMs / 1000 / rate;
