import { frozen, freezeValues } from '@/core/frozen';
import { placedRows, type Plan } from '@/core/plan';
import { planWith } from './plans';

beforeAll(freezeValues);

test('a value is frozen all the way down, and stays the same value', () => {
  const value = { list: [{ n: 1 }], none: null };
  expect(frozen(value)).toBe(value);
  expect(() => value.list.push({ n: 2 })).toThrow(TypeError);
  expect(() => Object.assign(value.list[0]!, { n: 3 })).toThrow(TypeError);
});

test('a plan that anything was worked out for can no longer be changed', () => {
  const plan: Plan = planWith({ move: ['wrist-bend'] });
  const rows = plan.sections.find((s) => s.id === 'move')!.rows;
  expect(placedRows(plan)).toHaveLength(1);
  expect(() => (rows as unknown[]).push(rows[0])).toThrow(TypeError);
  expect(() => Object.assign(rows[0]!, { note: 'again' })).toThrow(TypeError);
});
