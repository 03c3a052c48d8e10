import { dice } from '../dice';
import { quantile } from '../statistics';
import { reserveTrace, type LoadSpan, type ReservePoint } from './fatigue';

/** An effort is felt as so much more or less than it is named, of the greatest squeeze: a point of ten. */
const EFFORT_SPREAD = 0.1;
const PEOPLE = 60;
const SEED = 1;
const [LEAST, MOST] = [0.05, 0.95];

/** Shares of the grip that is not tired at its lowest, 0 to 1. */
export type ReserveRange = { readonly low: number; readonly middle: number; readonly high: number };

const leastIn = (trace: readonly ReservePoint[]): number => Math.min(...trace.map((p) => p.reserve));
const lowestOf = (spans: readonly LoadSpan[], endMs: number): number => leastIn(reserveTrace(spans, endMs));

/** How low a hand's reserve goes, for people each of whom feels all efforts as up to a point of ten more or less. */
export function lowestReserve(spans: readonly LoadSpan[], endMs: number): ReserveRange {
  const roll = dice(SEED);
  const lowest = Array.from({ length: PEOPLE }, () => {
    const more = EFFORT_SPREAD * (2 * roll() - 1);
    const felt = ({ load, ...span }: LoadSpan): LoadSpan => ({
      ...span,
      load: load === 0 ? 0 : Math.min(1, Math.max(0, load + more)),
    });
    return lowestOf(spans.map(felt), endMs);
  });
  const middle = lowestOf(spans, endMs);
  return {
    low: Math.min(middle, quantile(lowest, LEAST)),
    middle,
    high: Math.max(middle, quantile(lowest, MOST)),
  };
}

/** The same of the hand that gets lowest, of several with their traces; null where nothing is asked of any. */
export function lowestOfHands(
  lists: readonly (readonly LoadSpan[])[],
  traces: readonly (readonly ReservePoint[])[],
  endMs: number,
): ReserveRange | null {
  const asked = lists.flatMap((spans, i) =>
    spans.length > 0 ? [{ spans, least: leastIn(traces[i]!) }] : [],
  );
  const [lowest] = asked.sort((a, b) => a.least - b.least);
  return lowest ? lowestReserve(lowest.spans, endMs) : null;
}
