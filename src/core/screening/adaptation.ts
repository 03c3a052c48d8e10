import { primaryCount, withPrimaryCount, type Dose } from '../dose';
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
  readonly arcs: readonly ArcLimit[];
};

export const NO_ADAPTATION: Adaptation = {
  rung: null,
  effortMost: null,
  holdMostMs: null,
  countShare: 1,
  support: [],
  props: [],
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
    arcs: asks.flatMap((a) => a.arcs ?? []),
  };
}

/** The dose this hand does: the count cut to its share, a hold to its longest; never more than planned. */
export function adaptedDose(dose: Dose, { countShare, holdMostMs }: Adaptation): Dose {
  const usual = primaryCount(dose.count);
  const count = countShare < 1 ? withPrimaryCount(dose.count, Math.floor(usual * countShare)) : dose.count;
  const held =
    count.mode === 'hold' && holdMostMs !== null
      ? { ...count, holdMs: Math.min(count.holdMs, holdMostMs) }
      : count;
  const now = primaryCount(held);
  return { ...dose, count: held, fewest: Math.min(dose.fewest, now), sets: countShare < 1 ? 1 : dose.sets };
}
