import fc from 'fast-check';
import { lowestOfHands, lowestReserve } from '@/core/load/reserve-range';
import { reserveTrace, type LoadSpan } from '@/core/load/fatigue';

const END_MS = 600_000;
const hold = (load: number, startMs = 60_000, ms = 30_000): LoadSpan => ({
  startMs,
  endMs: startMs + ms,
  load,
});
const spans = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 100 }), fc.integer({ min: 1, max: 40 })), {
    minLength: 1,
    maxLength: 8,
  })
  .map((list) => list.map(([percent, s], i) => hold(percent / 100, i * 60_000, s * 1_000)));

test('whatever is asked, the range holds what is worked out, stays a share, and is the same again', () => {
  fc.assert(
    fc.property(spans, (list) => {
      const { low, middle, high } = lowestReserve(list, END_MS);
      expect(middle).toBe(Math.min(...reserveTrace(list, END_MS).map((p) => p.reserve)));
      expect(low).toBeLessThanOrEqual(middle);
      expect(high).toBeGreaterThanOrEqual(middle);
      expect(low).toBeGreaterThanOrEqual(0);
      expect(high).toBeLessThanOrEqual(1);
      expect(lowestReserve(list, END_MS)).toEqual({ low, middle, high });
    }),
    { numRuns: 30 },
  );
});

test('a point of ten more or less matters where something is asked, and nothing where a hand rests', () => {
  const { low, high } = lowestReserve([hold(0.4)], END_MS);
  expect(high - low).toBeGreaterThan(0.02);
  expect(high - low).toBeLessThan(0.2);
  expect(lowestReserve([hold(0)], END_MS)).toEqual({ low: 1, middle: 1, high: 1 });
});

test('of several hands it is that of the one that gets lowest; of none there is none', () => {
  const lists = [[hold(0.2)], [hold(0.6)], []];
  const traces = lists.map((list) => reserveTrace(list, END_MS));
  expect(lowestOfHands(lists, traces, END_MS)).toEqual(lowestReserve(lists[1]!, END_MS));
  expect(lowestOfHands([[]], [reserveTrace([], END_MS)], END_MS)).toBeNull();
});
