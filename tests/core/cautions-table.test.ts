import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import type { ConditionState } from '@/core/people/person';
import { verdictFor } from '@/core/screening/verdict';
import { person } from './people';

/** What is asked of the table: not done as planned, done another way, done. */
type Expected = 'not' | 'adapt' | 'do';

/** Condition, its state, and movements by what is expected of the right hand. Written from the cautions, row by row. */
const TABLE: readonly [string, ConditionState, Partial<Record<Expected, string>>][] = [
  [
    'hand-oa',
    'settled',
    {
      adapt: 'ball-squeeze ring-squeeze cloth-wring',
      do: 'wrist-bend five-shapes open-close look-at-hands palms-turn stroke-arms quiet-breath',
    },
  ],
  ['hand-oa', 'sore', { adapt: 'ball-squeeze ring-squeeze', do: 'look-at-hands quiet-breath' }],
  [
    'hand-oa',
    'flare',
    {
      not: 'ball-squeeze ring-squeeze cloth-wring putty-pinch loop-spread tin-lift wrist-up-hold palms-press wrist-stretch-palm wrist-stretch-back tap-backs table-lean thigh-press',
      adapt: 'five-shapes open-close wrist-bend',
      do: 'look-at-hands quiet-breath',
    },
  ],
  [
    'thumb-base',
    'settled',
    {
      not: 'peg-side-pinch turn-key',
      adapt: 'ball-squeeze web-stretch',
      do: 'wrist-bend look-at-hands palms-turn',
    },
  ],
  [
    'thumb-base',
    'flare',
    { not: 'ball-squeeze putty-pinch web-stretch peg-tip-pinch thigh-press', do: 'look-at-hands' },
  ],
  [
    'inflammatory',
    'settled',
    { not: 'tap-knuckles', adapt: 'ball-squeeze ring-squeeze', do: 'wrist-bend five-shapes open-close' },
  ],
  [
    'inflammatory',
    'flare',
    {
      not: 'ball-squeeze ring-squeeze cloth-wring loop-spread tin-lift wrist-up-hold wrist-down-hold palms-press wrist-stretch-palm each-finger-back tap-backs tap-knuckles table-lean wall-lean',
      adapt: 'five-shapes open-close wrist-bend finger-wave',
      do: 'look-at-hands quiet-breath',
    },
  ],
  [
    'osteoporosis',
    'settled',
    {
      not: 'drops-table drops-cushion',
      adapt: 'table-lean wall-lean shelf-reach',
      do: 'ball-squeeze wrist-bend five-shapes wrist-up-hold',
    },
  ],
  [
    'spine-fracture',
    'settled',
    { not: 'seated-twist lean-back-return', do: 'ball-squeeze wrist-bend five-shapes open-close palms-turn' },
  ],
  [
    'wrist-fracture',
    'not cleared',
    {
      not: 'wrist-bend five-shapes open-close ball-squeeze ring-squeeze cloth-wring wrist-up-hold palms-press loop-spread tin-lift table-lean thigh-press wrist-stretch-palm tap-backs',
      do: 'look-at-hands quiet-breath',
    },
  ],
  ['wrist-fracture', 'settled', { not: 'five-shapes open-close ball-squeeze', do: 'look-at-hands' }],
  ['fall', 'sore', { not: 'wrist-bend ball-squeeze table-lean wrist-stretch-palm tap-backs tin-lift' }],
  [
    'median-nerve',
    'settled',
    {
      not: 'table-lean thigh-press wrist-stretch-back',
      do: 'five-shapes open-close look-at-hands finger-wave',
    },
  ],
  [
    'trigger-finger',
    'settled',
    { not: 'tin-lift ball-squeeze', do: 'open-close flat-fist-glide wrist-bend' },
  ],
  ['thumb-tendon', 'settled', { do: 'five-shapes wrist-bend open-close' }],
  [
    'palm-cord',
    'settled',
    { not: 'wrist-stretch-palm each-finger-back', do: 'wrist-bend palms-turn look-at-hands' },
  ],
  [
    'joint-repair',
    'not cleared',
    { not: 'wrist-stretch-palm ring-squeeze ball-squeeze', do: 'look-at-hands' },
  ],
  [
    'reduced-feeling',
    'settled',
    { not: 'web-clip tap-backs tap-webs', do: 'wrist-bend five-shapes open-close' },
  ],
  [
    'fragile-skin',
    'settled',
    {
      not: 'web-clip tap-backs tap-webs dome-press dome-each-finger',
      adapt: 'warm-palms',
      do: 'wrist-bend five-shapes open-close look-at-hands',
    },
  ],
  [
    'swollen-arm',
    'settled',
    { not: 'loop-spread band-spread', adapt: 'ball-squeeze', do: 'wrist-bend five-shapes look-at-hands' },
  ],
  [
    'blood-pressure',
    'settled',
    {
      adapt: 'wrist-up-hold palms-press wrist-down-hold',
      do: 'wrist-bend five-shapes open-close look-at-hands quiet-breath',
    },
  ],
  [
    'balance',
    'settled',
    { not: 'wall-lean worktop-lean', adapt: 'head-turns', do: 'ball-squeeze wrist-bend five-shapes' },
  ],
  [
    'shoulder',
    'settled',
    { not: 'shelf-reach', adapt: 'arms-with-breath head-turns', do: 'wrist-bend five-shapes open-close' },
  ],
  ['eye-pressure', 'settled', { not: 'chair-seat-lean', adapt: 'palms-press', do: 'wrist-bend five-shapes' }],
  [
    'one-sided-weakness',
    'settled',
    { not: 'wall-lean worktop-lean', adapt: 'ball-squeeze table-lean', do: 'look-at-hands quiet-breath' },
  ],
  ['tremor', 'settled', { adapt: 'putty-pinch ball-squeeze', do: 'look-at-hands quiet-breath' }],
  ['memory', 'settled', { adapt: 'split-hands taps-opposed', do: 'ball-squeeze wrist-bend' }],
  ['poor-sight', 'settled', { adapt: 'finger-taps', do: 'ball-squeeze wrist-bend' }],
  ['poor-hearing', 'settled', { adapt: 'finger-taps', do: 'ball-squeeze wrist-bend' }],
  ['latex', 'settled', { adapt: 'band-spread', do: 'loop-spread ball-squeeze wrist-bend' }],
  [
    'hand-surgery',
    'not cleared',
    {
      not: 'wrist-bend five-shapes open-close ball-squeeze loop-spread wrist-up-hold table-lean wrist-stretch-palm tap-backs putty-pinch',
      do: 'look-at-hands quiet-breath',
    },
  ],
  ['cold-fingers', 'settled', { adapt: 'tin-lift', do: 'wrist-bend five-shapes ball-squeeze' }],
  [
    'fixed-ring',
    'settled',
    { not: 'tap-backs', adapt: 'clasped-circles', do: 'wrist-bend five-shapes ball-squeeze' },
  ],
];

const CASES = TABLE.flatMap(([conditionId, state, by]) =>
  (Object.entries(by) as [Expected, string][]).flatMap(([expected, ids]) =>
    ids.split(' ').map((movementId) => [conditionId, state, movementId, expected] as const),
  ),
);

test('there are at least two hundred cases', () => {
  expect(CASES.length).toBeGreaterThanOrEqual(200);
  expect(new Set(CASES.map((c) => c.slice(0, 3).join())).size).toBe(CASES.length);
});

test.each(CASES)('%s, %s: %s is %s', (conditionId, state, movementId, expected) => {
  const sided = CAUTIONS.conditions.find((c) => c.id === conditionId)!.sided;
  const movement = CATALOGUE.movement(movementId)!;
  const who = person({
    conditions: [{ conditionId, side: sided ? 'R' : 'none', state, since: '2026-11-10', spots: [] }],
  });
  const { R, L } = verdictFor(who, movement, movement.dose, {
    table: CAUTIONS,
    catalogue: CATALOGUE,
    today: '2026-11-25',
  });
  const said = R.kind === 'swap' || R.kind === 'leaveOut' ? 'not' : R.kind;
  // Off until cleared is not done by either hand, whatever the condition.
  expect(said).toBe(expected);
  if (said !== 'do') expect(R.reasons.length).toBeGreaterThan(0);
  // The other hand goes on by itself where the movement lets it; else it has something else to do.
  if (sided && !movement.clearanceReason && movement.hands === 'apart')
    expect(['do', 'adapt']).toContain(L.kind);
});
