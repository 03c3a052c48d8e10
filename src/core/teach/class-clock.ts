/**
 * Where the class clock stands when a page opens, ms. It goes by the wall clock, except that it never goes back behind what was
 * already seen of the class: a wall clock that was put back since must not undo what was counted.
 */
export function classTimeAtOpening(
  startedAtMs: number,
  wallMs: number,
  rate: number,
  seenMs: number,
): number {
  return Math.max(0, seenMs, (wallMs - startedAtMs) * rate);
}

/** A beginning that is told again so near to the last, ms, is the same: the rest is how long the news took. */
const SAME_BEGINNING_MS = 1_500;

/** When a class began, told once more: as told before unless a clock was moved, so that its count does not waver. */
export const steadyBeginning = (beforeMs: number | null, toldMs: number): number =>
  beforeMs !== null && Math.abs(toldMs - beforeMs) < SAME_BEGINNING_MS ? beforeMs : toldMs;
