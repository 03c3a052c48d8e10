/** What surrounds the drafted movements, ms: welcome, the ending, and water for every quarter of an hour. */
export const WELCOME_MS = 60_000;
export const CLOSING_MS = 45_000;
export const WATER_MS = 45_000;
export const HAND_BREAK_MS = 30_000;
/** The counter-stretch and the shake that a loading row brings. */
export const AFTER_LOADING_MS = 60_000;

export const waterBreaks = (lengthMs: number): number =>
  Math.max(1, Math.floor(lengthMs / (14 * 60_000)) + 1);

/** After a loading row come a counter-stretch and a shake. */
export const AFTER_LOADING = ['backs-together', 'wrist-shake'] as const;
/** The protected ending: easing, a quiet breath and a second look. */
export const ENDING = ['stroke-arms', 'quiet-breath', 'look-again'] as const;
