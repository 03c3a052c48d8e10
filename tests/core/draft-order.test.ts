import fc from 'fast-check';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { withOnceMore } from '@/core/draft/once-more';
import { bestOrder, costOfOrder, EXACT_UP_TO, type OrderCost } from '@/core/draft/order';
import { orderOfRows } from '@/core/draft/order-of-rows';
import { movementRows } from '@/core/plan';
import { facts, planWith } from './plans';

const permutations = (n: number): readonly (readonly number[])[] =>
  n === 0
    ? [[]]
    : permutations(n - 1).flatMap((p) =>
        Array.from({ length: n }, (_, i) => [...p.slice(0, i), n - 1, ...p.slice(i)]),
      );

const tables = (n: number) =>
  fc.tuple(
    fc.array(fc.array(fc.integer({ min: 0, max: 60 }), { minLength: n, maxLength: n }), {
      minLength: n,
      maxLength: n,
    }),
    fc.array(fc.array(fc.integer({ min: -10, max: 25 }), { minLength: n, maxLength: n }), {
      minLength: n,
      maxLength: n,
    }),
  );

const costOf = ([before, beside]: readonly [number[][], number[][]]): OrderCost<number> => ({
  before: (a, b) => before[a]![b]!,
  beside: (a, b) => beside[a]![b]!,
});

test.each([1, 2, 3, 4, 5, 6, 7, 8])('the best order of %i is that of trying every one', (n) => {
  const all = permutations(n);
  fc.assert(
    fc.property(tables(n), (table) => {
      const cost = costOf(table);
      const found = bestOrder(
        Array.from({ length: n }, (_, i) => i),
        cost,
      );
      expect([...found].sort()).toEqual(Array.from({ length: n }, (_, i) => i));
      expect(costOfOrder(found, cost)).toBe(Math.min(...all.map((order) => costOfOrder(order, cost))));
    }),
    { numRuns: n === 8 ? 5 : 20 },
  );
});

test('past the exact size nothing is lost and the order given is never bettered by chance alone', () => {
  const n = EXACT_UP_TO + 5;
  fc.assert(
    fc.property(tables(n), (table) => {
      const cost = costOf(table);
      const given = Array.from({ length: n }, (_, i) => i);
      const found = bestOrder(given, cost);
      expect(new Set(found).size).toBe(n);
      expect(costOfOrder(found, cost)).toBeLessThanOrEqual(costOfOrder(given, cost));
    }),
    { numRuns: 10 },
  );
});

describe('the rows of a section', () => {
  const ordered = (ids: readonly string[]) =>
    orderOfRows(ids.map((id) => ({ movement: CATALOGUE.movement(id)! }))).map((r) => r.movement);

  test('however they are handed in, they come out alike', () => {
    const some = MOVEMENTS.filter((m) => m.section === 'move')
      .slice(0, 7)
      .map((m) => m.id);
    expect(ordered([...some].reverse())).toEqual(ordered(some));
  });

  test('movement before stretch, and what follows another after it', () => {
    const move = ordered(
      MOVEMENTS.filter((m) => m.section === 'move')
        .slice(0, 9)
        .map((m) => m.id),
    );
    const firstStretch = move.findIndex((m) => m.effort === 'stretch');
    const lastActive = move.findLastIndex((m) => m.effort === 'active');
    if (firstStretch >= 0) expect(lastActive).toBeLessThan(firstStretch);
    for (const pair of MOVEMENTS.flatMap((m) => m.follows.map((before) => [m.id, before] as const))) {
      const [later, earlier] = pair.map((id) => CATALOGUE.movement(id)!);
      if (!later || !earlier || later.effort !== earlier.effort) continue;
      expect(ordered(pair)).toEqual([earlier, later]);
    }
  });

  test('props go out and come in once', () => {
    const grip = MOVEMENTS.filter((m) => m.section === 'grip' && m.propId !== null);
    const twoEach = [...new Set(grip.map((m) => m.propId))]
      .map((prop) => grip.filter((m) => m.propId === prop).slice(0, 2))
      .filter((two) => two.length === 2)
      .slice(0, 3);
    const props = ordered(twoEach.flat().map((m) => m.id)).map((m) => m.propId);
    const changes = props.filter((p, i) => i > 0 && p !== props[i - 1]).length;
    expect(changes).toBe(twoEach.length - 1);
  });

  test('more rows than can be looked at together are ordered as well: none is lost, what moves comes before what stretches', () => {
    const all = MOVEMENTS.filter((m) => m.positions[0] === 'chair' && m.section !== 'settle').slice(0, 70);
    const order = ordered(all.map((m) => m.id));
    expect(order.map((m) => m.id).sort()).toEqual(all.map((m) => m.id).sort());
    const [firstStretch, lastWarm] = [
      order.findIndex((m) => m.effort === 'stretch'),
      order.findLastIndex((m) => m.effort === 'active'),
    ];
    expect(firstStretch).toBeGreaterThan(order.length / 3);
    expect(lastWarm).toBeGreaterThan(0);
    expect(ordered([...all].reverse().map((m) => m.id))).toEqual(order);
  });
});

test('once more moves the hands before it moves the body, and takes the body only where time is left', () => {
  const plan = planWith({
    move: ['ankle-circles', 'wrist-bend', 'head-turns', 'open-close'],
    ease: ['stroke-arms'],
  });
  const again = (minutes: number) => {
    const rows = (p: typeof plan) => movementRows(p).length;
    const total = (p: typeof plan) => rows(p) * 60_000;
    const longer = withOnceMore(plan, facts(), minutes * 60_000, total);
    const part = longer.sections.find((s) => s.name === 'Once more')!;
    return part.rows.map((r) => (r.kind === 'movement' ? r.movementId : r.kind));
  };
  expect(again(7)).toEqual(['wrist-bend', 'open-close']);
  expect(again(9)).toEqual(['wrist-bend', 'open-close', 'ankle-circles', 'head-turns']);
});
