import fc from 'fast-check';
import { CATALOGUE } from '@/catalogue/movements';
import { primaryCount, withPrimaryCount, type Dose } from '@/core/dose/dose';
import { lighterDose } from '@/core/dose/lighter';
import { shortDose } from '@/core/dose/short';
import { movementRows } from '@/core/plan/plan';
import type { Plan } from '@/core/plan/plan';
import { applyStep } from '@/core/plan/edit/step';
import { carrySteps, type ItemChange, type Reached } from '@/core/term/carry';
import { rowOfItem, rungsOf, termItems } from '@/core/term/items';
import { weekPlan } from '@/core/term/pattern';
import { usualWeeks } from '@/core/term/term';
import { anyDose } from '../arbitrary';
import { planWith } from '../plans';

const plan = planWith({ move: ['wrist-bend', 'open-close', 'wrist-bend'], grip: ['ball-squeeze'] });
const BALL = { movementId: 'ball-squeeze', nth: 0 };
const doseOfBall = (p: Plan): Dose => rowOfItem(p, BALL)!.dose;

/** The classes after their steps. */
const carried = (classes: readonly Reached[], change: ItemChange, item = BALL): readonly Reached[] =>
  carrySteps(classes, item, change, CATALOGUE).map((step, i) => {
    const { plan: before, lighter } = classes[i]!;
    if (!step) return { plan: before, lighter };
    const result = applyStep(before, step);
    if (!result.ok) throw new Error(result.message);
    return { plan: result.value.plan, lighter };
  });

test('a rung is set in each class it reaches, and nothing else changes', () => {
  const after = carried(
    [
      { plan, lighter: false },
      { plan, lighter: true },
    ],
    { rung: 0 },
  );
  for (const { plan: p } of after) {
    expect(rowOfItem(p, BALL)!.rung).toBe(0);
    expect(doseOfBall(p)).toEqual(doseOfBall(plan));
    expect(rowOfItem(p, { movementId: 'wrist-bend', nth: 0 })).toEqual(movementRows(plan)[0]);
  }
});

test('a dose that is carried into a lighter week is made lighter there', () => {
  const dose = { ...doseOfBall(plan), count: withPrimaryCount(doseOfBall(plan).count, 9) };
  const [first, second, third] = carried(
    [
      { plan, lighter: true },
      { plan, lighter: false },
      { plan, lighter: true },
    ],
    { dose },
  );
  expect(doseOfBall(first!.plan)).toEqual(dose);
  expect(doseOfBall(second!.plan)).toEqual(dose);
  expect(primaryCount(doseOfBall(third!.plan).count)).toBe(6);
});

test('a class without the movement is left alone', () => {
  const bare = planWith({ move: ['open-close'] });
  expect(carrySteps([{ plan: bare, lighter: false }], BALL, { rung: 0 }, CATALOGUE)).toEqual([null]);
});

test('the second time round in a class is an item of its own', () => {
  const [after] = carried([{ plan, lighter: false }], { rung: 0 }, { movementId: 'wrist-bend', nth: 1 });
  expect(movementRows(after!.plan).map((r) => r.rung)).toEqual([undefined, undefined, 0, undefined]);
});

test('carrying the same change again does nothing', () => {
  const change = fc.record(
    { rung: fc.integer({ min: 0, max: 4 }), dose: anyDose },
    { requiredKeys: [] },
  ) as fc.Arbitrary<ItemChange>;
  const classes = fc.array(
    fc.record({ rung: fc.option(fc.integer({ min: 0, max: 2 })), lighter: fc.boolean() }),
    { minLength: 1, maxLength: 6 },
  );
  fc.assert(
    fc.property(change, classes, (what, of) => {
      const before = of.map(({ rung, lighter }) => ({
        plan: carried([{ plan, lighter: false }], rung === null ? {} : { rung })[0]!.plan,
        lighter,
      }));
      const once = carried(before, what);
      expect(carrySteps(once, BALL, what, CATALOGUE).every((s) => s === null)).toBe(true);
    }),
  );
});

describe('the plan of a week', () => {
  const weeks = usualWeeks(8);
  const inWeek = (week: number) => weekPlan(plan, weeks, week, CATALOGUE);

  test('settling in climbs a rung a week to the pattern', () => {
    const rungs = rungsOf(
      termItems([1, 2, 3, 4, 5].map(inWeek), CATALOGUE).find((i) => i.movementId === 'ball-squeeze')!,
    );
    expect(rungs).toEqual([0, 0, 1, 2, 2]);
  });

  test('a lighter week asks less of everything that is counted, and no other week changes a dose', () => {
    expect(doseOfBall(inWeek(5))).toEqual(doseOfBall(plan));
    for (const [i, row] of movementRows(inWeek(4)).entries())
      expect(row.dose).toEqual(lighterDose(movementRows(plan)[i]!.dose));
  });
});

test('a lighter dose is never more, never none, and keeps its range round it', () => {
  fc.assert(
    fc.property(anyDose, (dose) => {
      const lighter = lighterDose(dose);
      expect(primaryCount(lighter.count)).toBeLessThanOrEqual(primaryCount(dose.count));
      expect(primaryCount(lighter.count)).toBeGreaterThanOrEqual(1);
      expect(lighter.sets).toBeGreaterThanOrEqual(1);
      expect(lighter.fewest).toBeLessThanOrEqual(lighter.most);
      if (dose.count.mode !== 'time') expect(lighter.fewest).toBeLessThanOrEqual(primaryCount(lighter.count));
    }),
  );
});

test('items stand in the order of the classes; what is new comes after its neighbour', () => {
  const later = planWith({ move: ['wrist-bend', 'wrist-side', 'open-close'], grip: ['ball-squeeze'] });
  const names = termItems([plan, later], CATALOGUE).map((i) => `${i.movementId} ${i.nth}`);
  expect(names).toEqual(['wrist-bend 0', 'wrist-side 0', 'open-close 0', 'wrist-bend 1', 'ball-squeeze 0']);
});

test('a dose in little room', () => {
  const ball = CATALOGUE.movement('ball-squeeze')!.dose;
  expect(shortDose({ ...ball, count: { mode: 'reps', reps: 8, tempoMs: 1_000 }, sets: 2 })).toBe('2 × 8');
  expect(shortDose({ ...ball, count: { mode: 'hold', holds: 5, holdMs: 6_000, relaxMs: 0 }, sets: 1 })).toBe(
    '5 × 6 s',
  );
  expect(shortDose({ ...ball, count: { mode: 'breaths', breaths: 1 }, sets: 1 })).toBe('1 breath');
  expect(shortDose({ ...ball, count: { mode: 'time', timeMs: 30_000 }, sets: 1 })).toBe('30 s');
});
