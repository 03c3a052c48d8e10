import fc from 'fast-check';
import { queueAt, restOfDay } from '@/core/measure/measuring-day';
import { rotaFor } from '@/core/measure/rota';
import { STATIONS, type RealVisit } from '@/core/measure/stations';

const MINUTE = 60_000;
const people = (n: number) => Array.from({ length: n }, (_, i) => `p${i}`);
const MINUTES = [4, 3, 4];

test('fifteen people through three stations take no longer than the busiest station', () => {
  const rota = restOfDay(people(15), MINUTES, [], 0);
  expect(rota.lengthMs).toBe(15 * 4 * MINUTE);
  expect(rota.proven).toBe(true);
});

test('a small group is exact: two people of three stations, by hand', () => {
  // 4 and 4 minutes at grip one after the other; both are elsewhere meanwhile: eleven minutes each at least.
  expect(restOfDay(people(2), MINUTES, [], 0).lengthMs).toBe(11 * MINUTE);
});

const real = (
  personId: string,
  station: RealVisit['station'],
  from: number,
  to: number | null,
): RealVisit => ({
  personId,
  station,
  startMs: from * MINUTE,
  endMs: to === null ? null : to * MINUTE,
});

test('what was visited is not planned again; who is late is planned from now', () => {
  const visits = [real('p0', 'grip', 0, 5), real('p1', 'press', 0, null)];
  const rota = restOfDay(people(2), MINUTES, visits, 9 * MINUTE);
  const grip = rota.visits.filter((v) => v.station === 0);
  expect(grip.map((v) => [v.personId, v.startMs / MINUTE])).toEqual([
    ['p0', 0],
    ['p1', expect.any(Number)],
  ]);
  // Still sitting after nine minutes: expected to be done now at the earliest.
  expect(rota.visits.find((v) => v.personId === 'p1' && v.station === 1)!.endMs).toBe(9 * MINUTE);
  for (const v of rota.visits.filter(
    (x) => !visits.some((r) => r.personId === x.personId && STATIONS[x.station]!.id === r.station),
  ))
    expect(v.startMs).toBeGreaterThanOrEqual(9 * MINUTE);
});

test('each station says who is there and who is next, and nobody twice', () => {
  const visits = [real('p0', 'grip', 0, null), real('p1', 'press', 0, 3)];
  const rota = restOfDay(people(3), MINUTES, visits, 3 * MINUTE);
  expect(queueAt(rota, 0, visits).here?.personId).toBe('p0');
  expect(
    queueAt(rota, 0, visits)
      .next.map((v) => v.personId)
      .sort(),
  ).toEqual(['p1', 'p2']);
  expect(queueAt(rota, 1, visits)).toMatchObject({ here: null });
  expect(queueAt(rota, 1, visits).next.map((v) => v.personId)).not.toContain('p1');
});

test('with any visits begun nobody is at two stations at once and no station has two people from now on', () => {
  const begun = fc.uniqueArray(
    fc.record({ person: fc.integer({ min: 0, max: 5 }), station: fc.integer({ min: 0, max: 2 }) }),
    { maxLength: 5, selector: (v) => v.person },
  );
  fc.assert(
    fc.property(begun, fc.integer({ min: 5, max: 30 }), (of, now) => {
      const ids = people(6);
      const visits = of.map((v, i) => ({
        personId: ids[v.person]!,
        station: v.station,
        startMs: i * 60,
        endMs: i * 60 + 50,
      }));
      const rota = rotaFor(
        ids.map((id) => ({ id, needsMs: [4, 3, 4] })),
        { visits, nowMs: now * 60 },
      );
      expect(rota.visits).toHaveLength(18);
      expect(rota.lengthMs).toBeGreaterThanOrEqual(rota.leastMs);
      for (const key of ['personId', 'station'] as const)
        for (const a of rota.visits)
          for (const b of rota.visits)
            if (a !== b && a[key] === b[key] && !visits.includes(a) && !visits.includes(b))
              expect(a.endMs <= b.startMs || b.endMs <= a.startMs).toBe(true);
    }),
    { numRuns: 60 },
  );
});
