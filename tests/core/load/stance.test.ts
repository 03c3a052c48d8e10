import fc from 'fast-check';
import { LOAD_SET_UPS } from '@/core/catalogue/movement';
import { AVERAGE } from '@/core/stance/body';
import {
  likeRungs,
  loadLadder,
  nextRung,
  ON_THE_FLOOR,
  perWristKg,
  usualStance,
} from '@/core/stance/set-ups';
import { loadOfStance, type Stance, type StanceLoad } from '@/core/stance/stance';

const H = 1.75;
const lean = (handHeightM: number, pivot: 'toes' | 'knees' = 'toes'): Stance => ({
  kind: 'lean',
  surface: 'flat',
  pivot,
  handHeightM,
});
const loadOf = (stance: Stance, statureM = H): StanceLoad => {
  const result = loadOfStance(stance, statureM);
  if (!result.ok) throw new Error(result.message);
  return result.value;
};

describe('share of body weight through the hands, against published figures', () => {
  test.each([
    ['straight body on the floor', lean(0), 0.64, 0.69],
    ['hands on 30.5 cm', lean(0.305), 0.55, 0.55],
    ['hands on 61 cm', lean(0.61), 0.41, 0.41],
    ['knees on the floor', lean(0, 'knees'), 0.49, 0.54],
  ])('%s', (_, stance, from, to) => {
    const { middle } = loadOf(stance).scale;
    expect(middle).toBeGreaterThan(from - 0.06);
    expect(middle).toBeLessThan(to + 0.06);
  });

  test('by hand: a straight body on the floor with its arms square to it, and with its hands under the shoulders', () => {
    const { scale, wrist } = loadOf(lean(0), 1);
    // tan a = 0.332 / 0.818; the moment 0.5602 over the distance 0.8828; and the moment with upright arms over 0.818.
    expect(scale.low).toBeCloseTo(0.6346, 2);
    expect(scale.high).toBeCloseTo(0.731, 2);
    // Along the arms it is more than a scale reads.
    expect(wrist.middle).toBeGreaterThan(scale.middle);
    // Hands under the shoulders in both: with the hips lifted it is a little less than straight.
    const { high } = loadOf({ kind: 'feet back' }).scale;
    expect(scale.high).toBeGreaterThan(high - 0.05);
  });
});

test('the masses are the whole body', () => {
  expect(AVERAGE.mass.trunk + AVERAGE.mass.arms + AVERAGE.mass.thighs + AVERAGE.mass.legs).toBeCloseTo(1, 9);
});

describe('what must hold of any stance', () => {
  const stature = fc.double({ min: 1.35, max: 2, noNaN: true });

  test('the higher the hands, the less they bear', () => {
    fc.assert(
      fc.property(
        stature,
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0.02, max: 0.2, noNaN: true }),
        (s, h, more) => {
          const [a, b] = [loadOfStance(lean(h), s), loadOfStance(lean(h + more), s)];
          if (a.ok && b.ok) expect(b.value.scale.middle).toBeLessThan(a.value.scale.middle);
        },
      ),
    );
  });

  test('a share is the same for tall and short where everything is to scale', () => {
    fc.assert(
      fc.property(stature, stature, (a, b) => {
        expect(loadOf(lean(0.3 * a), a).wrist.middle).toBeCloseTo(loadOf(lean(0.3 * b), b).wrist.middle, 9);
      }),
    );
  });

  test('handing over more, leaning further, going forward: more on the hands', () => {
    const seat = { kind: 'seated', leanDeg: 25, reachM: 0.5, handsOverSeatM: 0.2, handedOver: 0.4 } as const;
    expect(loadOf({ ...seat, handedOver: 0.6 }).scale.middle).toBeGreaterThan(loadOf(seat).scale.middle);
    expect(loadOf({ ...seat, leanDeg: 35 }).scale.middle).toBeGreaterThan(loadOf(seat).scale.middle);
    expect(loadOf({ ...seat, handedOver: 0 }).scale.middle).toBe(0);
    const fours = (forwardM: number) => loadOf({ kind: 'all fours', forwardM }).scale.middle;
    expect(fours(0.1)).toBeGreaterThan(fours(0));
    expect(fours(0)).toBeGreaterThan(fours(-0.1));
  });

  test('the body is drawn from the lengths it is computed with', () => {
    fc.assert(
      fc.property(stature, fc.constantFrom(...LOAD_SET_UPS), (s, setUp) => {
        const result = loadOfStance(usualStance(setUp, s), s);
        if (!result.ok) return;
        const { hip, shoulder, knee } = result.value.points;
        const far = (a: readonly number[], b: readonly number[]) => Math.hypot(a[0]! - b[0]!, a[1]! - b[1]!);
        expect(far(hip, shoulder) / s).toBeCloseTo(0.288, 1);
        expect(far(hip, knee) / s).toBeCloseTo(0.245, 1);
        for (const [, y] of Object.values(result.value.points)) expect(y).toBeGreaterThan(-1e-9);
      }),
    );
  });

  test.each([
    [lean(1.7), /do not reach that high/],
    [lean(-0.1), /do not reach/],
    [
      { kind: 'seated', leanDeg: 0, reachM: 1.2, handsOverSeatM: 0.2, handedOver: 1 } as const,
      /do not reach there/,
    ],
    [{ kind: 'all fours', forwardM: 0.6 } as const, /another set-up/],
  ])('%j is refused in words', (stance, words) => {
    expect(loadOfStance(stance as Stance, H)).toMatchObject({
      ok: false,
      message: expect.stringMatching(words),
    });
  });
});

/** Every stance that the fields of the bench, or a file, can say. */
const anyStance = fc.oneof(
  fc.record({
    kind: fc.constant('lean' as const),
    surface: fc.constantFrom('flat' as const, 'wall' as const),
    pivot: fc.constantFrom('toes' as const, 'knees' as const),
    handHeightM: fc.double({ min: 0, max: 1.6, noNaN: true }),
  }),
  fc.record({
    kind: fc.constant('seated' as const),
    leanDeg: fc.double({ min: 0, max: 60, noNaN: true }),
    reachM: fc.double({ min: 0, max: 1.2, noNaN: true }),
    handsOverSeatM: fc.double({ min: 0, max: 1, noNaN: true }),
    handedOver: fc.double({ min: 0, max: 1, noNaN: true }),
  }),
  fc.record({ kind: fc.constant('unload' as const), handedOver: fc.double({ min: 0, max: 1, noNaN: true }) }),
  fc.record({
    kind: fc.constant('all fours' as const),
    forwardM: fc.double({ min: -0.3, max: 0.3, noNaN: true }),
  }),
  fc.constant({ kind: 'feet back' as const }),
);
/** What stands above what the body turns about. */
const above = (stance: Stance): number =>
  stance.kind === 'seated'
    ? AVERAGE.mass.trunk + AVERAGE.mass.arms
    : stance.kind === 'unload' ||
        stance.kind === 'all fours' ||
        (stance.kind === 'lean' && stance.pivot === 'knees')
      ? 1 - AVERAGE.mass.legs
      : 1;

test('no stance that can be set puts more on the hands than there is, and none says less than 0.03 either way', () => {
  fc.assert(
    fc.property(anyStance, fc.double({ min: 1.3, max: 2.05, noNaN: true }), (stance, s) => {
      const result = loadOfStance(stance, s);
      if (!result.ok) {
        expect(result.message).toMatch(/\.$/);
        return;
      }
      for (const { low, middle, high } of [result.value.scale, result.value.wrist]) {
        for (const share of [low, middle, high]) {
          expect(Number.isFinite(share)).toBe(true);
          expect(share).toBeGreaterThanOrEqual(0);
          expect(share).toBeLessThanOrEqual(above(stance) + 1e-9);
        }
        expect(low).toBeLessThanOrEqual(middle);
        expect(middle).toBeLessThanOrEqual(high);
        if (middle > 0.03 && middle + 0.03 < above(stance)) {
          expect(middle - low).toBeGreaterThanOrEqual(0.03 - 1e-9);
          expect(high - middle).toBeGreaterThanOrEqual(0.03 - 1e-9);
        }
      }
    }),
    { numRuns: 2_000 },
  );
});

test.each([0, 0.01, 0.2, 0.3, 0.5, 0.8])(
  'on a wall hands at %f m are refused: they would slide',
  (handHeightM) => {
    const wall = { kind: 'lean', surface: 'wall', pivot: 'toes', handHeightM } as const;
    expect(loadOfStance(wall, 1.62)).toMatchObject({
      ok: false,
      message: expect.stringMatching(/would slide/),
    });
  },
);

test('hands too near a seated body are refused', () => {
  const near = { kind: 'seated', leanDeg: 60, reachM: 0.1, handsOverSeatM: 0.2, handedOver: 1 } as const;
  expect(loadOfStance(near, 1.62).ok).toBe(false);
});

describe('the ladder', () => {
  test.each([1.45, 1.6, 1.75, 1.9])('at %f m every set-up has its place, lightest first', (s) => {
    const ladder = loadLadder(s);
    expect(ladder.map((r) => r.setUp).sort()).toEqual([...LOAD_SET_UPS].sort());
    expect(ladder[0]!.setUp).toBe('thighs');
    const middles = ladder.map((r) => r.band.middle);
    expect(middles).toEqual([...middles].sort((a, b) => a - b));
    const at = (setUp: (typeof LOAD_SET_UPS)[number]) => ladder.findIndex((r) => r.setUp === setUp);
    expect(at('table, seated')).toBeLessThan(at('worktop'));
    expect(at('wall')).toBeLessThan(at('worktop'));
    expect(at('worktop')).toBeLessThan(at('chair seat'));
    expect(at('chair seat')).toBeLessThan(at('straight body'));
  });

  test('the next step is surely one; from what is done standing or seated none is on the floor; at the top there is none', () => {
    for (const s of [1.45, 1.62, 1.75, 1.9]) {
      const ladder = loadLadder(s);
      for (const rung of ladder) {
        const next = nextRung(ladder, usualStance(rung.setUp, s), rung.band);
        const same = likeRungs(ladder, rung.band).map((r) => r.setUp);
        expect(same).toContain(rung.setUp);
        if (!next) continue;
        expect(next.band.low).toBeGreaterThan(rung.band.high);
        expect(same).not.toContain(next.setUp);
        if (!ON_THE_FLOOR.has(rung.setUp)) expect(ON_THE_FLOOR.has(next.setUp)).toBe(false);
      }
      expect(nextRung(ladder, usualStance('straight body', s), ladder.at(-1)!.band)).toBeNull();
    }
  });

  test('kilograms on a wrist: half of the share when even, all of it on one hand', () => {
    expect(perWristKg(0.2, 70, 0.5)).toEqual({ L: 7, R: 7 });
    expect(perWristKg(0.2, 70, 1)).toEqual({ L: 14, R: 0 });
    expect(perWristKg(0.2, 70, 0)).toEqual({ L: 0, R: 14 });
  });
});
