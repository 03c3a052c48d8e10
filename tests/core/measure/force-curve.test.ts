import fc from 'fast-check';
import { QUIET_MS, readTrial, scoreOfTrials, type Trial } from '@/core/measure/force-curve';
import { madeReadings, METER_HZ, STEADY_SQUEEZE, type MadeSqueeze } from '@/core/measure/simulated-meter';

const read = (over: Partial<MadeSqueeze> = {}): Trial =>
  readTrial(madeReadings({ ...STEADY_SQUEEZE, ...over }));
const good = (over: Partial<MadeSqueeze> = {}) => {
  const trial = read(over);
  if (!trial.ok) throw new Error(trial.reason);
  return trial;
};
const refused = (over: Partial<MadeSqueeze>): string => {
  const trial = read(over);
  return trial.ok ? '' : trial.reason;
};

test('a steady squeeze: peak, start, time to peak, hold, and its zero taken off', () => {
  const trial = good();
  expect(trial.peakKg).toBeCloseTo(22, 0);
  expect(trial.startMs).toBeGreaterThanOrEqual(QUIET_MS + 400);
  expect(trial.startMs).toBeLessThan(QUIET_MS + 600);
  expect(trial.timeToPeakMs).toBeGreaterThan(250);
  expect(trial.timeToPeakMs).toBeLessThan(900);
  expect(trial.heldMs).toBeGreaterThan(3_000);
  expect(trial.zeroKg).toBeCloseTo(0.3, 1);
});

test('whatever hand it is, the peak is found within half a kilogram and the zero does not matter', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 6, max: 60 }),
      fc.integer({ min: 200, max: 1_200 }),
      fc.double({ min: -2, max: 2, noNaN: true }),
      fc.integer({ min: 1, max: 999 }),
      (peakKg, riseMs, zeroKg, seed) => {
        const trial = good({ peakKg, riseMs, zeroKg, seed, tremor: 0, noiseKg: 0.1 });
        expect(Math.abs(trial.peakKg - peakKg)).toBeLessThan(0.5);
      },
    ),
    { numRuns: 60 },
  );
});

test('a trembling hand is less steady, and its peak is not taken from one shake', () => {
  const [calm, shaky] = [good({ tremor: 0 }), good({ tremor: 0.08 })];
  expect(shaky.unsteadyPercent).toBeGreaterThan(calm.unsteadyPercent + 2);
  expect(shaky.peakKg).toBeLessThan(22 * 1.08);
});

test('one stray reading does not make a peak', () => {
  const samples = madeReadings(STEADY_SQUEEZE).map((s, i) => (i === 120 ? { ...s, kg: s.kg + 20 } : s));
  const trial = readTrial(samples);
  expect(trial.ok && trial.peakKg).toBeLessThan(27);
});

test.each<[string, Partial<MadeSqueeze>, RegExp]>([
  ['begun too early', { startMs: 300 }, /^The squeeze began before the word/],
  ['let go and taken again', { twice: true, holdMs: 4_500 }, /^Let go and squeezed again/],
  ['too short', { holdMs: 900 }, /^Held for \d\.\d s only/],
  ['a silent meter', { dropOut: { atMs: 2_500, ms: 600 } }, /^The meter was silent for 0\.6 s/],
  ['nothing in the hand', { peakKg: 0.05, tremor: 0 }, /^No squeeze was felt/],
])('%s is refused with its reason', (_, over, words) => {
  expect(refused(over)).toMatch(words);
});

test('a short hole in the readings is borne, a meter that sends nothing is not', () => {
  expect(read({ dropOut: { atMs: 2_500, ms: 120 } }).ok).toBe(true);
  expect(readTrial([])).toMatchObject({
    ok: false,
    reason: expect.stringMatching(/^Too little was read/) as string,
  });
});

test('a zero that drifts by half a kilogram moves the peak by no more than that', () => {
  expect(Math.abs(good({ driftKg: 0.5 }).peakKg - good().peakKg)).toBeLessThanOrEqual(0.5);
});

test('a zero that drifts away is refused, up or down, and a reading that ends while the hand still squeezes is not', () => {
  expect(refused({ driftKg: 2.5 })).toMatch(/^The meter’s zero moved by 2\.\d kg during the squeeze/);
  expect(refused({ driftKg: -2 })).toMatch(/^The meter’s zero moved by/);
  const all = madeReadings(STEADY_SQUEEZE);
  expect(readTrial(all.filter((s) => s.atMs < STEADY_SQUEEZE.startMs + 3_500)).ok).toBe(true);
});

test('the same squeeze and seed give the same readings, another seed others', () => {
  expect(madeReadings(STEADY_SQUEEZE)).toEqual(madeReadings(STEADY_SQUEEZE));
  expect(madeReadings({ ...STEADY_SQUEEZE, seed: 2 })).not.toEqual(madeReadings(STEADY_SQUEEZE));
  const [first, second] = madeReadings(STEADY_SQUEEZE);
  expect(second!.atMs - first!.atMs).toBe(1_000 / METER_HZ);
});

test.each([
  [[20, 23, 22], 'best', 23],
  [[20, 23, 22], 'mean of three', 21.7],
  [[20, 23], 'best', 23],
  [[20, 23], 'mean of three', null],
  [[20, 23, 22, 30], 'mean of three', 21.7],
  [[], 'best', null],
] as const)('%j by %s is %j', (peaks, scoring, score) => {
  expect(scoreOfTrials(peaks, scoring)).toBe(score);
});
