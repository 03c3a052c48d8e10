import fc from 'fast-check';
import { LOAD_SET_UPS } from '@/core/catalogue/movement';
import { AVERAGE } from '@/core/stance/body';
import { boutIndex, dayIndex, weekIndex } from '@/core/load/index-of-loading';
import { BEFORE_MS, readPush, simulatedKg, type ScalePush, type ScaleReading } from '@/core/load/scale';
import { PLANNED_SHARE } from '@/core/stance/set-up-share';
import { usualStance } from '@/core/stance/set-ups';
import { limbsOf } from '@/core/stance/side-view';
import { loadOfStance } from '@/core/stance/stance';

const pressed = (press: ScalePush, lengthMs = 8_000): ScaleReading[] =>
  Array.from({ length: lengthMs / 100 }, (_, i) => ({
    atMs: (i + 1) * 100,
    kg: simulatedKg(press, (i + 1) * 100),
  }));

describe('the bathroom scale', () => {
  test.each([
    [{ kg: 12, zeroKg: 0, sway: 0 }],
    [{ kg: 12, zeroKg: 1.4, sway: 0 }],
    [{ kg: 30, zeroKg: 0.6, sway: 0.05 }],
  ])('a press of %j is read to within a twentieth, its zero taken off', (press) => {
    const read = readPush(pressed(press));
    expect(read.trouble).toBeNull();
    expect(read.zeroKg).toBeCloseTo(press.zeroKg, 1);
    expect(Math.abs(read.kg - press.kg) / press.kg).toBeLessThan(0.05);
  });

  test('what sways too much is not read, and nothing pressed is no press', () => {
    expect(readPush(pressed({ kg: 12, zeroKg: 0, sway: 0.4 })).trouble).toBe('unsteady');
    expect(readPush(pressed({ kg: 0, zeroKg: 1, sway: 0 })).trouble).toBe('no press');
    expect(readPush([]).trouble).toBe('no press');
  });

  test('before the press only the zero shows; it comes on and never shows less than nothing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (kg, zeroKg, sway) => {
          const all = pressed({ kg, zeroKg, sway });
          for (const r of all) expect(r.kg).toBeGreaterThanOrEqual(0);
          for (const r of all.filter((x) => x.atMs < BEFORE_MS))
            expect(Math.abs(r.kg - zeroKg)).toBeLessThan(0.06);
        },
      ),
    );
  });
});

describe('the loading index', () => {
  test('intensity x ln(N + 1), by hand', () => {
    expect(boutIndex(0.2, 9)).toBeCloseTo(0.2 * Math.log(10), 9);
    expect(boutIndex(0.2, 0)).toBe(0);
  });

  test('a second bout six hours later counts 63 %, at once it counts nothing, a day later nearly whole', () => {
    const one = boutIndex(0.3, 8);
    expect(dayIndex(0.3, 8, 2, 6) / one).toBeCloseTo(1 + (1 - Math.exp(-1)), 6);
    expect(dayIndex(0.3, 8, 2, 0)).toBeCloseTo(one, 9);
    expect(dayIndex(0.3, 8, 2, 24) / one).toBeGreaterThan(1.98);
    expect(dayIndex(0.3, 8, 0, 6)).toBe(0);
    expect(weekIndex(2, 3)).toBe(6);
  });

  test('twice the leans is far less than twice the index; twice the weight is twice', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 80 }),
        fc.double({ min: 0.02, max: 0.4, noNaN: true }),
        (n, w) => {
          expect(boutIndex(w, 2 * n)).toBeLessThan(1.5 * boutIndex(w, n));
          expect(boutIndex(2 * w, n)).toBeCloseTo(2 * boutIndex(w, n), 9);
        },
      ),
    );
  });
});

describe('the figure from the side', () => {
  test.each(LOAD_SET_UPS)(
    '%s: arms as long as arms, limbs joined end to end, nothing through the floor',
    (setUp) => {
      const stature = 1.65;
      const load = loadOfStance(usualStance(setUp, stature), stature);
      if (!load.ok) throw new Error(load.message);
      const limbs = limbsOf(load.value.points, stature);
      const of = (name: string) => limbs.find((l) => l.name === name)!;
      const far = (a: readonly number[], b: readonly number[]) => Math.hypot(a[0]! - b[0]!, a[1]! - b[1]!);
      expect(of('upper arm').to).toEqual(of('forearm').from);
      expect(of('thigh').to).toEqual(of('lower leg').from);
      const arm = far(of('upper arm').from, of('upper arm').to) + far(of('forearm').from, of('forearm').to);
      expect(arm).toBeGreaterThanOrEqual(AVERAGE.arm * stature - 0.02);
      expect(arm).toBeLessThan(AVERAGE.arm * stature * 1.1);
      for (const l of limbs) expect(Math.min(l.from[1], l.to[1])).toBeGreaterThan(-0.02);
    },
  );
});

test('planning shares rise with the ladder and are one wrist’s half', () => {
  expect(PLANNED_SHARE.thighs).toBeLessThan(PLANNED_SHARE.worktop);
  expect(PLANNED_SHARE.worktop).toBeLessThan(PLANNED_SHARE['straight body']);
  for (const share of Object.values(PLANNED_SHARE)) {
    expect(share).toBeGreaterThan(0.02);
    expect(share).toBeLessThan(0.4);
  }
});
