import fc from 'fast-check';
import { arrowAlong, arrowOfRound, pressMark, spanOf } from '@/core/draw/arrow';
import { around, boundsOf, grownBy, holds } from '@/core/draw/bounds';
import { capsule, hullOfDiscs, type Disc } from '@/core/draw/outline';
import type { Vec } from '@/core/draw/vector';
import { runs } from '../../runs';

const anyDisc: fc.Arbitrary<Disc> = fc.record({
  x: fc.integer({ min: -300, max: 300 }),
  y: fc.integer({ min: -300, max: 300 }),
  r: fc.integer({ min: 8, max: 90 }),
});
const boxOf = (discs: readonly Disc[]) =>
  around(discs.map(({ x, y, r }) => ({ x: x - r, y: y - r, w: 2 * r, h: 2 * r })));

test('the box of an outline is that of the circles it goes round', () => {
  fc.assert(
    fc.property(fc.array(anyDisc, { minLength: 1, maxLength: 6 }), (discs) => {
      const box = boundsOf(hullOfDiscs(discs));
      expect(holds(grownBy(box, 3), boxOf(discs))).toBe(true);
      expect(holds(grownBy(boxOf(discs), 3), box)).toBe(true);
    }),
    { numRuns: runs(2_000, 0.1) },
  );
});

test('so is that of two circles and all between them', () => {
  fc.assert(
    fc.property(anyDisc, anyDisc, (a, b) => {
      const box = boundsOf(capsule(a, b));
      expect(holds(grownBy(box, 3), boxOf([a, b]))).toBe(true);
      expect(holds(grownBy(boxOf([a, b]), 3), box)).toBe(true);
    }),
    { numRuns: runs(2_000, 0.1) },
  );
});

const round = (at: (turn: number) => readonly [number, number]): Vec[] =>
  Array.from({ length: 25 }, (_, i) => [...at((i / 24) * 2 * Math.PI), 0] as unknown as Vec);

test.each<[string, readonly Vec[], number]>([
  ['a circle has one head', round((t) => [80 * Math.cos(t), 80 * Math.sin(t)]), 1],
  ['an oval has one head', round((t) => [90 * Math.cos(t), 40 * Math.sin(t)]), 1],
  ['a figure of eight has one head', round((t) => [90 * Math.sin(t), 40 * Math.sin(2 * t)]), 1],
  ['there and back has two', round((t) => [90 * Math.cos(t), 0]), 2],
  ['there and back on a bow has two', round((t) => [90 * Math.cos(t), 30 * Math.cos(2 * t)]), 2],
])('%s', (_, path, heads) => {
  expect(arrowOfRound(path).heads).toHaveLength(heads);
});

test('one way has a head where it ends; a press has none', () => {
  const way: readonly Vec[] = [
    [0, 0, 0],
    [40, 0, 0],
    [90, 0, 0],
  ];
  expect(arrowAlong(way).heads).toEqual([expect.stringMatching(/^M90\.0 0\.0L/)]);
  expect(pressMark([0, 0, 0], [0, 1, 0]).heads).toEqual([]);
  expect(spanOf(way)).toBe(90);
});
