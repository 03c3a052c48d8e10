import { z } from 'zod';
import type { Sample } from '@/core/measure';

/**
 * A grip meter: it gives samples from the word "wait" to the end of a squeeze, then resolves; it rejects when it is lost. One on a
 * serial line or over Bluetooth would be another of these.
 */
export type Meter = {
  readonly read: (onSamples: (samples: readonly Sample[]) => void, signal: AbortSignal) => Promise<void>;
};

const sampleSchema = z.object({ atMs: z.number(), kg: z.number() });

export type MeterWish = { readonly peakKg: number; readonly trouble: string; readonly seed: number };

/** The meter that comes with Oskil: made-up readings over the wire. */
export const simulatedMeter = (wish: MeterWish): Meter => ({
  read: async (onSamples, signal) => {
    const query = new URLSearchParams({
      peakKg: String(wish.peakKg),
      trouble: wish.trouble,
      seed: String(wish.seed),
    });
    const reply = await fetch(`/meter?${query}`, { signal });
    if (!reply.ok || !reply.body) throw new Error('The meter does not answer');
    const reader = reply.body.pipeThrough(new TextDecoderStream()).getReader();
    let rest = '';
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return;
      const lines = (rest + value).split('\n');
      rest = lines.pop() ?? '';
      onSamples(lines.filter(Boolean).map((line) => sampleSchema.parse(JSON.parse(line))));
    }
  },
});
