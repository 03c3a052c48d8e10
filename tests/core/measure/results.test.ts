import fc from 'fast-check';
import { bell, dice } from '@/core/dice';
import { mean } from '@/core/statistics';
import { SEED } from '../../runs';
import { changeFrom, gripThreshold, realChange95, standardError } from '@/core/measure/real-change';
import { readiness } from '@/core/measure/readiness';
import { rotaFor, type Rota, type Visitor } from '@/core/measure/rota';

describe('real change', () => {
  test('the standard error is that of test and retest: the root of half the mean square of the days’ differences, by hand', () => {
    // Differences of 2, -2 and 4: squares of 4, 4 and 16, their mean 8, half of it 4.
    expect(standardError([20, 22, 20, 24])).toBeCloseTo(2, 9);
    expect(standardError([20])).toBeNull();
    // With very many days 2.04 x 1.41421 x 1.41421.
    expect(realChange95(Math.SQRT2, 30)).toBeCloseTo(4.08, 9);
    expect(realChange95(1, 0)).toBe(Infinity);
  });

  test('grip needs five kilograms, more where tries differ, less only where six days or more show it, and never under one', () => {
    expect(gripThreshold([])).toBe(5);
    expect(gripThreshold([20])).toBe(5);
    expect(gripThreshold([20, 20, 20, 20, 20])).toBe(5);
    const unsteady = [{ day: '2026-11-11', trials: [14, 20, 26] }];
    expect(gripThreshold([20], unsteady)).toBeCloseTo(1.96 * Math.SQRT2 * 6, 6);
    expect(gripThreshold([20, 21, 20, 21, 20, 21], unsteady)).toBeCloseTo(3.18, 6);
    expect(gripThreshold([20, 21, 20, 21, 20, 21])).toBeCloseTo(3.18, 6);
    expect(gripThreshold([20, 20, 20, 20, 20, 20])).toBe(1);
    const coarse = [{ day: '2026-11-18', trials: [20], step: 2 }];
    expect(gripThreshold([20, 20, 20, 20, 20, 20], coarse)).toBe(4);
    expect(gripThreshold([20], [{ ...coarse[0]!, step: 5 }])).toBe(10);
  });

  test('of people who have not changed at most eight in a hundred are called better or worse, however many days there are', () => {
    const roll = dice(SEED);
    for (const days of [2, 4, 6, 10, 20])
      for (const spread of [0.5, 1, 1.5]) {
        const called = Array.from({ length: 2_000 }, () => {
          // Three tries a day of a grip that differs from day to day, the mean of them, as a meter of half kilograms shows it.
          const scores = Array.from({ length: days }, () => {
            const today = 22 + spread * bell(roll);
            return mean([0, 1, 2].map(() => Math.round(2 * (today + 0.7 * bell(roll))) / 2));
          });
          return changeFrom(scores[0]!, scores.at(-1)!, gripThreshold(scores));
        }).filter((change) => change !== 'no real change').length;
        expect(called / 2_000).toBeLessThanOrEqual(0.08);
      }
  });

  test.each([
    [20, 25.1, 5, 'more', 'better'],
    [20, 25, 5, 'more', 'no real change'],
    [20, 14.9, 5, 'more', 'worse'],
    [20, 15, 5, 'more', 'no real change'],
    [30, 20, 5, 'less', 'better'],
    [20, 30, 5, 'less', 'worse'],
    [20, 20, 0, 'more', 'no real change'],
    [null, 30, 5, 'more', 'not yet'],
    [20, null, 5, 'more', 'not yet'],
  ] as const)('from %j to %j with %j, %s is better: %s', (from, to, threshold, betterIs, change) => {
    expect(changeFrom(from, to, threshold, betterIs)).toBe(change);
  });
});

describe('readiness today', () => {
  const lately = [20, 22, 21, 23, 19, 21, 20, 22];

  test('the median and the spread by hand', () => {
    // Median 21; distances 1 1 0 2 2 0 1 1, their median 1; 1 x 1.4826.
    const { medianKg, spreadKg } = readiness(21, lately);
    expect(medianKg).toBe(21);
    expect(spreadKg).toBeCloseTo(1.4826, 4);
  });

  test.each([
    [21, 'usual'],
    [30, 'usual'],
    [18.1, 'usual'],
    [17.9, 'lighter day'],
    [15.1, 'lighter day'],
    [15, 'rest and glide'],
    [5, 'rest and glide'],
  ])('a squeeze of %j kg: %s', (kg, kind) => {
    expect(readiness(kg, lately).kind).toBe(kind);
  });

  test('too few days say nothing; a hand that is always alike is given a twentieth', () => {
    expect(readiness(20, [20, 20, 20]).kind).toBe('not known');
    expect(readiness(18.1, [20, 20, 20, 20]).kind).toBe('usual');
    expect(readiness(17.9, [20, 20, 20, 20]).kind).toBe('lighter day');
  });

  test('of ordinary days at most one in ten is called lighter and one in fifty a day to rest', () => {
    const roll = dice(SEED);
    for (const days of [4, 5, 6, 8])
      for (const spread of [0.03, 0.06, 0.09]) {
        const kinds = Array.from({ length: 4_000 }, () => {
          const squeeze = () => 22 * (1 + spread * bell(roll));
          return readiness(squeeze(), Array.from({ length: days }, squeeze)).kind;
        });
        const share = (kind: string) => kinds.filter((k) => k === kind).length / kinds.length;
        expect(share('lighter day')).toBeLessThanOrEqual(0.1);
        expect(share('rest and glide')).toBeLessThanOrEqual(0.02);
      }
  });

  test('one odd day does not move what is usual', () => {
    expect(readiness(21, [...lately.slice(1), 60]).kind).toBe('usual');
  });
});

describe('the rota of a measuring day', () => {
  const MINUTE = 60_000;
  const group = (needs: readonly (readonly number[])[]): Visitor[] =>
    needs.map((minutes, i) => ({ id: `p${i}`, needsMs: minutes.map((m) => m * MINUTE) }));

  function checkRota(people: readonly Visitor[], { visits, lengthMs, leastMs }: Rota) {
    expect(visits).toHaveLength(people.flatMap((p) => p.needsMs.filter((ms) => ms > 0)).length);
    for (const a of visits)
      for (const b of visits)
        if (a !== b && (a.personId === b.personId || a.station === b.station))
          expect(a.endMs <= b.startMs || b.endMs <= a.startMs).toBe(true);
    for (const p of people)
      p.needsMs.forEach((ms, s) => {
        const found = visits.filter((v) => v.personId === p.id && v.station === s);
        expect(found.map((v) => v.endMs - v.startMs)).toEqual(ms > 0 ? [ms] : []);
      });
    expect(lengthMs).toBeGreaterThanOrEqual(leastMs);
  }

  test('fifteen people through three stations in the least there can be', () => {
    const people = group(Array.from({ length: 15 }, () => [4, 3, 2]));
    const rota = rotaFor(people);
    checkRota(people, rota);
    expect(rota).toMatchObject({ lengthMs: 15 * 4 * MINUTE, proven: true });
  });

  test('small groups are exact: no order of all of them is shorter', () => {
    const needs = fc.array(
      fc.tuple(
        ...([0, 1, 2].map(() => fc.integer({ min: 0, max: 6 })) as [
          fc.Arbitrary<number>,
          fc.Arbitrary<number>,
          fc.Arbitrary<number>,
        ]),
      ),
      {
        minLength: 1,
        maxLength: 2,
      },
    );
    fc.assert(
      fc.property(needs, (minutes) => {
        const people = group(minutes);
        const rota = rotaFor(people);
        checkRota(people, rota);
        expect(rota.proven).toBe(true);
        expect(rota.lengthMs).toBe(shortest(people));
      }),
      { numRuns: 40 },
    );
  });

  test('larger groups keep the rules and stay within a fifth of the least', () => {
    const needs = fc.array(fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 3, maxLength: 3 }), {
      minLength: 4,
      maxLength: 20,
    });
    fc.assert(
      fc.property(needs, (minutes) => {
        const people = group(minutes);
        const rota = rotaFor(people);
        checkRota(people, rota);
        expect(rota.lengthMs).toBeLessThanOrEqual(rota.leastMs * 1.2);
      }),
      { numRuns: 60 },
    );
  });

  test('nobody, and nothing to do', () => {
    expect(rotaFor([])).toEqual({ visits: [], lengthMs: 0, leastMs: 0, proven: true });
    expect(rotaFor(group([[0, 0, 0]])).visits).toEqual([]);
  });

  /** Every order of visits, each placed as early as it can be: brute force. */
  function shortest(people: readonly Visitor[]): number {
    const all = people.flatMap((p) => p.needsMs.flatMap((ms, s) => (ms > 0 ? [{ id: p.id, s, ms }] : [])));
    const walk = (left: typeof all, free: Readonly<Record<string, number>>, end: number): number =>
      left.length === 0
        ? end
        : Math.min(
            ...left.map((v) => {
              const at = Math.max(free[v.id] ?? 0, free[`s${v.s}`] ?? 0) + v.ms;
              return walk(
                left.filter((w) => w !== v),
                { ...free, [v.id]: at, [`s${v.s}`]: at },
                Math.max(end, at),
              );
            }),
          );
    return walk(all, {}, 0);
  }
});
