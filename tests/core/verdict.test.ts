import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { HAND_JOINTS, type Movement } from '@/core/catalogue/movement';
import { CONDITION_STATES, type PersonCondition } from '@/core/people/person';
import { verdictFor, worseOf, VERDICTS, isLeftOut } from '@/core/screening/verdict';
import { person } from './people';
import { eachNth } from '../runs';

const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
const movement = (id: string): Movement => CATALOGUE.movement(id)!;
const on = (
  conditionId: string,
  side: PersonCondition['side'] = 'none',
  state: PersonCondition['state'] = 'settled',
): PersonCondition => ({ conditionId, side, state, since: null, spots: [] });

const judge = (conditions: PersonCondition[], movementId: string) => {
  const m = movement(movementId);
  const v = verdictFor(person({ conditions }), m, m.dose, context);
  return [v.L.kind, v.R.kind];
};

test.each<[string, PersonCondition[], string, string, string]>([
  ['nothing wrong', [], 'ball-squeeze', 'do', 'do'],
  [
    'settled arthritis squeezes within comfort, that hand only',
    [on('hand-oa', 'R')],
    'ball-squeeze',
    'do',
    'adapt',
  ],
  ['thumb-base keeps the thumb off the ball', [on('thumb-base', 'both')], 'ball-squeeze', 'adapt', 'adapt'],
  ['thumb-base does not twist against force', [on('thumb-base', 'L')], 'cloth-wring', 'swap', 'swap'],
  [
    'inflammatory, settled, grips at most five of ten',
    [on('inflammatory', 'L')],
    'ring-squeeze',
    'adapt',
    'do',
  ],
  ['a flare is kept from gripping', [on('inflammatory', 'R', 'flare')], 'ball-squeeze', 'do', 'swap'],
  ['a flare may glide, few and small', [on('inflammatory', 'R', 'flare')], 'five-shapes', 'do', 'adapt'],
  [
    'a flare is kept from passive stretch',
    [on('hand-oa', 'L', 'flare')],
    'wrist-stretch-palm',
    'swap',
    'adapt',
  ],
  ['thin bones load from the bottom', [on('osteoporosis')], 'table-lean', 'adapt', 'adapt'],
  [
    'an uncleared fracture rests that hand',
    [on('wrist-fracture', 'L', 'not cleared')],
    'five-shapes',
    'leaveOut',
    'do',
  ],
  [
    'an uncleared fracture may be looked at',
    [on('wrist-fracture', 'L', 'not cleared')],
    'look-at-hands',
    'do',
    'do',
  ],
  [
    'the median nerve is not leaned on, nor by the other hand alone',
    [on('median-nerve', 'R')],
    'table-lean',
    'swap',
    'swap',
  ],
  ['nor folded long', [on('median-nerve', 'R')], 'wrist-stretch-back', 'do', 'swap'],
  ['a trigger finger does not grip with force', [on('trigger-finger', 'R')], 'tin-lift', 'do', 'swap'],
  ['a palm cord is not drawn straight', [on('palm-cord', 'R')], 'wrist-stretch-palm', 'do', 'swap'],
  ['a palm cord opens as far as it goes', [on('palm-cord', 'R')], 'loop-spread', 'do', 'adapt'],
  ['fragile skin is pressed, not rubbed', [on('fragile-skin')], 'warm-palms', 'adapt', 'adapt'],
  ['fragile skin keeps off domes', [on('fragile-skin')], 'dome-press', 'swap', 'swap'],
  ['a weak side is assisted', [on('one-sided-weakness', 'L')], 'ball-squeeze', 'adapt', 'do'],
  ['tremor is supported', [on('tremor')], 'putty-pinch', 'adapt', 'adapt'],
  ['poor sight hears the fingers', [on('poor-sight')], 'finger-taps', 'adapt', 'adapt'],
  ['high blood pressure counts aloud', [on('blood-pressure')], 'wrist-up-hold', 'adapt', 'adapt'],
  ['latex allergy swaps the band for fabric', [on('latex')], 'band-spread', 'adapt', 'adapt'],
  ['latex allergy does not mind fabric', [on('latex')], 'loop-spread', 'do', 'do'],
  ['shoulder trouble keeps arms low', [on('shoulder')], 'arms-with-breath', 'adapt', 'adapt'],
  ['sore today halves an effort', [on('hand-oa', 'L', 'sore')], 'tin-lift', 'adapt', 'do'],
])('%s', (_, conditions, movementId, left, right) => {
  expect(judge(conditions, movementId)).toEqual([left, right]);
});

test('the worst rule wins and every reason is given, worst first', () => {
  const m = movement('ball-squeeze');
  const v = verdictFor(
    person({ conditions: [on('thumb-base', 'R'), on('inflammatory', 'R', 'flare')] }),
    m,
    m.dose,
    context,
  );
  expect(v.R.kind).toBe('swap');
  expect(v.R.reasons.length).toBeGreaterThanOrEqual(2);
  expect(v.R.reasons[0]).toContain('in flare');
  expect(v.R.reasons.join()).toContain('thumb-base arthritis');
});

test('the order of verdicts is do, adapt, swap, leave out', () => {
  for (const [i, a] of VERDICTS.entries())
    for (const [j, b] of VERDICTS.entries()) expect(worseOf(a, b)).toBe(VERDICTS[Math.max(i, j)]);
});

test('adding a condition never makes a verdict better', () => {
  const conditions = CAUTIONS.conditions.map((c) => on(c.id, c.sided ? 'R' : 'none'));
  const rank = (kind: string) => VERDICTS.indexOf(kind as (typeof VERDICTS)[number]);
  for (const first of conditions) {
    const withOne = person({ conditions: [first] });
    const withTwo = conditions.slice(0, 6).map((second) => person({ conditions: [first, second] }));
    for (const m of eachNth(CATALOGUE.movements, 4)) {
      const alone = verdictFor(withOne, m, m.dose, context).R;
      for (const someone of withTwo) {
        const both = verdictFor(someone, m, m.dose, context).R;
        // A swap may turn into "leave out" or stay; what had to be kept from is never allowed again.
        if (rank(alone.kind) <= 1) expect(rank(both.kind)).toBeGreaterThanOrEqual(rank(alone.kind));
        else expect(rank(both.kind)).toBeGreaterThanOrEqual(2);
      }
    }
  }
});

test('a swap has the same purpose or is what the rule names, and is something this hand may do', () => {
  for (const c of CAUTIONS.conditions)
    for (const state of ['settled', 'flare'] as const) {
      const who = person({ conditions: [on(c.id, c.sided ? 'R' : 'none', state)] });
      for (const m of eachNth(CATALOGUE.movements, 2)) {
        const { swapTo, kind } = verdictFor(who, m, m.dose, context).R;
        if (kind !== 'swap') continue;
        const other = movement(swapTo!);
        const again = verdictFor(who, other, other.dose, context).R.kind;
        expect(['do', 'adapt']).toContain(again);
      }
    }
});

/** Everybody with one condition of the right hand, or of the whole person, in one of its states, at every movement. */
const EVERY = CAUTIONS.conditions.flatMap(({ id, sided }) =>
  CONDITION_STATES.flatMap((state) => {
    const who = person({ conditions: [on(id, sided ? 'R' : 'none', state)] });
    return CATALOGUE.movements.map((m) => [m, verdictFor(who, m, m.dose, context)] as const);
  }),
);

test('what one hand does instead is done by a hand: feet and trunk have no side', () => {
  const oneHanded = EVERY.flatMap(([m, { L, R }]) =>
    (L.kind === 'swap') === (R.kind === 'swap') ? [] : [[m.id, movement((L.swapTo ?? R.swapTo)!)] as const],
  );
  expect(oneHanded.length).toBeGreaterThan(500);
  const offSide = oneHanded.filter(
    ([, { joints }]) => !joints.some((j) => HAND_JOINTS.includes(j) || j === 'shoulder'),
  );
  expect(offSide.map(([row, to]) => `${row}: ${to.id}`)).toEqual([]);
});

test('half the range is not asked of who stands on a rung that is smaller already', () => {
  const flare = person({ conditions: [on('hand-oa', 'R', 'flare')] });
  const asked = (id: string) => verdictFor(flare, movement(id), movement(id).dose, context).R.how;
  expect(asked('elbow-bends')).toEqual(['half the count', 'lowest rung: half way up']);
  expect(asked('wrist-bend')).toContain('half the range');
});

test('instead of leaning or gripping long, hands with median-nerve trouble glide, whatever its state', () => {
  for (const state of ['settled', 'sore', 'flare'] as const) {
    const who = person({ conditions: [on('median-nerve', 'R', state)] });
    for (const id of ['table-lean', 'thigh-press', 'cloth-wring', 'wrist-stretch-back', 'dome-press']) {
      const { swapTo } = verdictFor(who, movement(id), movement(id).dose, context).R;
      expect(movement(swapTo!).traits).toContain('tendon glide');
    }
  }
});

test('nobody rolls over a repaired joint, nor over knuckles in place of something else', () => {
  const repaired = [on('joint-repair', 'R')];
  expect(judge(repaired, 'knuckle-roll')).toEqual(['do', 'swap']);
  expect(judge([on('inflammatory', 'R')], 'knuckle-roll')).toEqual(['do', 'adapt']);
  const stoodIn = EVERY.flatMap(([, { L, R }]) => [L.swapTo, R.swapTo]);
  expect(stoodIn).not.toContain('knuckle-roll');
});

test('a clearance counts on its days only', () => {
  const m = movement('five-shapes');
  const cleared = (on_: string, until: string | null) =>
    verdictFor(
      person({
        conditions: [on('wrist-fracture', 'L', 'not cleared')],
        clearances: [{ scope: 'hand', by: 'Dr A', on: on_, until, what: '' }],
      }),
      m,
      m.dose,
      context,
    ).L.kind;
  expect(cleared('2026-11-01', null)).toBe('do');
  expect(cleared('2026-11-25', '2026-11-25')).toBe('do');
  expect(cleared('2026-11-01', '2026-11-24')).toBe('leaveOut');
  expect(cleared('2026-11-26', null)).toBe('leaveOut');
});

test('a clearance for loading lifts the lowest-rung rule, nothing else', () => {
  const clearances = [
    { scope: 'seated loading' as const, by: 'Dr A', on: '2026-11-01', until: null, what: '' },
  ];
  const who = person({ conditions: [on('osteoporosis'), on('median-nerve', 'R')], clearances });
  const m = movement('table-lean');
  const v = verdictFor(who, m, m.dose, context);
  expect([v.L.kind, v.R.kind]).toEqual(['swap', 'swap']);
  expect(v.L.reasons).toEqual(['it takes both hands, and the other one rests']);
});

test('unknown is never plain do for resisted or loading work, taps and passive stretch', () => {
  const unscreened = person({ screened: false });
  for (const m of CATALOGUE.movements) {
    const { worst } = verdictFor(unscreened, m, m.dose, context);
    const resisted =
      ['isometric', 'grip', 'pinch', 'opening', 'load', 'tap'].includes(m.effort) ||
      ['passive', 'given by a helper'].some((t) => m.traits.includes(t as 'passive'));
    if (m.clearanceReason) expect(['swap', 'leaveOut']).toContain(worst);
    else expect(worst).toBe(resisted ? 'adapt' : 'do');
  }
});

test('assistance 2 and 3 put a helper beside the movement, with an open palm', () => {
  const m = movement('wrist-bend');
  for (const assistance of [2, 3]) {
    const v = verdictFor(person({ assistance }), m, m.dose, context);
    expect(v.worst).toBe('adapt');
    expect(v.L.how.join()).toContain('open palm');
  }
});

test('one resting hand is not left out; two have the feet, and are where those rest too', () => {
  const m = movement('five-shapes');
  const rest = (side: 'L' | 'both') =>
    verdictFor(person({ conditions: [on('hand-surgery', side, 'not cleared')] }), m, m.dose, context);
  expect(isLeftOut(rest('L'))).toBe(false);
  expect(rest('both').L).toMatchObject({ kind: 'swap', swapTo: 'ankle-bends' });
  const spine = on('spine-fracture', 'none', 'flare');
  const still = person({ conditions: [on('hand-surgery', 'both', 'not cleared'), spine] });
  expect(isLeftOut(verdictFor(still, m, m.dose, context))).toBe(true);
});
