import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sharing } from '@/core/remember';
import { runs } from '../runs';

/** As it comes back over the wire: equal, and nothing of it the same object; keys in another order. */
const again = <T>(value: T): T =>
  JSON.parse(JSON.stringify(value), (_, v: unknown) =>
    typeof v === 'object' && v !== null && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).reverse())
      : v,
  ) as T;

const row = (id: string, n: number) => ({ id, dose: { n, passes: [{ name: 'palm up' }] } });
const plan = { breathMs: 8_000, rows: [row('a', 4), row('b', 6), row('c', 8)] };

test('what came back equal is what was there before', () => {
  expect(sharing(plan, again(plan))).toBe(plan);
});

test('of what came back changed, the rest is what was there before, also where a row was put in or moved', () => {
  const next = again({ ...plan, rows: [row('new', 1), plan.rows[2]!, row('a', 5), plan.rows[1]!] });
  const shared = sharing(plan, next);
  expect(shared).toEqual(next);
  expect(shared.rows[1]).toBe(plan.rows[2]);
  expect(shared.rows[3]).toBe(plan.rows[1]);
  expect(shared.rows[2]!.dose.passes).toBe(plan.rows[0]!.dose.passes);
  expect(shared.rows[2]).not.toBe(plan.rows[0]);
});

test('whatever it was and is, it is what it is now', () => {
  const any = fc.jsonValue();
  fc.assert(
    fc.property(any, any, (before, next) => {
      expect(sharing(before, next)).toEqual(next);
      expect(sharing(next, again(next))).toEqual(next);
    }),
    { numRuns: runs(200) },
  );
});

test('what was left out or became a list is not taken for what was there', () => {
  expect(sharing<object>({ a: 1, b: 2 }, { a: 1 })).toEqual({ a: 1 });
  expect(sharing<object>([1, 2], { 0: 1, 1: 2 })).toEqual({ 0: 1, 1: 2 });
  expect(sharing<unknown>([1, 2, 3], [1, 2])).toEqual([1, 2]);
});
