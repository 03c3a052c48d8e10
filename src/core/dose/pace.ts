/** The allowances behind the class clock, in integer milliseconds. Replaced by learned pace later. */
export const PACE = {
  setUpFirstMs: 25_000,
  setUpAgainMs: 10_000,
  changeSideMs: 8_000,
  changeDirectionMs: 3_000,
  changeLeadMs: 5_000,
  shakeOutMs: 5_000,
  handOutPerPersonMs: 4_000,
  /** The first repetition of a new movement takes two to three times as long. */
  firstRepetitionFactor: 2.5,
} as const;

/** In and out share a breath two to three. */
export const breathInMs = (breathMs: number): number => Math.round((breathMs * 2) / 5);

/**
 * Handing out, or collecting, one prop. The instructor's pair of hands counts,
 * each helper adds one.
 */
export function handOutMs(people: number, helpers: number): number {
  return Math.ceil(people / (1 + helpers)) * PACE.handOutPerPersonMs;
}
