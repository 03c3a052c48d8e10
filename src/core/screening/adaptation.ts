import {
  leastCount,
  MIN_MS,
  noLongerThan,
  primaryCount,
  withoutExtras,
  withPrimaryCount,
  type Count,
  type Dose,
} from '../dose';
import { groupBy } from '../group';
import type { WristRange } from '../people';

/** What a caution asks of a movement that is still done. Everything is a limit: the tighter of two holds. */
export type Ask = {
  /** The rung to stand on: the one below the usual form, or the gentlest there is. */
  readonly rung?: 'easier' | 'gentlest';
  /** Effort of ten at most. */
  readonly effortMost?: number;
  /** One hold at most, ms. */
  readonly holdMostMs?: number;
  /** Share of the usual count at most. */
  readonly countShare?: number;
  readonly support?: string;
  readonly prop?: string;
  /** Half as far as usual, where the rung to stand on does not make it smaller already. */
  readonly halfRange?: true;
  /** No further than this wrist goes by itself. */
  readonly ownRange?: true;
  /** How far the wrist goes, as this hand was measured. */
  readonly arcs?: readonly ArcLimit[];
};

/** A direction of the wrist that the movement asks more of than this hand has, degrees. */
export type ArcLimit = { readonly direction: WristRange; readonly toDeg: number; readonly askedDeg: number };

/** All asks on one hand together. */
export type Adaptation = {
  readonly rung: 'easier' | 'gentlest' | null;
  readonly effortMost: number | null;
  readonly holdMostMs: number | null;
  readonly countShare: number;
  /** So many sets, where this person has a number of their own. */
  readonly sets: number | null;
  readonly support: readonly string[];
  readonly props: readonly string[];
  readonly halfRange: boolean;
  readonly ownRange: boolean;
  readonly arcs: readonly ArcLimit[];
};

export const NO_ADAPTATION: Adaptation = {
  rung: null,
  effortMost: null,
  holdMostMs: null,
  countShare: 1,
  sets: null,
  support: [],
  props: [],
  halfRange: false,
  ownRange: false,
  arcs: [],
};

export function adaptationOf(asks: readonly Ask[]): Adaptation {
  const least = (values: readonly (number | undefined)[]): number | null => {
    const there = values.filter((v) => v !== undefined);
    return there.length > 0 ? Math.min(...there) : null;
  };
  const said = (pick: (a: Ask) => string | undefined) => [...new Set(asks.flatMap((a) => pick(a) ?? []))];
  const rungs = asks.map((a) => a.rung);
  return {
    rung: rungs.includes('gentlest') ? 'gentlest' : rungs.includes('easier') ? 'easier' : null,
    effortMost: least(asks.map((a) => a.effortMost)),
    holdMostMs: least(asks.map((a) => a.holdMostMs)),
    countShare: least(asks.map((a) => a.countShare)) ?? 1,
    sets: null,
    support: said((a) => a.support),
    props: said((a) => a.prop),
    halfRange: asks.some((a) => a.halfRange),
    ownRange: asks.some((a) => a.ownRange),
    arcs: tightest(asks.flatMap((a) => a.arcs ?? [])),
  };
}

/** Of each direction the smaller limit: hands at one thing go as far as the one that goes less. */
const tightest = (arcs: readonly ArcLimit[]): readonly ArcLimit[] =>
  [...groupBy(arcs, (a) => a.direction).values()].map((same) =>
    same.reduce((a, b) => (b.toDeg < a.toDeg ? b : a)),
  );

/** The dose this hand does: the count, or the time, cut to its share, a hold to its longest; never more than planned. */
export function adaptedDose(dose: Dose, adaptation: Adaptation): Dose {
  const { countShare, holdMostMs } = adaptation;
  // With less of the count no pass, step or layer has more than the others either.
  const even =
    countShare < 1 ? { ...withoutExtras(dose), sets: 1 } : { ...dose, sets: adaptation.sets ?? dose.sets };
  const less = {
    ...even,
    count: sharedOut(even.count, countShare, Math.min(primaryCount(even.count), leastCount(dose))),
  };
  const held = holdMostMs !== null && less.count.mode === 'hold' ? noLongerThan(less, holdMostMs) : less;
  return { ...held, fewest: Math.min(dose.fewest, primaryCount(held.count)) };
}

/** Free time and a single long hold have no count to cut, so their length is. */
function sharedOut(count: Count, share: number, least: number): Count {
  if (share >= 1) return count;
  if (count.mode === 'time')
    return { ...count, timeMs: Math.max(MIN_MS.time, wholeSeconds(count.timeMs * share)) };
  if (count.mode === 'hold' && count.holds === 1)
    return { ...count, holdMs: Math.max(MIN_MS.hold, wholeSeconds(count.holdMs * share)) };
  return withPrimaryCount(count, Math.max(least, Math.floor(primaryCount(count) * share)));
}

const wholeSeconds = (ms: number): number => Math.floor(ms / 1000) * 1000;
