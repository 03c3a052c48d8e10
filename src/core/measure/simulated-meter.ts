import { dice } from '../dice';
import { QUIET_MS, type Sample } from './force-curve';

/** A squeeze as a made-up hand does it. Times in ms, forces in kg. */
export type MadeSqueeze = {
  readonly peakKg: number;
  readonly riseMs: number;
  readonly holdMs: number;
  /** Share of the peak lost over the hold. */
  readonly droop: number;
  /** Tremor: its size as a share of the peak, at 6 a second. */
  readonly tremor: number;
  readonly noiseKg: number;
  readonly zeroKg: number;
  /** Zero moves by so much over the reading. */
  readonly driftKg: number;
  /** When the hand begins; before the end of the quiet second it is too early. */
  readonly startMs: number;
  /** Readings are lost from here for so long; null for none. */
  readonly dropOut: { readonly atMs: number; readonly ms: number } | null;
  /** Lets go in the middle and squeezes again. */
  readonly twice: boolean;
  readonly seed: number;
};

export const STEADY_SQUEEZE: MadeSqueeze = {
  peakKg: 22,
  riseMs: 500,
  holdMs: 3_500,
  droop: 0.08,
  tremor: 0.01,
  noiseKg: 0.1,
  zeroKg: 0.3,
  driftKg: 0,
  startMs: QUIET_MS + 400,
  dropOut: null,
  twice: false,
  seed: 1,
};

/** Readings a second. */
export const METER_HZ = 50;
const TREMOR_HZ = 6;
const AFTER_MS = 800;

/** The readings of a simulated meter; the same squeeze and seed give the same readings. */
export function madeReadings(s: MadeSqueeze): readonly Sample[] {
  const random = dice(s.seed);
  const endMs = s.startMs + s.riseMs + s.holdMs + AFTER_MS;
  const count = Math.ceil((endMs / 1_000) * METER_HZ);
  return Array.from({ length: count }, (_, i): Sample => {
    const atMs = (i * 1_000) / METER_HZ;
    const force = forceAt(s, atMs);
    const shake = force * s.tremor * Math.sin((2 * Math.PI * TREMOR_HZ * atMs) / 1_000);
    const zero = s.zeroKg + (s.driftKg * atMs) / endMs;
    return { atMs, kg: force + shake + zero + (random() - 0.5) * 2 * s.noiseKg };
  }).filter(({ atMs }) => !s.dropOut || atMs < s.dropOut.atMs || atMs >= s.dropOut.atMs + s.dropOut.ms);
}

/** Rises smoothly to the peak, droops while held, falls in a quarter of a second. */
function forceAt({ startMs, riseMs, holdMs, peakKg, droop, twice }: MadeSqueeze, atMs: number): number {
  const into = atMs - startMs;
  if (into <= 0) return 0;
  if (into < riseMs) return peakKg * smoothStep(into / riseMs);
  const held = into - riseMs;
  const now = peakKg * (1 - droop * Math.min(1, held / holdMs));
  if (held > holdMs) return now * (1 - smoothStep(Math.min(1, (held - holdMs) / 250)));
  const middle = Math.abs(held - holdMs / 2);
  return twice && middle < 300 ? now * (0.1 + 0.9 * smoothStep(middle / 300)) : now;
}

const smoothStep = (x: number): number => x * x * (3 - 2 * x);
