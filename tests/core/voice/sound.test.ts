import fc from 'fast-check';
import { asClip, spokenPart } from '@/core/voice';
import { toneSamples, TONES } from '@/core/voice/tones';

const RATE = 16_000;
const hum = (seconds: number, loud: number) =>
  Float32Array.from({ length: seconds * RATE }, (_, i) => loud * Math.sin((2 * Math.PI * 220 * i) / RATE));
const quiet = (seconds: number) => new Float32Array(Math.round(seconds * RATE));
const joined = (...parts: readonly Float32Array[]) => Float32Array.from(parts.flatMap((p) => [...p]));
const loudest = (samples: Float32Array) => Math.max(...samples.map(Math.abs));

test('silence before and after is cut, whatever the loudness', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.05, max: 0.9, noNaN: true }),
      fc.double({ min: 0, max: 0.5, noNaN: true }),
      fc.double({ min: 0, max: 0.5, noNaN: true }),
      (loud, before, after) => {
        const recording = joined(quiet(before), hum(0.3, loud), quiet(after));
        const part = spokenPart(recording, RATE)!;
        expect(Math.abs(part.from / RATE - before)).toBeLessThan(0.02);
        expect(Math.abs((part.to - part.from) / RATE - 0.3)).toBeLessThan(0.04);
      },
    ),
    { numRuns: 30 },
  );
});

test('what is spoken softly and what is spoken loudly come out equally loud, and never overdriven', () => {
  const [soft, strong] = [hum(0.3, 0.05), hum(0.3, 0.9)].map((s) => asClip(joined(quiet(0.1), s), RATE)!);
  expect(loudest(soft!)).toBeCloseTo(loudest(strong!), 2);
  const peaked = hum(0.3, 0.02);
  peaked[1_000] = 0.9;
  expect(loudest(asClip(peaked, RATE)!)).toBeLessThanOrEqual(0.9);
});

test('of a recording in which nothing is heard there is no clip', () => {
  expect(asClip(quiet(1), RATE)).toBeNull();
  expect(asClip(new Float32Array(0), RATE)).toBeNull();
});

test('every tone begins and ends in silence, so that it does not crack', () => {
  for (const tone of ['count', 'second', 'breath', 'change'] as const) {
    const samples = toneSamples(tone, RATE, 1);
    expect(samples[0]).toBe(0);
    expect(Math.abs(samples.at(-1)!)).toBeLessThan(0.01);
    expect(loudest(samples)).toBeLessThanOrEqual(TONES[tone].gain);
  }
});
