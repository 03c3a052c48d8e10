import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { madeReadings, STEADY_SQUEEZE, type MadeSqueeze } from '@/core/measure';
import { clockRate } from '../shell/today';

/** What can be wrong with a reading, to see what is made of it. */
export const METER_TROUBLES = [
  'none',
  'too early',
  'twice',
  'short',
  'tremor',
  'gap',
  'drift',
  'lost',
] as const;

export const meterWishSchema = z.strictObject({
  peakKg: z.coerce.number().min(1).max(80),
  trouble: z.enum(METER_TROUBLES),
  seed: z.coerce.number().int().min(1).max(1_000_000),
});
type MeterWish = Immutable<z.infer<typeof meterWishSchema>>;

const TROUBLE: Readonly<Record<MeterWish['trouble'], Partial<MadeSqueeze>>> = {
  none: {},
  'too early': { startMs: 300 },
  twice: { twice: true, holdMs: 4_500 },
  short: { holdMs: 900 },
  tremor: { tremor: 0.08 },
  gap: { dropOut: { atMs: 2_500, ms: 700 } },
  drift: { driftKg: 2.5 },
  lost: {},
};

/** Readings go out ten times a second, as a meter sends them. */
const EVERY_MS = 100;
/** The connection breaks here, ms. */
const LOST_AT_MS = 2_200;

/** The readings in real time, or as much faster as the clock runs; a lost meter breaks off in the middle. */
export function meterStream({ peakKg, trouble, seed }: MeterWish): ReadableStream<Uint8Array> {
  const readings = madeReadings({ ...STEADY_SQUEEZE, peakKg, seed, ...TROUBLE[trouble] });
  const text = new TextEncoder();
  const rate = clockRate();
  let sentMs = 0;
  return new ReadableStream({
    async pull(controller) {
      // A stream that was given nothing does not ask again, so a silence is waited out here.
      for (;;) {
        await new Promise((resolve) => setTimeout(resolve, EVERY_MS / rate));
        const batch = readings.filter((r) => r.atMs >= sentMs && r.atMs < sentMs + EVERY_MS);
        sentMs += EVERY_MS;
        if (trouble === 'lost' && sentMs > LOST_AT_MS)
          return controller.error(new Error('The meter is lost'));
        if (batch.length > 0) {
          const lines = batch.map((r) => `${JSON.stringify(r)}\n`).join('');
          return controller.enqueue(text.encode(lines));
        }
        if (sentMs > readings.at(-1)!.atMs) return controller.close();
      }
    },
  });
}
