import { CATALOGUE } from '@/catalogue/movements';
import { completed, NEW_ID, startOf } from '@/catalogue/own-start';
import type { Movement } from '@/core/catalogue/movement';
import { ownIssues, ownMovementSchema, withOwn, type OwnMovement } from '@/core/catalogue/own';
import { fullPose } from '@/core/hand/pose';

const copy = (id: string): OwnMovement => completed(startOf(id, CATALOGUE));
const changed = (own: OwnMovement, part: Partial<Movement>): OwnMovement =>
  completed({ ...own, movement: { ...own.movement, ...part } });

test.each(CATALOGUE.movements.map((m) => [m.id]))('a copy of %s is whole and can be stored', (id) => {
  const own = copy(id);
  expect(ownIssues(own, CATALOGUE)).toEqual([]);
  expect(ownMovementSchema.safeParse(own).error).toBeUndefined();
});

test('a new one says what it still needs', () => {
  const fresh = completed(startOf(undefined, CATALOGUE));
  expect(ownIssues(fresh, CATALOGUE)).toEqual([
    'Give it a name',
    'Say what is done',
    'Give two to four things to say',
    'Give one to three things to watch',
  ]);
});

test('a name that is taken is refused, whatever its letters’ case', () => {
  const own = changed(copy('wrist-bend'), { name: 'BALL SQUEEZE' });
  expect(ownIssues(own, CATALOGUE)).toContain('Another movement has this name already');
});

test('a pose beyond a limit is refused in words', () => {
  const own = copy('open-close');
  const bad: OwnMovement = {
    ...own,
    figure: {
      ...own.figure,
      motion: {
        kind: 'loop',
        keys: [
          { pose: fullPose({ 'index.pip': 140 }), share: 0.5 },
          { pose: fullPose({}), share: 0.5 },
        ],
      },
    },
  };
  expect(ownIssues(bad, CATALOGUE)).toEqual([
    'Pose 1: index middle joint (PIP) is at 140, its limits are 0 to 100',
  ]);
});

test('what follows from a choice is filled in: floor is off, loading has its counter and set-up', () => {
  const load = changed(copy('wrist-bend'), { effort: 'load', name: 'My lean', positions: ['floor'] });
  expect(load.movement.clearanceReason).toMatch(/cleared/);
  expect(load.movement.seatedAlternative).toBe('table-lean');
  expect(load.movement.loadSetUp).toBe('thighs');
  expect(load.movement.counters).toContain('backs-together');
  expect(ownIssues(load, CATALOGUE)).toEqual([]);
});

test('the seated form comes first, and steps get a pose each', () => {
  const own = changed(copy('thumb-to-tips'), {
    positions: ['standing', 'chair'],
    dose: {
      ...copy('thumb-to-tips').movement.dose,
      count: {
        mode: 'sequence',
        rounds: 3,
        steps: ['index', 'middle', 'ring', 'little', 'all'],
        stepMs: 900,
      },
    },
  });
  expect(own.movement.positions).toEqual(['chair', 'standing']);
  expect(own.figure.motion.kind === 'steps' && Object.keys(own.figure.motion.poses)).toEqual([
    'index',
    'middle',
    'ring',
    'little',
    'all',
  ]);
  expect(ownIssues(own, CATALOGUE)).toEqual([]);
});

test('own movements join the catalogue; archived ones can be looked up but are not offered', () => {
  expect(withOwn(CATALOGUE, [])).toBe(CATALOGUE);
  const own = copy('wrist-bend');
  const there = withOwn(CATALOGUE, [own]);
  expect(there.movements.map((m) => m.id)).toContain(NEW_ID);
  expect(there.figure(NEW_ID)).toBe(own.figure);
  expect(there.movement('ball-squeeze')).toBe(CATALOGUE.movement('ball-squeeze'));
  const away = withOwn(CATALOGUE, [{ ...own, archived: true }]);
  expect(away.movements.map((m) => m.id)).not.toContain(NEW_ID);
  expect(away.movement(NEW_ID)).toBe(own.movement);
});
