import { primaryCount, withPrimaryCount, type Count, type Dose } from '../dose';
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
  readonly support: readonly string[];
  readonly props: readonly string[];
  readonly ownRange: boolean;
  readonly arcs: readonly ArcLimit[];
};

export const NO_ADAPTATION: Adaptation = {
  rung: null,
  effortMost: null,
  holdMostMs: null,
  countShare: 1,
  support: [],
  props: [],
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
    support: said((a) => a.support),
    props: said((a) => a.prop),
    ownRange: asks.some((a) => a.ownRange),
    arcs: asks.flatMap((a) => a.arcs ?? []),
  };
}

/** The dose this hand does: the count, or the time, cut to its share, a hold to its longest; never more than planned. */
export function adaptedDose(dose: Dose, adaptation: Adaptation): Dose {
  const count = heldFor(sharedOut(dose.count, adaptation.countShare), adaptation.holdMostMs);
  const now = primaryCount(count);
  return {
    ...dose,
    count,
    fewest: Math.min(dose.fewest, now),
    sets: adaptation.countShare < 1 ? 1 : dose.sets,
  };
}

/** Free time and a single long hold have no count to cut, so their length is. */
function sharedOut(count: Count, share: number): Count {
  if (share >= 1) return count;
  if (count.mode === 'time')
    return { ...count, timeMs: Math.max(MIN_TIME_MS, wholeSeconds(count.timeMs * share)) };
  if (count.mode === 'hold' && count.holds === 1)
    return { ...count, holdMs: Math.max(MIN_HOLD_MS, wholeSeconds(count.holdMs * share)) };
  return withPrimaryCount(count, Math.floor(primaryCount(count) * share));
}

const heldFor = (count: Count, mostMs: number | null): Count =>
  mostMs !== null && count.mode === 'hold' ? { ...count, holdMs: Math.min(count.holdMs, mostMs) } : count;

const wholeSeconds = (ms: number): number => Math.floor(ms / 1000) * 1000;

const MIN_TIME_MS = 5_000;
const MIN_HOLD_MS = 1_000;
