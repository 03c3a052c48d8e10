import fc from 'fast-check';
import { mean, median, variance } from '@/core/statistics';

test.each([
  [[3], 3, 3],
  [[1, 2], 1.5, 1.5],
  [[9, 1, 5], 5, 5],
  [[1, 1, 1, 97], 1, 25],
])('%j has the middle %j and the mean %j', (values, middle, average) => {
  expect([median(values), mean(values)]).toEqual([middle, average]);
});

test('the variance of a sample, by hand', () => {
  expect(variance([20, 22, 24])).toBe(4);
  expect(variance([7, 7])).toBe(0);
});

test('the order of the values does not matter, and they are left as they were', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: -100, max: 100 }), { minLength: 2 }), (values) => {
      const before = [...values];
      const turned = [...values].reverse();
      expect(median(turned)).toBe(median(values));
      expect(mean(turned)).toBeCloseTo(mean(values), 9);
      expect(variance(turned)).toBeCloseTo(variance(values), 6);
      expect(values).toEqual(before);
    }),
  );
});
