import { memo } from '@/core/remember';

test('the same objects and word are worked out once, anything else anew', () => {
  const remember = memo<{ n: number }>();
  const [a, b, c] = [{}, {}, {}];
  let n = 0;
  const make = () => ({ n: n++ });
  const first = remember([a, b], 'x', make);
  expect(remember([a, b], 'x', make)).toBe(first);
  expect(remember([a, b], 'y', make)).not.toBe(first);
  expect(remember([a, c], 'x', make)).not.toBe(first);
  expect(remember([c, b], 'x', make)).not.toBe(first);
  expect(n).toBe(4);
});
