/** Bone-loading index of one bout: intensity x ln(N + 1), N load cycles (Turner & Robling 2003). */
export const boutIndex = (intensity: number, cycles: number): number => intensity * Math.log(cycles + 1);

/** Load cycles at an intensity, in body weights on a wrist. */
export type LoadCycles = { readonly intensity: number; readonly cycles: number };

/**
 * The index of cycles that are close together, as in one class: one bout, however many rows they stand in. The heaviest come first, and
 * each further cycle adds what it would as the next of them; of one intensity it is that of the bout.
 */
export function mixedBoutIndex(of: readonly LoadCycles[]): number {
  const heaviest = [...of].sort((a, b) => b.intensity - a.intensity);
  let before = 0;
  return heaviest.reduce((index, { intensity, cycles }) => {
    const added = intensity * Math.log((before + cycles + 1) / (before + 1));
    before += cycles;
    return index + added;
  }, 0);
}

/** A hand that drops lands with more than it rests with: twice as much, which is ours and not measured. */
export const IMPACT_FACTOR = 2;

/** Hours until bone answers a second bout about as well as the first. */
const RECOVERY_HOURS = 6;

/**
 * The index of a day of equal bouts at a gap: each after the first counts x (1 - exp(-t/6)), t hours since the one
 * before (Turner & Robling 2003). It compares plans; it says nothing of bone density.
 */
export function dayIndex(intensity: number, cycles: number, bouts: number, gapHours: number): number {
  if (bouts < 1) return 0;
  const later = 1 - Math.exp(-gapHours / RECOVERY_HOURS);
  return boutIndex(intensity, cycles) * (1 + (bouts - 1) * later);
}

export const weekIndex = (ofDay: number, days: number): number => ofDay * days;
