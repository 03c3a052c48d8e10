import { median } from '../statistics';

/** One reading of a grip meter: time since the reading began, ms, and force, kg. A dropped sample is missing. */
export type Sample = { readonly atMs: number; readonly kg: number };

/** What a squeeze was: its peak and how it came, or why it does not count. */
export type Trial =
  | {
      readonly ok: true;
      readonly peakKg: number;
      readonly startMs: number;
      readonly timeToPeakMs: number;
      readonly heldMs: number;
      /** Spread of the force around its own slow course while it was held, in percent of the peak: tremor and wavering. */
      readonly unsteadyPercent: number;
      /** What the meter showed with nothing in the hand, taken off every reading, kg. */
      readonly zeroKg: number;
    }
  | { readonly ok: false; readonly reason: string };

/** The meter is read with an empty hand for this long before the word to squeeze, ms. */
export const QUIET_MS = 1_000;

const FROM_KG = 1;
const FROM_SHARE = 0.1;
const HELD_SHARE = 0.8;
const MIN_HELD_MS = 2_000;
const MAX_GAP_MS = 250;
const MIN_PEAK_KG = 0.5;
const SECOND_PEAK_DIP = 0.5;
const SMOOTH_MS = 100;
const COURSE_MS = 500;
/** A zero that moves by more than this makes a peak worth nothing, kg. */
const MAX_DRIFT_KG = 1;
/** The end of a reading, ms, and the share of the peak under which the hand has let go. */
const TAIL_MS = 250;
const LET_GO_SHARE = 0.3;
/** The rise and the letting go are no tremor. */
const EDGE_MS = 300;

/**
 * Reads one squeeze from a stream of samples. Start is where the force leaves a tenth of its peak, the peak that of a short
 * running mean so that one stray reading does not count. A squeeze that began before the word, was let go and taken again,
 * was too short, has a hole in it or a zero that drifts away is refused with its reason.
 */
export function readTrial(samples: readonly Sample[]): Trial {
  const quiet = samples.filter((s) => s.atMs < QUIET_MS);
  if (samples.length < 20 || quiet.length < 5)
    return no('Too little was read. Check that the meter is connected.');
  const gap = Math.max(...samples.slice(1).map((s, i) => s.atMs - samples[i]!.atMs));
  if (gap > MAX_GAP_MS) return no(`The meter was silent for ${(gap / 1000).toFixed(1)} s. Try again.`);
  const zeroKg = median(quiet.map((s) => s.kg));
  const force = samples.map((s) => ({ ...s, kg: s.kg - zeroKg }));
  const level = smoothed(force, SMOOTH_MS);
  const peak = level.reduce((a, b) => (b.kg > a.kg ? b : a));
  if (peak.kg < MIN_PEAK_KG) return no('No squeeze was felt.');
  const threshold = Math.max(FROM_KG, FROM_SHARE * peak.kg);
  const early = level.some((s) => s.atMs < QUIET_MS && s.kg > threshold);
  if (early) return no('The squeeze began before the word. Let go, wait for it, then squeeze.');
  const start = level.find((s) => s.kg >= Math.min(threshold, peak.kg));
  const held = level.filter((s) => s.kg >= HELD_SHARE * peak.kg);
  const heldMs = held.at(-1)!.atMs - held[0]!.atMs;
  if (heldMs < MIN_HELD_MS)
    return no(`Held for ${(heldMs / 1000).toFixed(1)} s only. Hold for three to five seconds.`);
  const between = level.filter((s) => s.atMs > held[0]!.atMs && s.atMs < held.at(-1)!.atMs);
  if (between.some((s) => s.kg < SECOND_PEAK_DIP * peak.kg))
    return no('Let go and squeezed again. One steady squeeze counts.');
  const driftKg = zeroAfter(level, peak.kg);
  if (Math.abs(driftKg) > MAX_DRIFT_KG)
    return no(
      `The meter’s zero moved by ${Math.abs(driftKg).toFixed(1)} kg during the squeeze. Lay it down until it is steady, then try again.`,
    );
  return {
    ok: true,
    peakKg: Math.round(peak.kg * 10) / 10,
    startMs: start!.atMs,
    timeToPeakMs: peak.atMs - start!.atMs,
    heldMs,
    unsteadyPercent: unsteadiness(
      within(force, held[0]!.atMs + EDGE_MS, held.at(-1)!.atMs - EDGE_MS),
      peak.kg,
    ),
    zeroKg,
  };
}

/** What the meter shows once the hand has let go, its first zero taken off; 0 where the reading ends before that. */
function zeroAfter(level: readonly Sample[], peakKg: number): number {
  const lastMs = level.at(-1)!.atMs;
  const tail = median(level.filter((s) => s.atMs > lastMs - TAIL_MS).map((s) => s.kg));
  return tail < LET_GO_SHARE * peakKg ? tail : 0;
}

const no = (reason: string): Trial => ({ ok: false, reason });

/** Each reading as the mean of those within half a width on both sides. */
function smoothed(samples: readonly Sample[], widthMs: number): readonly Sample[] {
  let from = 0;
  let to = 0;
  let sum = 0;
  return samples.map(({ atMs }) => {
    while (to < samples.length && samples[to]!.atMs <= atMs + widthMs / 2) sum += samples[to++]!.kg;
    while (samples[from]!.atMs < atMs - widthMs / 2) sum -= samples[from++]!.kg;
    return { atMs, kg: sum / (to - from) };
  });
}

const within = (samples: readonly Sample[], fromMs: number, toMs: number): readonly Sample[] =>
  samples.filter((s) => s.atMs >= fromMs && s.atMs <= toMs);

/** The quick part of the force, off its own slow course. */
function unsteadiness(held: readonly Sample[], peakKg: number): number {
  const course = smoothed(held, COURSE_MS);
  const off = held.map((s, i) => s.kg - course[i]!.kg);
  const variance = off.reduce((n, o) => n + o * o, 0) / off.length;
  return (Math.sqrt(variance) / peakKg) * 100;
}

/** Two schools of scoring the tries of one hand: the best of all (Southampton protocol), or the mean of three. */
export type Scoring = 'best' | 'mean of three';

export function scoreOfTrials(peaksKg: readonly number[], scoring: Scoring): number | null {
  if (peaksKg.length === 0) return null;
  if (scoring === 'best') return Math.max(...peaksKg);
  const three = peaksKg.slice(0, 3);
  return three.length < 3 ? null : Math.round((three.reduce((a, b) => a + b, 0) / 3) * 10) / 10;
}
