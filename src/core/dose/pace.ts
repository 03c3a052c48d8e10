/** The allowances behind the class clock, in integer milliseconds. Replaced by learned pace later. */
export const PACE = {
  changeSideMs: 8_000,
  /** What comes on top is named and begins. */
  changeLayerMs: 4_000,
  /** Another direction or hand position, the hands staying where they are. */
  changePassMs: 3_000,
  /** The other thumb in front, or the hands' jobs swapped. */
  changeSwapMs: 10_000,
  changePlaceMs: 15_000,
  shakeOutMs: 5_000,
  handOutPerPersonMs: 4_000,
} as const;

/** A first repetition that is learned while moving takes two to three times as long, by no more than 5 s. */
const [FIRST_FACTOR, MAX_FIRST_MS] = [2.5, 5_000];

/** So much longer than the others the first repetition is, ms. */
export const slowFirstMs = (ms: number): number => Math.min(MAX_FIRST_MS, Math.round(ms * FIRST_FACTOR) - ms);

/** No breath is shorter, ms: what is quicker is not breathed with. */
export const SHORTEST_BREATH_MS = 4_000;

/** In and out share a breath two to three. */
export const breathInMs = (breathMs: number): number => Math.round((breathMs * 2) / 5);

/**
 * Handing out, or collecting, one prop. The instructor's pair of hands counts,
 * each helper adds one.
 */
export function handOutMs(people: number, helpers: number): number {
  return Math.ceil(people / (1 + helpers)) * PACE.handOutPerPersonMs;
}
