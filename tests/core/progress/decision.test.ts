import fc from 'fast-check';
import {
  decide,
  effortTarget,
  groupMovesOn,
  type Decision,
  type DecisionKind,
  type Outcome,
  type ProgressState,
} from '@/core/progress/decision';

const easy: Outcome = {
  day: '2026-11-18',
  present: true,
  movements: [{ movementId: 'palms-turn', completed: true, atTop: true }],
  effort: 3,
  painRise: 0,
  worseLater: false,
  formLost: 0,
};
const missed: Outcome = {
  ...easy,
  present: false,
  movements: [],
  effort: null,
  painRise: null,
  worseLater: null,
};
const plain: ProgressState = { flare: false, flareSettled: false, effortTarget: 4, backWhileAway: 0 };
const o = ({
  completed = true,
  atTop = completed,
  ...over
}: Partial<Outcome> & { completed?: boolean; atTop?: boolean } = {}): Outcome => ({
  ...easy,
  movements: [{ movementId: 'palms-turn', completed, atTop }],
  ...over,
});
const times = (n: number, what: Outcome): Outcome[] => Array.from({ length: n }, () => what);

type Case = readonly [
  name: string,
  outcomes: readonly Outcome[],
  standing: Partial<ProgressState>,
  kind: DecisionKind,
  rungs: number | null,
];

const CASES: readonly Case[] = [
  // Move on: the last two in full, at the top, easy, quiet.
  ['two easy classes', [easy, easy], {}, 'move on', 1],
  ['three easy classes', [easy, easy, easy], {}, 'move on', 1],
  ['effort just at four', [o({ effort: 4 }), o({ effort: 4 })], {}, 'move on', 1],
  ['pain up by one', [o({ painRise: 1 }), easy], {}, 'move on', 1],
  ['pain down', [o({ painRise: -2 }), o({ painRise: -1 })], {}, 'move on', 1],
  ['a class without the family between', [easy, o({ movements: [] }), easy], {}, 'move on', 1],
  ['away from a class without the family', [easy, { ...missed }, easy], {}, 'move on', 1],
  ['afterwards not asked', [o({ worseLater: null }), o({ worseLater: null })], {}, 'move on', 1],
  ['a hard class before the last two', [o({ effort: 8 }), easy, easy], {}, 'move on', 1],
  ['pain before the last two', [o({ painRise: 4 }), easy, easy], {}, 'move on', 1],
  [
    'under the target of a later week',
    [o({ effort: 6 }), o({ effort: 6 })],
    { effortTarget: 6 },
    'move on',
    1,
  ],
  [
    'a low target does not lower what is easy',
    [o({ effort: 4 }), o({ effort: 4 })],
    { effortTarget: 3 },
    'move on',
    1,
  ],
  ['form lost once', [easy, o({ formLost: 1 })], {}, 'move on', 1],
  ['away once, then two easy', [easy, missed, easy, easy], {}, 'move on', 1],
  ['away between the two that count', [easy, missed, easy], {}, 'move on', 1],
  // Stay.
  ['pain up by one, and nobody asked later', [o({ painRise: 1, worseLater: null }), easy], {}, 'stay', 0],
  ['nothing of it was theirs', [easy, easy, o({ movements: [], painRise: 3 })], {}, 'stay', 0],
  ['no class yet', [], {}, 'stay', 0],
  ['one class only', [easy], {}, 'stay', 0],
  ['not all was done', [easy, o({ completed: false })], {}, 'stay', 0],
  ['not all the time before', [o({ completed: false }), easy], {}, 'stay', 0],
  ['the count has room', [easy, o({ atTop: false })], {}, 'stay', 0],
  ['the count had room', [o({ atTop: false }), easy], {}, 'stay', 0],
  ['effort five in the first weeks', [easy, o({ effort: 5 })], {}, 'stay', 0],
  ['effort five the time before', [o({ effort: 5 }), easy], {}, 'stay', 0],
  ['effort not known', [easy, o({ effort: null })], {}, 'stay', 0],
  ['pain not known', [easy, o({ painRise: null })], {}, 'stay', 0],
  ['pain rose by 2 the time before', [o({ painRise: 2 }), easy], {}, 'stay', 0],
  ['pain up afterwards the time before', [o({ worseLater: true }), easy], {}, 'stay', 0],
  ['over a later target by one', [easy, o({ effort: 7 })], { effortTarget: 6 }, 'stay', 0],
  ['one class missed', [easy, easy, missed], {}, 'stay', 0],
  ['one missed after pain', [easy, o({ painRise: 3 }), missed], {}, 'stay', 0],
  ['came first late, one class', [missed, missed, easy], {}, 'stay', 0],
  // Step back one.
  ['pain rose by 2', [easy, o({ painRise: 2 })], {}, 'step back', -1],
  ['pain rose by 5', [easy, o({ painRise: 5 })], {}, 'step back', -1],
  ['worse two hours later', [easy, o({ worseLater: true })], {}, 'step back', -1],
  ['worse though pain was down in class', [easy, o({ painRise: -1, worseLater: true })], {}, 'step back', -1],
  ['effort two over the target', [easy, o({ effort: 6 })], {}, 'step back', -1],
  ['effort two over a later target', [easy, o({ effort: 8 })], { effortTarget: 6 }, 'step back', -1],
  ['effort two over a low target', [easy, o({ effort: 5 })], { effortTarget: 3 }, 'step back', -1],
  ['form lost twice', [easy, o({ formLost: 2 })], {}, 'step back', -1],
  ['pain in the very first class', [o({ painRise: 2 })], {}, 'step back', -1],
  ['effort in the very first class', [o({ effort: 9 })], {}, 'step back', -1],
  ['pain and nothing completed', [easy, o({ completed: false, painRise: 3 })], {}, 'step back', -1],
  ['two missed', [easy, easy, missed, missed], {}, 'step back', -1],
  ['two missed after pain', [easy, o({ painRise: 3 }), missed, missed], {}, 'step back', -1],
  // Step back two.
  ['three missed', [easy, ...times(3, missed)], {}, 'step back', -2],
  ['five missed', [easy, ...times(5, missed)], {}, 'step back', -2],
  ['a settled flare', [easy, easy], { flareSettled: true }, 'step back', -2],
  ['a settled flare and pain', [easy, o({ painRise: 3 })], { flareSettled: true }, 'step back', -2],
  ['a settled flare, first class', [], { flareSettled: true }, 'step back', -2],
  // The larger step back, whatever was missed.
  ['a settled flare, then one missed', [easy, missed], { flareSettled: true }, 'step back', -2],
  ['a settled flare, then two missed', [easy, missed, missed], { flareSettled: true }, 'step back', -2],
  ['easy classes, one of them under a flare', [easy, o({ inFlare: true })], {}, 'stay', 0],
  // What was taken back for the same absence is not taken back again.
  ['three missed, one rung back already', [easy, ...times(3, missed)], { backWhileAway: 1 }, 'step back', -1],
  ['four missed, two rungs back already', [easy, ...times(4, missed)], { backWhileAway: 2 }, 'stay', 0],
  ['two missed, more back than is asked', [easy, ...times(2, missed)], { backWhileAway: 2 }, 'stay', 0],
  ['came again since, once', [easy, missed, missed, easy], { backWhileAway: 1 }, 'stay', 0],
  ['came again since, twice', [easy, missed, missed, easy, easy], { backWhileAway: 1 }, 'move on', 1],
  // Start over.
  ['six missed', [easy, ...times(6, missed)], {}, 'start over', null],
  ['ten missed', [easy, easy, ...times(10, missed)], {}, 'start over', null],
  [
    'six missed after a settled flare',
    [easy, ...times(6, missed)],
    { flareSettled: true },
    'start over',
    null,
  ],
  // Flare before everything.
  ['flare after easy classes', [easy, easy], { flare: true }, 'flare', 0],
  ['flare after pain', [easy, o({ painRise: 4 })], { flare: true }, 'flare', 0],
  ['flare while away', [easy, missed, missed], { flare: true }, 'flare', 0],
  ['flare after a long break', [easy, ...times(8, missed)], { flare: true }, 'flare', 0],
  ['flare with no class yet', [], { flare: true }, 'flare', 0],
  ['flare while an older one settled', [easy], { flare: true, flareSettled: true }, 'flare', 0],
  // Away comes before what the class before it said.
  ['one missed, two easy before', [easy, easy, missed], {}, 'stay', 0],
  ['three missed after effort', [o({ effort: 9 }), ...times(3, missed)], {}, 'step back', -2],
  ['back after three missed, first class easy', [easy, ...times(3, missed), easy], {}, 'stay', 0],
  ['back after three missed, first class hard', [easy, ...times(3, missed), o({ effort: 5 })], {}, 'stay', 0],
  ['never came', times(4, missed), {}, 'stay', 0],
];

test.each(CASES)('%s', (_, outcomes, standing, kind, rungs) => {
  const decision = decide(outcomes, { ...plain, ...standing });
  expect([decision.kind, decision.rungs]).toEqual([kind, rungs]);
  expect(decision.reasons.length).toBeGreaterThan(0);
});

describe('movement by movement', () => {
  const done = (...atTop: boolean[]): Outcome => ({
    ...easy,
    movements: atTop.map((top, i) => ({ movementId: `m${i}`, completed: true, atTop: top })),
  });

  test('a large family goes on with what was done twice at the top; the rest is not held up by it, nor goes with it', () => {
    const last = done(true, true, false, true, false, true);
    expect(decide([done(true, false, true, true, true, true), last], plain)).toMatchObject({
      kind: 'move on',
      rungs: 1,
      only: ['m0', 'm3', 'm5'],
    });
    const all = done(true, true, true, true, true);
    expect(decide([all, all], plain)).toMatchObject({ kind: 'move on', rungs: 1 });
    expect(decide([all, all], plain).only).toBeUndefined();
    // What was there once waits, though all was done at the top.
    expect(decide([done(true, true, true, true), all], plain).only).toEqual(['m0', 'm1', 'm2', 'm3']);
  });

  test('a small one goes on together, when all that is theirs was done at the top', () => {
    expect(decide([done(true, true), done(true, false)], plain).kind).toBe('stay');
    expect(decide([done(true, true), done(true)], plain)).toMatchObject({ kind: 'move on', rungs: 1 });
  });

  test('nothing twice at the top, nothing moves', () => {
    const fresh = {
      ...easy,
      movements: ['a', 'b', 'c', 'd', 'e'].map((movementId) => ({
        movementId,
        completed: true,
        atTop: movementId === 'a',
      })),
    };
    expect(decide([done(true, true, true, true, true), fresh], plain).kind).toBe('stay');
  });
});

test('what nobody asked is not called quiet', () => {
  const words = (worseLater: boolean | null) =>
    decide([o({ worseLater }), o({ worseLater })], plain).reasons.join();
  expect(words(false)).toContain('quiet');
  expect(words(null)).not.toContain('quiet');
  expect(words(null)).toContain('not asked');
});

test('there are at least sixty cases', () => {
  expect(CASES.length).toBeGreaterThanOrEqual(60);
});

const anyOutcome: fc.Arbitrary<Outcome> = fc.record({
  day: fc.constant('2026-11-18'),
  present: fc.boolean(),
  movements: fc.array(
    fc.record({ movementId: fc.constantFrom('a', 'b', 'c'), completed: fc.boolean(), atTop: fc.boolean() }),
    { maxLength: 6 },
  ),
  effort: fc.option(fc.integer({ min: 0, max: 10 }), { nil: null }),
  painRise: fc.option(fc.integer({ min: -10, max: 10 }), { nil: null }),
  worseLater: fc.option(fc.boolean(), { nil: null }),
  formLost: fc.integer({ min: 0, max: 3 }),
});
const height = ({ rungs, kind }: Decision): number =>
  kind === 'flare' || kind === 'start over' ? -9 : (rungs ?? 0);

test('more pain, more effort or less known never gives a higher rung', () => {
  fc.assert(
    fc.property(fc.array(anyOutcome, { maxLength: 6 }), fc.boolean(), (outcomes, flare) => {
      const before = decide(outcomes, plain);
      const last = outcomes.at(-1);
      if (!last) return;
      const worse: Outcome[] = [
        { ...last, painRise: last.painRise === null ? null : last.painRise + 1 },
        { ...last, effort: last.effort === null ? null : Math.min(10, last.effort + 1) },
        { ...last, worseLater: true },
        { ...last, formLost: last.formLost + 1 },
        { ...last, movements: last.movements.map((m) => ({ ...m, completed: false, atTop: false })) },
      ];
      for (const one of worse)
        expect(height(decide([...outcomes.slice(0, -1), one], plain))).toBeLessThanOrEqual(height(before));
      expect(height(decide(outcomes, { ...plain, flare }))).toBeLessThanOrEqual(height(before));
    }),
  );
});

describe('the rung of the class', () => {
  const group = (kinds: readonly DecisionKind[]) =>
    new Map(kinds.map((kind, i) => [`p${i}`, { kind, rungs: 0, reasons: [] } as Decision]));
  const ready = (n: number, of: number) =>
    group(Array.from({ length: of }, (_, i) => (i < n ? 'move on' : 'stay')));

  const out = (then: readonly string[] = [], now: readonly string[] = []) => ({
    then: new Set(then),
    now: new Set(now),
  });

  test.each([
    [7, 10, true],
    [6, 10, false],
    [3, 4, true],
    [2, 3, false],
    [1, 1, true],
    [0, 5, false],
    [10, 10, true],
  ])('%i of %i ready: %s', (n, of, moves) => {
    expect(groupMovesOn('palms-turn', ready(n, of), out()).moves).toBe(moves);
  });

  test('whoever is shut out on this rung already does not hold the others back for ever', () => {
    expect(groupMovesOn('palms-turn', ready(9, 10), out(['p9'], ['p9'])).moves).toBe(true);
    expect(groupMovesOn('palms-turn', ready(9, 10), out(['p9', 'p3'], ['p9'])).reason).toBe(
      '1 person would have to leave it out on the next rung',
    );
  });

  test('the share is of those who do it, and of this movement alone', () => {
    const sixOfTen = out(['p6', 'p7', 'p8', 'p9'], ['p6', 'p7', 'p8', 'p9']);
    expect(groupMovesOn('palms-turn', ready(6, 10), sixOfTen)).toEqual({
      moves: true,
      reason: '6 of 6 who do it would move on',
    });
    const only = (id: string): Decision => ({ kind: 'move on', rungs: 1, only: [id], reasons: [] });
    const some = new Map([
      ['a', only('palms-turn')],
      ['b', only('wrist-bend')],
    ]);
    expect(groupMovesOn('palms-turn', some, out()).reason).toMatch(/^1 of 2 would move on/);
    const all = new Map(
      ['a', 'b', 'c', 'd'].map((id) => [id, { kind: 'stay', rungs: 0, reasons: [] } as Decision]),
    );
    const nobody = out([...all.keys()], [...all.keys()]);
    expect(groupMovesOn('palms-turn', all, nobody).moves).toBe(false);
  });

  test('nobody is made to leave it out, however many are ready', () => {
    expect(groupMovesOn('palms-turn', ready(10, 10), out(['p3']))).toEqual({
      moves: false,
      reason: '1 person would have to leave it out on the next rung',
    });
    expect(groupMovesOn('palms-turn', ready(10, 10), out(['somebody else'])).moves).toBe(true);
    expect(groupMovesOn('palms-turn', new Map(), out()).moves).toBe(false);
  });
});

test.each([
  [1, false, 4],
  [3, false, 4],
  [4, false, 6],
  [12, false, 6],
  [2, true, 3],
  [8, true, 5],
])('week %i, precaution %s: effort at most %i', (week, precaution, most) => {
  expect(effortTarget(week, precaution)).toBe(most);
});
