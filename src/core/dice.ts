/** Numbers from 0 up to 1, the same for the same seed on every machine (mulberry32). */
export type Dice = () => number;

export function dice(seed: number): Dice {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A number spread as chance spreads it, mean 0 and spread 1 (Box & Muller 1958). */
export const bell = (roll: Dice): number =>
  Math.sqrt(-2 * Math.log(roll() || 1e-9)) * Math.cos(2 * Math.PI * roll());

/** A number from 0 up to 1 for a place named by whole numbers: the same place has the same number, whatever is rolled elsewhere. */
export const rollAt = (seed: number, ...place: readonly number[]): number =>
  dice(place.reduce((mixed, n) => Math.imul((mixed ^ n) + 0x9e3779b9, 0x85ebca6b) ^ (mixed >>> 13), seed))();
