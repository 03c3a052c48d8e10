import { median } from '../statistics';

/** How today's quick squeeze compares with the person's own of late. */
export type Readiness = {
  readonly kind: 'usual' | 'lighter day' | 'rest and glide' | 'not known';
  readonly medianKg: number | null;
  readonly spreadKg: number | null;
};

/** Squeezes of earlier days that count, and the fewest that say anything. */
const RECENT = 8;
const FEWEST = 4;
/** Spread in terms of the median distance from the median, for values spread as usual. */
const FROM_MEDIAN_DISTANCE = 1.4826;
/** Nobody's grip is steadier from day to day than this share of it. */
const MIN_SHARE = 0.05;
/**
 * So many spreads under the median are a lighter day, and a day to rest. Of ordinary days, where grip differs by 3 to 9 % from day to day, at
 * most one in ten is then called lighter and one in fifty a day to rest (readiness.test).
 */
const LIGHTER_UNDER = 2;
const REST_UNDER = 4;

/**
 * Today's squeeze, kg, against the median of the last eight and their spread, which one odd day does not move. Up to two spreads below, or
 * anything above, it is a usual day; up to four a lighter one; under that, rest and glide. It guides today's class and diagnoses nothing.
 */
export function readiness(todayKg: number, earlierKg: readonly number[]): Readiness {
  const recent = earlierKg.slice(-RECENT);
  if (recent.length < FEWEST) return { kind: 'not known', medianKg: null, spreadKg: null };
  const medianKg = median(recent);
  const distance = median(recent.map((v) => Math.abs(v - medianKg)));
  const spreadKg = Math.max(FROM_MEDIAN_DISTANCE * distance, MIN_SHARE * medianKg);
  const under = (medianKg - todayKg) / spreadKg;
  const kind = under <= LIGHTER_UNDER ? 'usual' : under <= REST_UNDER ? 'lighter day' : 'rest and glide';
  return { kind, medianKg, spreadKg };
}
