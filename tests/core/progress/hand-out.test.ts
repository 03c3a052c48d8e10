import { CATALOGUE } from '@/catalogue/movements';
import { handOutLines } from '@/core/progress/hand-out';
import { checkPlan } from '@/core/plan/check/check';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { person } from '../people';
import { facts, planWith } from '../plans';

const well = person({ id: 'w', firstName: 'Wenda', initial: 'A' });
const numb = person({
  id: 'n',
  firstName: 'Nilo',
  initial: 'B',
  conditions: [
    { conditionId: 'inflammatory-arthritis', side: 'both', state: 'flare', since: null, spots: [] },
  ],
});
const plan = planWith({ grip: ['ball-squeeze', 'cloth-wring', 'alternate-fists'] });

const linesOf = (...people: (typeof well)[]) => {
  const { verdicts } = checkPlan(plan, facts({ people }));
  const snapshot = { plan, people, helpers: [], slotMs: 0, shown: [] };
  return rowsOfSnapshot(snapshot, CATALOGUE).map((row) =>
    handOutLines(row, people, verdicts.get(row.rowId), CATALOGUE),
  );
};

test('what changes hands before each row is told, and that the last is taken back', () => {
  expect(linesOf(well)).toEqual([
    ['Hand out foam balls to 1'],
    ['Take back the foam balls', 'Hand out cotton cloths to 1'],
    ['Take back the cotton cloths'],
  ]);
});

test('whose both hands do something else is handed nothing, by name', () => {
  const [ball, cloth] = linesOf(well, numb);
  expect(ball).toEqual(['Hand out foam balls to 1; none for Nilo B']);
  expect(cloth![1]).toBe('Hand out cotton cloths to 1; none for Nilo B');
});

test('who does it with nothing in the hands is handed nothing either, as in the kit', () => {
  const without = person({ id: 'o', firstName: 'Orla', initial: 'C', propsOut: ['foam-ball'] });
  const [ball, cloth] = linesOf(well, without);
  expect(ball).toEqual(['Hand out foam balls to 1; none for Orla C']);
  expect(cloth![1]).toBe('Hand out cotton cloths to 2');
  const kit = checkPlan(plan, facts({ people: [well, without] })).kit;
  // The instructor shows with one of each.
  expect(kit.map((line) => [line.prop.id, line.needed])).toEqual([
    ['foam-ball', 2],
    ['cloth', 3],
  ]);
});
