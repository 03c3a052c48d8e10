import { CATALOGUE } from '@/catalogue/movements';
import { ASSUMED_GRIP_KG, fittingGrade, gripDemand, gripMaximum } from '@/core/load/grip';
import { person } from '../people';

const ball = CATALOGUE.prop('foam-ball')!;
const measured = (value: number) =>
  person({ measures: [{ hand: 'R', kind: 'grip', value, on: '2026-11-01' }] });

test('a measured grip is kilograms as newtons; an unmeasured one is assumed and says so', () => {
  const { forceN, assumed } = gripMaximum(measured(20), 'R');
  expect([forceN, assumed]).toEqual([196.20000000000002, false]);
  expect(gripMaximum(measured(20), 'L')).toEqual({ forceN: ASSUMED_GRIP_KG * 9.81, assumed: true });
});

test('demand is force over maximum; putty has no line', () => {
  const maximum = { forceN: 90, assumed: false };
  expect(gripDemand(ball.grades[0]!, 0.5, maximum)).toBeCloseTo(18 / 90);
  expect(gripDemand(CATALOGUE.prop('putty')!.grades[0]!, 0.5, maximum)).toBeNull();
});

test('the grade nearest to the target and not over it', () => {
  const at = (kg: number, target: number) => fittingGrade(ball, 0.5, gripMaximum(measured(kg), 'R'), target);
  expect(at(20, 0.25)!.grade.name).toBe('firm');
  expect(at(20, 0.2)!.grade.name).toBe('soft');
  expect(at(8, 0.25)!.grade.name).toBe('soft');
  expect(at(8, 0.1)).toBeNull();
  for (const kg of [6, 10, 16, 24, 32])
    for (const target of [0.1, 0.25, 0.45]) {
      const choice = at(kg, target);
      if (choice) expect(choice.demand).toBeLessThanOrEqual(target);
    }
});
