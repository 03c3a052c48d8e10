import fc from 'fast-check';
import { changeFrom, gripThreshold, realChange95, standardError } from '@/core/measure/real-change';
import { readiness } from '@/core/measure/readiness';
import { rotaFor, type Rota, type Visitor } from '@/core/measure/rota';

describe('real change', () => {
  const day = (n: number, ...trials: number[]) => ({ day: `2026-11-${10 + n}`, trials });

  test('the standard error is the root of the mean variance of the days, by hand', () => {
    // Days of 20, 22, 24 (variance 4) and 30, 30, 30 (variance 0): the root of 2.
    expect(standardError([day(1, 20, 22, 24), day(2, 30, 30, 30)])).toBeCloseTo(Math.SQRT2, 9);
    expect(standardError([day(1, 20)])).toBeNull();
    // 1.96 x 1.41421 x 1.41421 = 3.92.
    expect(realChange95(Math.SQRT2)).toBeCloseTo(3.92, 9);
  });

  test('grip needs five kilograms, more where the tries scatter, less only where enough steady ones show it', () => {
    expect(gripThreshold([])).toBe(5);
    expect(gripThreshold([day(1, 20, 20.5, 21)])).toBe(5);
    expect(gripThreshold([day(1, 14, 20, 26)])).toBeCloseTo(1.96 * Math.SQRT2 * 6, 6);
    const steady = [day(1, 20, 20.5, 21), day(2, 21, 21.5, 22), day(3, 20, 20.5, 21)];
    expect(gripThreshold(steady)).toBeCloseTo(1.96 * Math.SQRT2 * 0.5, 6);
  });

  test.each([
    [20, 25, 5, 'more', 'better'],
    [20, 24.9, 5, 'more', 'no real change'],
    [20, 15, 5, 'more', 'worse'],
    [20, 15.1, 5, 'more', 'no real change'],
    [30, 20, 5, 'less', 'better'],
    [20, 30, 5, 'less', 'worse'],
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
    [19.6, 'usual'],
    [19.4, 'lighter day'],
    [18.1, 'lighter day'],
    [17.9, 'rest and glide'],
    [5, 'rest and glide'],
  ])('a squeeze of %j kg: %s', (kg, kind) => {
    expect(readiness(kg, lately).kind).toBe(kind);
  });

  test('too few days say nothing; a hand that is always alike is given a twentieth', () => {
    expect(readiness(20, [20, 20]).kind).toBe('not known');
    expect(readiness(19.1, [20, 20, 20, 20]).kind).toBe('usual');
    expect(readiness(18.5, [20, 20, 20, 20]).kind).toBe('lighter day');
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
