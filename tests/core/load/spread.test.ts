import { LOAD_SET_UPS } from '@/core/catalogue';
import { loadOfStance, spreadAmongBodies, usualStance } from '@/core/stance';
import { dice } from '@/core/dice';
import { someBody } from '@/core/stance/body';

const STATURES = [1.4, 1.55, 1.65, 1.8, 1.95];

test.each(LOAD_SET_UPS.flatMap((setUp) => STATURES.map((m) => [setUp, m] as const)))(
  '%s at %s m: among bodies it is a little more or less than the average, and the same again',
  (setUp, statureM) => {
    const stance = usualStance(setUp, statureM);
    const average = loadOfStance(stance, statureM);
    const spread = spreadAmongBodies(stance, statureM);
    if (!average.ok || !spread) throw new Error('does not reach');
    expect(spread.middle).toBe(average.value.wrist.middle);
    expect(spread.low).toBeLessThan(spread.middle);
    expect(spread.high).toBeGreaterThan(spread.middle);
    expect(spread.high - spread.low).toBeLessThan(0.12);
    expect(spread.low).toBeGreaterThan(0);
    expect(spread.high).toBeLessThanOrEqual(1);
    expect(spreadAmongBodies(stance, statureM)).toEqual(spread);
  },
);

test('hands that do not reach have no spread', () => {
  expect(
    spreadAmongBodies({ kind: 'lean', surface: 'flat', pivot: 'toes', handHeightM: 1.6 }, 1.4),
  ).toBeNull();
});

test('the masses of any body come to one', () => {
  const roll = dice(7);
  for (let i = 0; i < 100; i++) {
    const { trunk, arms, thighs, legs } = someBody(roll).mass;
    expect(trunk + arms + thighs + legs).toBeCloseTo(1, 9);
  }
});
