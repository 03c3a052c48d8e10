import fc from 'fast-check';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { exposureOf } from '@/core/screening/exposure';
import { judgeHands } from '@/core/screening/judge-hands';
import { VERDICTS } from '@/core/screening/verdict';
import type { LoadSetting } from '@/core/stance/load-setting';
import { runs } from '../runs';
import { anyPress } from './arbitrary';
import { person } from './people';

const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
const find = (id: string) => CATALOGUE.movement(id)!;
const at = (id: string, press?: LoadSetting) => {
  const movement = find(id);
  return exposureOf(press ? { ...movement, press } : movement, movement.dose, context);
};
const lean = (handHeightM: number, leftShare = 0.5): LoadSetting => ({
  stance: { kind: 'lean', surface: 'flat', pivot: 'toes', handHeightM },
  statureM: 1.62,
  leftShare,
});

test('weight through a wrist is a share of body weight, none where nothing is leaned on', () => {
  expect(at('ball-squeeze').wristShare).toBe(0);
  expect(at('wall-lean').wristShare).toBeCloseTo(0.114, 2);
  expect(at('wall-lean', lean(0.9)).wristShare).toBeCloseTo(0.22, 2);
  // All of it on one side is twice as much for that wrist.
  expect(at('wall-lean', lean(0.9, 1)).wristShare).toBeCloseTo(2 * at('wall-lean', lean(0.9)).wristShare);
});

test('a heavier stance than usual is more effort, a lighter one not less', () => {
  const usual = at('wall-lean').effortOf10;
  expect(at('wall-lean', lean(0.45)).effortOf10).toBeGreaterThan(usual);
  const lighter: LoadSetting = {
    stance: { kind: 'unload', handedOver: 0.05 },
    statureM: 1.62,
    leftShare: 0.5,
  };
  expect(at('wall-lean', lighter).effortOf10).toBe(usual);
});

test('a stance takes its place with it: nobody leans on the floor from a chair unseen', () => {
  const seated = MOVEMENTS.find((m) => m.loadSetUp === 'thighs')!;
  expect(at(seated.id).position).not.toBe('floor');
  expect(at(seated.id, lean(0.9)).position).toBe('standing');
  const floor: LoadSetting = { stance: { kind: 'all fours', forwardM: 0 }, statureM: 1.62, leftShare: 0.5 };
  expect(at(seated.id, floor).position).toBe('floor');
  const unsteady = person({
    conditions: [{ conditionId: 'balance', side: 'none', state: 'settled', since: null, spots: [] }],
  });
  const verdict = judgeHands(unsteady, { ...seated, press: lean(0.9) }, seated.dose, context);
  expect(verdict.L.kind).toBe('leaveOut');
});

test('no stance set at the bench makes a verdict milder than the usual one', () => {
  const loading = MOVEMENTS.filter((m) => m.loadSetUp);
  const anyone = fc.record({
    conditionId: fc.constantFrom(...CAUTIONS.conditions.filter((c) => c.sided).map((c) => c.id)),
    state: fc.constantFrom('settled' as const, 'sore' as const, 'flare' as const),
  });
  fc.assert(
    fc.property(fc.constantFrom(...loading), anyPress, anyone, (movement, press, { conditionId, state }) => {
      const who = person({ conditions: [{ conditionId, state, side: 'both', since: null, spots: [] }] });
      const [usual, pressed] = [movement, { ...movement, press }].map((m) =>
        VERDICTS.indexOf(judgeHands(who, m, m.dose, context).L.kind),
      );
      // A lighter stance may drop what only its weight asked for.
      if (
        exposureOf({ ...movement, press }, movement.dose, context).wristShare >=
        exposureOf(movement, movement.dose, context).wristShare
      )
        expect(pressed).toBeGreaterThanOrEqual(usual!);
    }),
    { numRuns: runs(3_000, 0.3) },
  );
});
