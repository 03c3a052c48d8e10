import { median } from '../statistics';

/** How today's quick squeeze compares with the person's own of late. */
export type Readiness = {
  readonly kind: 'usual' | 'lighter day' | 'rest and glide' | 'not known';
  readonly medianKg: number | null;
  readonly spreadKg: number | null;
};

/** Squeezes of earlier days that count, and the fewest that say anything. */
const RECENT = 8;
const FEWEST = 3;
/** Spread in terms of the median distance from the median, for values spread as usual. */
const FROM_MEDIAN_DISTANCE = 1.4826;
/** Nobody's grip is steadier from day to day than this share of it. */
const MIN_SHARE = 0.05;

/**
 * Today's squeeze, kg, against the median of the last eight and their spread, which one odd day does not move. Within one spread below, or
 * above, it is a usual day; within two a lighter one; under that, rest and glide. It guides today's class and diagnoses nothing.
 */
export function readiness(todayKg: number, earlierKg: readonly number[]): Readiness {
  const recent = earlierKg.slice(-RECENT);
  if (recent.length < FEWEST) return { kind: 'not known', medianKg: null, spreadKg: null };
  const medianKg = median(recent);
  const distance = median(recent.map((v) => Math.abs(v - medianKg)));
  const spreadKg = Math.max(FROM_MEDIAN_DISTANCE * distance, MIN_SHARE * medianKg);
  const under = (medianKg - todayKg) / spreadKg;
  const kind = under <= 1 ? 'usual' : under <= 2 ? 'lighter day' : 'rest and glide';
  return { kind, medianKg, spreadKg };
}
