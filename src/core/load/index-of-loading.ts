/** Bone-loading index of one bout: intensity x ln(N + 1), N load cycles (Turner & Robling 2003). */
export const boutIndex = (intensity: number, cycles: number): number => intensity * Math.log(cycles + 1);

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
