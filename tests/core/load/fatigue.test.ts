import fc from 'fast-check';
import { after, enduranceMs, FRESH, reserveOf, reserveTrace } from '@/core/load/fatigue';

/** Hand and grip endurance, seconds, against the share of maximum (Frey-Law & Avin 2010). */
const published = (load: number) => 33.55 * load ** -1.61;

test.each([0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6])(
  'a hold at %f of maximum lasts as long as published, within a fifth',
  (load) => {
    const ratio = enduranceMs(load) / 1000 / published(load);
    expect(ratio).toBeGreaterThan(0.8);
    expect(ratio).toBeLessThan(1.2);
  },
);

test('the more is asked, the sooner it is lost; nothing asked lasts for ever', () => {
  expect(enduranceMs(0.6)).toBeLessThan(enduranceMs(0.3));
  expect(enduranceMs(0)).toBe(Infinity);
});

test('the three shares stay shares and add up to one, whatever is asked', () => {
  const spans = fc.array(
    fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.integer({ min: 0, max: 60_000 })),
    {
      maxLength: 8,
    },
  );
  fc.assert(
    fc.property(spans, (list) => {
      const muscle = list.reduce((m, [load, ms]) => after(m, load, ms), FRESH);
      expect(muscle.rested + muscle.active + muscle.fatigued).toBeCloseTo(1, 9);
      for (const share of Object.values(muscle)) {
        expect(share).toBeGreaterThan(-1e-6);
        expect(share).toBeLessThan(1 + 1e-6);
      }
    }),
    { numRuns: 60 },
  );
});

test('rest gives back, and longer rest gives back more; the exact rest agrees with the steps', () => {
  const tired = after(FRESH, 0.5, 60_000);
  const [short, long] = [after(tired, 0, 20_000), after(tired, 0, 60_000)];
  expect(reserveOf(short)).toBeGreaterThan(reserveOf(tired));
  expect(reserveOf(long)).toBeGreaterThan(reserveOf(short));
  // Many rests of under a second go step by step; one long rest is worked out in one go.
  let stepped = tired;
  for (let i = 0; i < 40; i++) stepped = after(stepped, 0, 500);
  expect(reserveOf(stepped)).toBeCloseTo(reserveOf(short), 3);
});

test('two spans of half the length tire as one of the whole', () => {
  const whole = after(FRESH, 0.4, 30_000);
  const halves = after(after(FRESH, 0.4, 15_000), 0.4, 15_000);
  expect(halves.fatigued).toBeCloseTo(whole.fatigued, 6);
});

test('a trace starts whole, falls under load, rises at rest, and ends with the class', () => {
  const trace = reserveTrace(
    [
      { startMs: 60_000, endMs: 120_000, load: 0.4 },
      { startMs: 150_000, endMs: 180_000, load: 0.4 },
    ],
    600_000,
  );
  expect(trace.map((p) => p.atMs)).toEqual([0, 60_000, 120_000, 150_000, 180_000, 600_000]);
  const [start, before, worked, rested, again, end] = trace.map((p) => p.reserve) as [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  expect([start, before]).toEqual([1, 1]);
  expect(worked).toBeLessThan(1);
  expect(rested).toBeGreaterThan(worked);
  expect(again).toBeLessThan(rested);
  expect(end).toBeGreaterThan(again);
  expect(reserveTrace([], 1_000)).toEqual([
    { atMs: 0, reserve: 1 },
    { atMs: 1_000, reserve: 1 },
  ]);
});

test.each([NaN, -0.1, 1.01, Infinity])('a load of %j is none, and refused', (load) => {
  expect(() => after(FRESH, load, 1_000)).toThrow(/share from 0 to 1/);
});

test('no share is ever less than nothing, however loads follow each other', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.integer({ min: 50, max: 20_000 })), {
        maxLength: 12,
      }),
      (loads) => {
        let muscle: ReturnType<typeof after> = FRESH;
        for (const [load, ms] of loads) {
          muscle = after(muscle, load, ms);
          for (const share of [muscle.rested, muscle.active, muscle.fatigued])
            expect(share).toBeGreaterThanOrEqual(-1e-9);
        }
      },
    ),
  );
});
