import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { CONDITION_STATES, type ConditionState } from '@/core/people/person';
import { VERDICTS, verdictFor } from '@/core/screening/verdict';
import { person } from './people';

/** What stands for an exposure: movements that plainly have it. */
const EXPOSED = {
  grip: 'ball-squeeze ring-squeeze cloth-walk weight-curl weight-back-lift',
  pinch: 'putty-pinch peg-tip-pinch peg-three-point peg-side-pinch ball-each-finger',
  'side pinch': 'peg-side-pinch turn-key',
  twist: 'cloth-wring jar-open stiff-tap tub-lid turn-key',
  band: 'loop-spread band-spread strap-spread spread-against-hand',
  loops: 'loop-spread band-spread strap-spread strap-thumb-each spread-then-grip',
  push: 'wrist-up-hold wrist-down-hold wrist-side-hold palms-press cloth-pull',
  'passive stretch':
    'wrist-stretch-palm wrist-stretch-back each-finger-back palms-lowered web-stretch web-clip forearm-turn-out interlaced-push',
  'straightened fingers': 'wrist-stretch-palm each-finger-back palms-lowered assisted-open-palm',
  tap: 'tap-little-edges tap-inner-wrists tap-thumb-wrists tap-knuckles tap-backs tap-webs tap-interlaced',
  'knuckle tap': 'tap-knuckles',
  weight: 'thigh-press table-lean chair-arm-press lean-with-breath lean-turned-out',
  'heel of the hand': 'table-lean chair-arm-press lean-with-breath dome-press dome-each-finger',
  'folded fingers': 'dome-press dome-each-finger',
  drop: 'drops-cushion drops-table',
  'thumb forced': 'strap-thumb-each web-clip',
  'thumb round it, sideways': 'tin-lift pan-lift',
  clip: 'web-clip',
  rubbing: 'warm-palms circle-elbow circle-thumb-base web-over-ball',
  standing: 'wall-lean worktop-lean chair-seat-lean',
  'low head': 'chair-seat-lean',
  floor: 'all-fours feet-walked-back straight-body-lean',
  trunk: 'seated-twist lean-back-return',
  'trunk under load': 'lean-circles lean-eights lean-side-bends',
  'arms high': 'shelf-reach',
  'arms rise': 'arms-with-breath arms-float carry-shoulders interlaced-chin',
  'any shoulder': 'shoulder-rolls arms-float arms-with-breath self-hug',
  'any hand work': 'wrist-bend five-shapes open-close thumb-to-tips palms-turn finger-wave clasped-circles',
  'head turn': 'head-turns',
  sequence: 'finger-taps taps-opposed split-hands five-shapes',
  cold: 'tin-lift pan-lift carry-sides',
  latex: 'band-spread strap-spread strap-thumb-each',
  laced: 'clasped-circles interlaced-push interlaced-chin',
  'breath held': 'wrist-up-hold palms-press table-lean chair-arm-press tin-lift jar-open',
} as const;
type ExposureName = keyof typeof EXPOSED;

/** What brief practice says of a condition in these states: left out, or done another way at the mildest. */
const SAID: readonly (readonly [
  condition: string,
  states: readonly ConditionState[],
  expected: 'leaveOut' | 'adapt',
  exposures: readonly ExposureName[],
])[] = [
  ...[
    'hand-oa',
    'thumb-base',
    'inflammatory',
    'trigger-finger',
    'median-nerve',
    'old-fracture',
    'palm-cord',
  ].map(
    (c) =>
      [
        c,
        ['flare'],
        'leaveOut',
        ['grip', 'pinch', 'band', 'weight', 'tap', 'passive stretch', 'drop', 'push'],
      ] as const,
  ),
  ['hand-oa', CONDITION_STATES, 'adapt', ['grip', 'pinch']],
  ['hand-oa', ['sore'], 'adapt', ['tap', 'passive stretch', 'weight', 'push']],
  ['thumb-base', CONDITION_STATES, 'leaveOut', ['side pinch', 'thumb forced', 'twist']],
  ['thumb-base', CONDITION_STATES, 'adapt', ['pinch']],
  [
    'inflammatory',
    CONDITION_STATES,
    'leaveOut',
    ['knuckle tap', 'folded fingers', 'thumb round it, sideways'],
  ],
  ['inflammatory', CONDITION_STATES, 'adapt', ['grip', 'pinch']],
  ...(['wrist-fracture', 'hand-surgery'] as const).map(
    (c) =>
      [
        c,
        CONDITION_STATES,
        'leaveOut',
        [
          'any hand work',
          'grip',
          'pinch',
          'band',
          'push',
          'passive stretch',
          'tap',
          'weight',
          'any shoulder',
          'rubbing',
        ],
      ] as const,
  ),
  ['fall', CONDITION_STATES, 'leaveOut', ['any hand work', 'grip', 'push', 'weight', 'any shoulder', 'tap']],
  [
    'hand-oa',
    ['not cleared'],
    'leaveOut',
    ['any hand work', 'grip', 'pinch', 'weight', 'tap', 'passive stretch'],
  ],
  ['median-nerve', CONDITION_STATES, 'leaveOut', ['heel of the hand']],
  ['median-nerve', CONDITION_STATES, 'adapt', ['grip', 'pinch']],
  ['trigger-finger', CONDITION_STATES, 'leaveOut', ['grip', 'pinch']],
  ['thumb-tendon', CONDITION_STATES, 'leaveOut', ['thumb round it, sideways']],
  ['thumb-tendon', CONDITION_STATES, 'adapt', ['twist']],
  ['palm-cord', CONDITION_STATES, 'leaveOut', ['straightened fingers']],
  [
    'joint-repair',
    CONDITION_STATES,
    'leaveOut',
    ['passive stretch', 'grip', 'pinch', 'band', 'push', 'weight', 'tap', 'drop'],
  ],
  ['reduced-feeling', CONDITION_STATES, 'leaveOut', ['clip', 'tap', 'drop']],
  ['reduced-feeling', CONDITION_STATES, 'adapt', ['loops', 'folded fingers']],
  ['fragile-skin', CONDITION_STATES, 'leaveOut', ['tap', 'clip', 'folded fingers', 'drop']],
  ['fragile-skin', CONDITION_STATES, 'adapt', ['rubbing', 'loops']],
  ['swollen-arm', CONDITION_STATES, 'leaveOut', ['loops']],
  ['swollen-arm', CONDITION_STATES, 'adapt', ['grip', 'pinch', 'weight', 'push']],
  ['osteoporosis', CONDITION_STATES, 'leaveOut', ['trunk under load', 'drop', 'floor']],
  ['osteoporosis', CONDITION_STATES, 'adapt', ['weight', 'trunk']],
  ['spine-fracture', CONDITION_STATES, 'leaveOut', ['trunk', 'trunk under load', 'floor', 'drop']],
  ['spine-fracture', ['flare', 'not cleared'], 'leaveOut', ['weight', 'any shoulder', 'head turn']],
  ['blood-pressure', CONDITION_STATES, 'leaveOut', ['low head']],
  ['blood-pressure', CONDITION_STATES, 'adapt', ['breath held', 'push']],
  ['blood-pressure', ['flare', 'not cleared'], 'leaveOut', ['push', 'weight']],
  ['eye-pressure', CONDITION_STATES, 'leaveOut', ['low head']],
  ['eye-pressure', CONDITION_STATES, 'adapt', ['breath held', 'push']],
  ['eye-pressure', ['flare', 'not cleared'], 'leaveOut', ['push', 'weight']],
  ['balance', CONDITION_STATES, 'leaveOut', ['standing']],
  ['balance', CONDITION_STATES, 'adapt', ['head turn']],
  ['shoulder', CONDITION_STATES, 'leaveOut', ['arms high']],
  ['shoulder', CONDITION_STATES, 'adapt', ['arms rise', 'head turn']],
  ['shoulder', ['flare', 'not cleared'], 'leaveOut', ['any shoulder', 'weight', 'head turn']],
  ['one-sided-weakness', CONDITION_STATES, 'leaveOut', ['standing']],
  ['one-sided-weakness', CONDITION_STATES, 'adapt', ['grip', 'pinch', 'band', 'weight', 'push']],
  ['tremor', CONDITION_STATES, 'adapt', ['grip', 'pinch', 'band']],
  ['memory', CONDITION_STATES, 'adapt', ['sequence']],
  ['poor-sight', CONDITION_STATES, 'adapt', ['sequence']],
  ['poor-hearing', CONDITION_STATES, 'adapt', ['sequence']],
  ['cold-fingers', CONDITION_STATES, 'adapt', ['cold', 'clip']],
  ['fixed-ring', CONDITION_STATES, 'leaveOut', ['tap']],
  ['fixed-ring', CONDITION_STATES, 'adapt', ['laced']],
  ['latex', CONDITION_STATES, 'adapt', ['latex']],
];

const CASES = SAID.flatMap(([condition, states, expected, names]) =>
  states.flatMap((state) =>
    [...new Set(names.flatMap((name) => EXPOSED[name].split(' ')))].map((id) => ({
      condition,
      state,
      expected,
      id,
    })),
  ),
);

test('there are at least six hundred judgements', () => {
  expect(new Set(CASES.map((c) => `${c.condition} ${c.state} ${c.id}`)).size).toBeGreaterThanOrEqual(600);
});

test('no verdict is milder than what was written down', () => {
  const milder = CASES.filter(({ condition, state, expected, id }) => {
    const said = judge(condition, state, id);
    return VERDICTS.indexOf(said) < (expected === 'leaveOut' ? 2 : 1);
  });
  expect(
    milder.map((c) => `${c.condition} ${c.state} ${c.id}: ${judge(c.condition, c.state, c.id)}`),
  ).toEqual([]);
});

/** What a caution that does not matter would be: these are done as they are. */
const UNTOUCHED: readonly (readonly [condition: string, state: ConditionState, ids: string])[] = [
  ['hand-oa', 'settled', 'wrist-bend five-shapes tap-backs table-lean ankle-circles head-turns'],
  [
    'hand-oa',
    'flare',
    'ankle-circles toe-curls head-turns seated-twist shoulder-rolls look-at-hands quiet-breath',
  ],
  ['one-sided-weakness', 'settled', 'toe-curls head-turns shoulder-rolls'],
  ['old-fracture', 'settled', 'ankle-bends head-turns ball-squeeze'],
  ['tremor', 'settled', 'wrist-bend table-lean ankle-bends'],
  ['shoulder', 'settled', 'ball-squeeze wrist-bend shoulder-rolls table-lean'],
  ['reduced-feeling', 'settled', 'wrist-bend alternate-fists five-shapes'],
  ['median-nerve', 'settled', 'five-shapes wrist-bend open-close'],
  ['osteoporosis', 'settled', 'ball-squeeze wrist-bend head-turns'],
  ['latex', 'settled', 'loop-spread ball-squeeze'],
];

test('what does not matter is not said', () => {
  const strict = UNTOUCHED.flatMap(([condition, state, ids]) =>
    ids
      .split(' ')
      .filter((id) => judge(condition, state, id) !== 'do')
      .map((id) => `${condition} ${state} ${id}`),
  );
  expect(strict).toEqual([]);
});

/** The verdict on the hand that has it, or on the worse hand of somebody who has it as a whole. */
function judge(conditionId: string, state: ConditionState, id: string) {
  const { sided } = CAUTIONS.conditions.find((c) => c.id === conditionId)!;
  const who = person({
    positions: ['chair', 'table', 'standing', 'floor'],
    conditions: [{ conditionId, side: sided ? 'R' : 'none', state, since: null, spots: [] }],
  });
  const m = CATALOGUE.movement(id)!;
  const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
  return verdictFor(who, m, m.dose, context).R.kind;
}
