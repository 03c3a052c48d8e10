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
