import { heldWords } from '@/core/plan';
import { memo, oneOfEqual } from '@/core/remember';

test('equal values are one object, the first that came; of too many the oldest is let go', () => {
  const same = oneOfEqual<{ readonly n: number }>(2);
  const [one, two] = [{ n: 1 }, { n: 2 }];
  expect(same(one)).toBe(one);
  expect(same({ n: 1 })).toBe(one);
  expect(same(two)).toBe(two);
  // Asked for again, the first is no longer the oldest.
  expect(same({ n: 1 })).toBe(one);
  same({ n: 3 });
  expect(same({ n: 1 })).toBe(one);
  expect(same({ n: 2 })).not.toBe(two);
});

test('what is remembered by such an object holds for all that are equal to it', () => {
  const same = oneOfEqual<readonly string[]>(5);
  const remember = memo<number>();
  let worked = 0;
  const length = (list: readonly string[]) => remember([same(list)], '', () => ((worked += 1), list.length));
  expect([length(['a', 'b']), length(['a', 'b']), length(['a'])]).toEqual([2, 2, 1]);
  expect(worked).toBe(2);
});

test.each([
  [0, 0, 'for all as it is'],
  [0, 1, '1 person in their own way'],
  [0, 3, '3 people in their own way'],
  [2, 2, '2 left out'],
  [1, 3, '2 people in their own way, 1 left out'],
])('%j left out of %j held back: %s', (leftOut, heldBack, words) =>
  expect(heldWords({ leftOut, heldBack })).toBe(words),
);
