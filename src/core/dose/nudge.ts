import { countSchema, leastCount, primaryCount, withPrimaryCount, type Count, type Dose } from './dose';

/** One bead more or fewer on the cord; null where there is no such count, or the range a count may have ends. */
export function withBeads(dose: Dose, by: number): Dose | null {
  if (dose.count.mode === 'time') return null;
  const n = primaryCount(dose.count) + by;
  if (n < leastCount(dose)) return null;
  return checked({
    ...dose,
    count: withPrimaryCount(dose.count, n),
    fewest: Math.min(dose.fewest, n),
    most: Math.max(dose.most, n),
  });
}

/** A hold or a free time stretched by so many ms, inside the movement's own range; null where nothing is held. */
export function stretched(
  dose: Dose,
  byMs: number,
  range: readonly [shortest: number, longest: number] | null,
): Dose | null {
  const nowMs = lengthMs(dose.count);
  if (nowMs === null) return null;
  const ms = nowMs + byMs;
  if (range && byMs < 0 && ms < range[0]) return null;
  if (range && byMs > 0 && ms > range[1]) return null;
  return checked({ ...dose, count: withLength(dose.count, ms) });
}

export const lengthMs = (c: Count): number | null =>
  c.mode === 'hold' ? c.holdMs : c.mode === 'time' ? c.timeMs : null;

const withLength = (c: Count, ms: number): Count =>
  c.mode === 'hold' ? { ...c, holdMs: ms } : c.mode === 'time' ? { ...c, timeMs: ms } : c;

const checked = (dose: Dose): Dose | null => (countSchema.safeParse(dose.count).success ? dose : null);
