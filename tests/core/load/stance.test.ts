import fc from 'fast-check';
import { LOAD_SET_UPS } from '@/core/catalogue/movement';
import { MASS } from '@/core/stance/body';
import { loadLadder, nextRung, perWristKg, usualStance } from '@/core/stance/set-ups';
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
    const { middle } = loadOf(stance);
    expect(middle).toBeGreaterThan(from - 0.06);
    expect(middle).toBeLessThan(to + 0.06);
  });

  test('by hand: level from toes to hands, the push along the arm and straight down read alike', () => {
    const { low, high } = loadOf(lean(0), 1);
    // tan a = 0.332 / 0.818; the moment 0.5602 over the distance 0.8828.
    expect(low).toBeCloseTo(0.6346, 2);
    expect(high).toBeCloseTo(low, 6);
  });
});

test('the masses are the whole body', () => {
  expect(MASS.trunk + MASS.arms + MASS.thighs + MASS.legs).toBeCloseTo(1, 9);
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
          if (a.ok && b.ok) expect(b.value.middle).toBeLessThan(a.value.middle);
        },
      ),
    );
  });

  test('a share is the same for tall and short where everything is to scale', () => {
    fc.assert(
      fc.property(stature, stature, (a, b) => {
        expect(loadOf(lean(0.3 * a), a).middle).toBeCloseTo(loadOf(lean(0.3 * b), b).middle, 9);
      }),
    );
  });

  test('handing over more, leaning further, going forward: more on the hands', () => {
    const seat = { kind: 'seated', leanDeg: 25, reachM: 0.5, handsOverSeatM: 0.2, handedOver: 0.4 } as const;
    expect(loadOf({ ...seat, handedOver: 0.6 }).middle).toBeGreaterThan(loadOf(seat).middle);
    expect(loadOf({ ...seat, leanDeg: 35 }).middle).toBeGreaterThan(loadOf(seat).middle);
    expect(loadOf({ ...seat, handedOver: 0 }).middle).toBe(0);
    const fours = (forwardM: number) => loadOf({ kind: 'all fours', forwardM }).middle;
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

describe('the ladder', () => {
  test.each([1.45, 1.6, 1.75, 1.9])('at %f m every set-up has its place, lightest first', (s) => {
    const ladder = loadLadder(s);
    expect(ladder.map((r) => r.setUp).sort()).toEqual([...LOAD_SET_UPS].sort());
    expect(ladder[0]!.setUp).toBe('thighs');
    const shares = ladder.map((r) => r.share);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    const at = (setUp: (typeof LOAD_SET_UPS)[number]) => ladder.findIndex((r) => r.setUp === setUp);
    expect(at('table, seated')).toBeLessThan(at('worktop'));
    expect(at('wall')).toBeLessThan(at('worktop'));
    expect(at('worktop')).toBeLessThan(at('chair seat'));
    expect(at('chair seat')).toBeLessThan(at('straight body'));
  });

  test('the next step is the smallest one up; at the top there is none', () => {
    const ladder = loadLadder(1.7);
    for (const [i, rung] of ladder.entries()) {
      const next = nextRung(ladder, rung.share);
      if (next) expect(ladder.indexOf(next)).toBeGreaterThan(i);
      else expect(ladder.at(-1)!.share - rung.share).toBeLessThan(0.01);
    }
  });

  test('kilograms on a wrist: half of the share when even, all of it on one hand', () => {
    expect(perWristKg(0.2, 70, 0.5)).toEqual({ L: 7, R: 7 });
    expect(perWristKg(0.2, 70, 1)).toEqual({ L: 14, R: 0 });
  });
});
