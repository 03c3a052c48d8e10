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

test('few keys and many that begin alike do not meet', () => {
  const remember = memo<string>();
  const [a, b] = [{}, {}];
  expect(remember([a], 'x', () => 'one')).toBe('one');
  expect(remember([a, b], 'x', () => 'two')).toBe('two');
  expect(remember([a], 'x', () => 'again')).toBe('one');
  expect(remember([], 'x', () => 'none')).toBe('none');
});
