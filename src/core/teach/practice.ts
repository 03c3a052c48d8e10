import { COUNTED, type Beat } from '../dose';
import { mean, median } from '../statistics';

/** One tap of somebody who practises counting: when, ms into the count, and with which hand where that is told. */
export type Tap = { readonly atMs: number; readonly hand: 'L' | 'R' | null };

/** What the taps say of the count. Times in ms. */
export type Practice = {
  readonly expected: number;
  readonly tapped: number;
  /** Numbers nobody tapped, and numbers tapped twice, as they were to be said. */
  readonly skipped: readonly number[];
  readonly doubled: readonly number[];
  /** Numbers tapped with the hand whose turn it was not, where hands were told and take turns. */
  readonly otherHand: readonly number[];
  /** How far a tap is from its beat, on average: above 0 late, below 0 early. */
  readonly lateMs: number | null;
  /** Spread of the time between taps against its mean, in percent: 0 is as even as can be. */
  readonly unevenPercent: number | null;
  /** Mean time between taps while the left and the right were counted; null where a side had too few. */
  readonly sides: { readonly L: number | null; readonly R: number | null };
};

/** Taps nearer to each other than this are one finger that bounced. */
const BOUNCE_MS = 90;

/**
 * Each tap belongs to the counted beat it is nearest to in its start. A beat with no tap was skipped, one with two was
 * doubled. Evenness is asked of taps that follow each other within one bout, so that a change of side is no stumble.
 */
export function practiceOf(beats: readonly Beat[], taps: readonly Tap[]): Practice {
  const counted = beats.filter((b) => COUNTED.has(b.kind));
  const real = taps.filter((t, i) => i === 0 || t.atMs - taps[i - 1]!.atMs >= BOUNCE_MS);
  const owner = real.map((tap) => nearest(counted, tap.atMs));
  const times = (i: number) => owner.filter((o) => o === i).length;
  const named = (fits: (i: number) => boolean) => counted.flatMap((b, i) => (fits(i) ? [b.number] : []));
  const late = real.flatMap((t, i) => (owner[i]! < 0 ? [] : [t.atMs - counted[owner[i]!]!.startMs]));
  const gaps = real.slice(1).flatMap((tap, i) => {
    const [from, to] = [counted[owner[i]!], counted[owner[i + 1]!]];
    return from && to && from.bout === to.bout && owner[i] !== owner[i + 1]
      ? [{ ms: tap.atMs - real[i]!.atMs, side: to.side }]
      : [];
  });
  const sideMean = (side: 'L' | 'R') =>
    meanOf(
      gaps.filter((g) => g.side === side).map((g) => g.ms),
      2,
    );
  return {
    expected: counted.length,
    tapped: real.length,
    skipped: named((i) => times(i) === 0),
    doubled: named((i) => times(i) > 1),
    otherHand: named((i) => real.some((t, j) => owner[j] === i && isOther(t.hand, counted[i]!.side))),
    lateMs: meanOf(late, 1),
    unevenPercent: unevenness(gaps.map((g) => g.ms)),
    sides: { L: sideMean('L'), R: sideMean('R') },
  };
}

const isOther = (hand: Tap['hand'], side: Beat['side']): boolean =>
  hand !== null && (side === 'L' || side === 'R') && hand !== side;

function nearest(beats: readonly Beat[], atMs: number): number {
  return beats.reduce((best, beat, i) => {
    const known = beats[best];
    return !known || Math.abs(beat.startMs - atMs) < Math.abs(known.startMs - atMs) ? i : best;
  }, -1);
}

const meanOf = (values: readonly number[], atLeast: number): number | null =>
  values.length < atLeast ? null : mean(values);

function unevenness(gaps: readonly number[]): number | null {
  const middle = meanOf(gaps, 3);
  if (!middle) return null;
  return (Math.sqrt(mean(gaps.map((g) => (g - middle) ** 2))) / middle) * 100;
}

/** Beats per minute from a few taps; null until there are four in step. */
export function tappedBpm(atMs: readonly number[]): number | null {
  const recent = atMs.slice(-8);
  const gaps = recent.slice(1).map((t, i) => t - recent[i]!);
  if (gaps.length < 3) return null;
  const middle = median(gaps);
  if (middle < 200 || middle > 10_000) return null;
  const inStep = gaps.filter((g) => Math.abs(g - middle) < middle * 0.25);
  return inStep.length < 3 ? null : 60_000 / mean(inStep);
}
