import fc from 'fast-check';
import { NOTHING_NEW, painTooHigh, restWell, saidWords, saysNothing } from '@/core/screening/check-in';
import type { CheckIn } from '@/core/screening/check-in';

const pain = fc.option(fc.integer({ min: 0, max: 10 }), { nil: null });
const hand = fc.option(fc.constantFrom('L' as const, 'R' as const, 'both' as const), { nil: null });
const anySaid: fc.Arbitrary<CheckIn> = fc.record({
  painLeft: pain,
  painRight: pain,
  stiffnessMin: fc.option(fc.constantFrom(0, 15, 60), { nil: null }),
  anythingNew: fc.boolean(),
  fellHand: hand,
  hotHand: hand,
  numbHand: hand,
  unwell: fc.boolean(),
  notHere: fc.boolean(),
  words: fc.constantFrom('', 'since Sunday'),
});

test('“all well” answers what was not asked, and replaces nothing that was said', () => {
  fc.assert(
    fc.property(anySaid, (said) => {
      const after = restWell(said);
      for (const key of Object.keys(said) as (keyof CheckIn)[])
        if (said[key] !== null) expect(after[key]).toBe(said[key]);
      expect([after.painLeft, after.painRight, after.stiffnessMin]).not.toContain(null);
    }),
  );
});

test('only who has said nothing is wholly well', () => {
  expect(saysNothing(NOTHING_NEW)).toBe(true);
  fc.assert(
    fc.property(anySaid, (said) =>
      expect(saysNothing(said)).toBe(JSON.stringify(said, order) === JSON.stringify(NOTHING_NEW, order)),
    ),
  );
});
const order = Object.keys(NOTHING_NEW).sort();

test.each([
  [{}, ''],
  [{ painLeft: 0, painRight: 0 }, ''],
  [{ painLeft: 6, painRight: 2 }, 'pain 6 left, 2 right'],
  [{ painRight: 3, hotHand: 'R', fellHand: 'L' }, 'pain 3 right; hot; fell'],
  [{ unwell: true, anythingNew: true, numbHand: 'both' }, 'numb; unwell; something new'],
  [{ notHere: true, painLeft: 9 }, 'not here'],
] as const)('beside a name: %j', (said, words) => {
  expect(saidWords({ ...NOTHING_NEW, ...said })).toBe(words);
});

test('above five is too high, in either hand', () => {
  expect(painTooHigh(5, null)).toBeNull();
  expect(painTooHigh(null, 6)).toBe(6);
  expect(painTooHigh(7, 9)).toBe(9);
  expect(painTooHigh(null, null)).toBeNull();
});
