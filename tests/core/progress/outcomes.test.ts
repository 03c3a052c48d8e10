import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import type { Person } from '@/core/people/person';
import { movementRows } from '@/core/plan/plan';
import type { Outcome } from '@/core/progress/decision';
import { familyOf, FAMILIES } from '@/core/progress/family';
import { familyRows, outcomeOf, type TaughtClass } from '@/core/progress/outcomes';
import { notShownTo } from '@/core/progress/not-shown';
import { offRungWords, rungAfter } from '@/core/progress/own-rung';
import type { Mark, MarkKind } from '@/core/teach/marks';
import { prefilledLine, type WrapUpPerson } from '@/core/teach/wrap-up';
import { person } from '../people';
import { planWith } from '../plans';

const somebody = person();
const screening = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
const plan = planWith({
  move: [['wrist-bend', { count: { mode: 'reps', reps: 10, tempoMs: 2_000 }, fewest: 4, most: 10 }]],
  grip: [
    ['ball-squeeze', { most: 20 }],
    ['ring-squeeze', { most: 20 }],
  ],
  settle: ['look-again'],
});
const counted = { actualMs: 60_000, leadMs: 0, skipped: false, counted: true, runs: [] };
const line = (over: Partial<WrapUpPerson> = {}): WrapUpPerson => ({
  ...prefilledLine(somebody.id, [], String),
  painBeforeLeft: 1,
  painAfterLeft: 1,
  effort: 3,
  ...over,
});
const taught = (over: Partial<TaughtClass> = {}, who: Person = somebody): TaughtClass => ({
  day: '2026-11-18',
  plan,
  people: [who],
  record: new Map(movementRows(plan).map((r) => [r.id, counted])),
  marks: [],
  attendance: [line()],
  answers: [],
  ...over,
});
const mark = (rowId: string, kind: MarkKind, n = 0): Mark => ({
  id: `m${n}`,
  personId: somebody.id,
  rowId,
  mark: kind,
  atMs: n,
});
/** An outcome, and whether all of it that is theirs was done. */
const flat = (one: Outcome) => ({
  ...one,
  completed: one.movements.length > 0 && one.movements.every((m) => m.completed),
  atTop: one.movements.length > 0 && one.movements.every((m) => m.atTop),
});
const grip = (c: TaughtClass) => flat(outcomeOf(c, somebody.id, 'grip', screening));
const mobility = (c: TaughtClass) => flat(outcomeOf(c, somebody.id, 'mobility', screening));

test('every movement of the catalogue is in one family, or settles and warms', () => {
  for (const m of CATALOGUE.movements) {
    const family = familyOf(m);
    if (family) expect(FAMILIES).toContain(family);
    else expect(['notice', 'breath', 'warm', 'massage']).toContain(m.effort);
  }
  expect([...familyRows(plan, CATALOGUE).keys()]).toEqual(['mobility', 'grip']);
});

test('done as shown is complete; at the top only where the count is at its most', () => {
  expect(mobility(taught())).toMatchObject({
    present: true,
    completed: true,
    atTop: true,
    effort: 3,
    painRise: 0,
  });
  expect(grip(taught())).toMatchObject({ completed: true, atTop: false });
});

test.each(['eased', 'skipped', 'sore', 'stopped', 'form'] as const)(
  'a mark "%s" on one row of two is not complete',
  (kind) => {
    const one = grip(taught({ marks: [mark('ball-squeeze', kind)] }));
    expect(one).toMatchObject({ completed: false, atTop: false });
    expect(mobility(taught({ marks: [mark('ball-squeeze', kind)] })).completed).toBe(true);
  },
);

test('form lost is counted, "did it" takes nothing away', () => {
  const marks = [
    mark('ball-squeeze', 'form', 1),
    mark('ring-squeeze', 'form', 2),
    mark('wrist-bend', 'form', 3),
  ];
  expect(grip(taught({ marks })).formLost).toBe(2);
  expect(grip(taught({ marks: [mark('ball-squeeze', 'did')] })).completed).toBe(true);
});

test('a row that was skipped, or never reached, was not done', () => {
  const skipped = new Map([...taught().record, ['ball-squeeze', { ...counted, skipped: true }]]);
  expect(grip(taught({ record: skipped })).completed).toBe(false);
  expect(grip(taught({ record: new Map() })).completed).toBe(false);
});

test('whoever did something else instead has not done it; whoever adapted has', () => {
  const condition = (conditionId: string, state: 'settled' | 'flare') => ({
    conditionId,
    side: 'both' as const,
    state,
    since: null,
    spots: [],
  });
  const flaring = { ...somebody, conditions: [condition('inflammatory', 'flare')] };
  expect(grip(taught({}, flaring)).completed).toBe(false);
  const careful = { ...somebody, conditions: [condition('hand-oa', 'settled')] };
  expect(mobility(taught({}, careful)).completed).toBe(true);
});

test('pain is of the hand where it rose more; unknown stays unknown; absence is absence', () => {
  const rise = (over: Partial<WrapUpPerson>) => grip(taught({ attendance: [line(over)] })).painRise;
  expect(rise({ painBeforeRight: 2, painAfterRight: 5 })).toBe(3);
  expect(rise({ painAfterLeft: 0 })).toBe(-1);
  expect(rise({ painAfterLeft: null })).toBeNull();
  expect(grip(taught({ attendance: [line({ present: false })] }))).toMatchObject({
    present: false,
    completed: false,
  });
  expect(grip(taught({ attendance: [] }))).toMatchObject({ present: false, effort: null, painRise: null });
});

test('worse at either call is worse; nobody asked is not known', () => {
  const later = (...worse: boolean[]) =>
    grip(
      taught({
        answers: worse.map((w, i) => ({
          personId: somebody.id,
          slot: i === 0 ? ('two hours' as const) : ('next morning' as const),
          worse: w,
        })),
      }),
    ).worseLater;
  expect([later(), later(false), later(false, true), later(true, false)]).toEqual([null, false, true, true]);
});

test('what somebody has not been there for, of the latest class', () => {
  const first = taught({ plan: planWith({ move: ['wrist-bend'] }) });
  const names = (...classes: TaughtClass[]) => notShownTo(somebody.id, classes, CATALOGUE).map((m) => m.id);
  const absent = [line({ present: false })];
  expect(names(first, taught())).toEqual([]);
  expect(names(first, taught({ attendance: absent }))).toEqual([
    'ball-squeeze',
    'ring-squeeze',
    'look-again',
  ]);
  expect(names(taught({ attendance: [] }))).toHaveLength(4);
  expect(names()).toEqual([]);
});

describe('own rungs', () => {
  const bend = CATALOGUE.movement('wrist-bend')!;
  const usual = bend.rungs.findIndex((r) => r.changes === null);
  const top = bend.rungs.length - 1;

  test.each([
    [usual, 1, Math.min(usual + 1, top)],
    [usual, 0, usual],
    [usual, -1, Math.max(0, usual - 1)],
    [0, -2, 0],
    [top, 1, top],
    [top, null, 0],
  ])('from %j by %j to %j', (from, rungs, to) => {
    expect(rungAfter(bend, from, { rungs })).toBe(to);
  });

  test('who stands with the class needs no words; the others have theirs, however the class moves', () => {
    expect(offRungWords(bend, undefined, false)).toBe('');
    expect(offRungWords(bend, usual, false)).toBe('');
    expect(offRungWords(bend, 0, true)).toBe(
      `${usual === 1 ? '1 rung' : `${usual} rungs`} easier: ${bend.rungs[0]!.words}`,
    );
    expect(offRungWords({ ...bend, standsOn: top }, usual, false)).toMatch(/easier: the usual form$/);
    expect(offRungWords(bend, top, false)).toMatch(/stronger: /);
    expect(offRungWords(bend, top, true)).toBe('');
  });
});
