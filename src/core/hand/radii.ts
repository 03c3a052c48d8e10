import type { DigitName } from './joints';

/** Half-widths of the digits at their joints, mm, from base to tip. */
export const RADII: Record<DigitName, readonly number[]> = {
  thumb: [15.5, 12.2, 10.4, 8.2],
  index: [12.5, 10.6, 9, 7.4],
  middle: [12.5, 10.8, 9.2, 7.6],
  ring: [12, 10.3, 8.8, 7.2],
  little: [11.5, 9.2, 7.8, 6.4],
};
