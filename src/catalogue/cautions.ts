import { EFFORT_KINDS, type EffortKind } from '@/core/catalogue';
import type { CautionRule, CautionTable } from '@/core/screening';
import { CONDITIONS } from './conditions';

const ANY = ['settled', 'sore', 'flare', 'not cleared'] as const;
const CALM = ['settled', 'sore'] as const;
/** Everything but looking and breathing. */
const MOVING: readonly EffortKind[] = EFFORT_KINDS.filter((kind) => kind !== 'notice' && kind !== 'breath');
const GLIDING = ['active', 'warm'] as const;

const leaveOut = (
  id: string,
  condition: string,
  because: string,
  when: CautionRule['when'],
  rest: Partial<CautionRule> = {},
): CautionRule => ({ id, condition, states: ANY, verdict: 'leaveOut', because, when, ...rest });

const adapt = (
  id: string,
  condition: string,
  because: string,
  how: string,
  when: CautionRule['when'],
  rest: Partial<CautionRule> = {},
): CautionRule => ({ id, condition, states: ANY, verdict: 'adapt', because, how, when, ...rest });

/** The caution table as data: each row names a class of movement and says why. */
const RULES: readonly CautionRule[] = [
  leaveOut(
    'flare-effort',
    'any hand',
    'in flare, no gripping, resistance, passive stretch, tapping or weight until 24-48 h after it settles',
    [
      { efforts: ['grip', 'pinch', 'opening', 'load', 'tap'] },
      { efforts: ['isometric'], effortOver: 2 },
      { traits: ['passive'] },
    ],
    { states: ['flare'], instead: GLIDING },
  ),
  adapt(
    'flare-active',
    'any hand',
    'in flare, few and small',
    'a few only, half the range',
    [{ efforts: ['active', 'coordination', 'isometric'] }],
    { states: ['flare'], ask: { countShare: 0.5, effortMost: 2, rung: 'gentlest' } },
  ),
  adapt(
    'sore-effort',
    'any hand',
    'sore today',
    'half the count, effort two of ten at most',
    [{ effortOver: 2 }],
    { states: ['sore'], ask: { countShare: 0.5, effortMost: 2, rung: 'easier' } },
  ),
  leaveOut(
    'not-cleared',
    'any hand',
    'not cleared by a clinician yet',
    [{ efforts: MOVING, joints: ['wrist', 'forearm', 'thumb', 'fingers'] }],
    { states: ['not cleared'], liftedBy: 'hand' },
  ),
  leaveOut(
    'fracture',
    'wrist-fracture',
    'only what the clinician wrote',
    [{ efforts: MOVING, joints: ['wrist', 'forearm', 'thumb', 'fingers'] }],
    { states: CALM, liftedBy: 'hand' },
  ),
  leaveOut(
    'surgery',
    'hand-surgery',
    'nothing for this hand unless cleared',
    [{ efforts: MOVING, joints: ['wrist', 'forearm', 'thumb', 'fingers'] }],
    { liftedBy: 'hand' },
  ),
  adapt(
    'oa-grip',
    'hand-oa',
    'squeeze within comfort',
    'squeeze within comfort, no long tight pinch',
    [{ efforts: ['grip', 'pinch'] }],
    {
      states: CALM,
    },
  ),
  leaveOut(
    'thumb-pinch',
    'thumb-base',
    'no side pinch or twisting against force',
    [{ traits: ['side pinch', 'twisting against force'] }],
    {
      instead: ['grip', 'active'],
    },
  ),
  adapt('thumb-long-pinch', 'thumb-base', 'no long tight pinch', 'light touch, joints round', [
    { traits: ['long tight pinch'] },
  ]),
  adapt('thumb-off', 'thumb-base', 'keep the thumb out of the squeeze', 'thumb off the ball', [
    { traits: ['thumb in the grip'] },
  ]),
  adapt('thumb-web', 'thumb-base', 'stretch the web gently, low and long', 'gentle, never to pain', [
    { efforts: ['stretch'], joints: ['thumb'] },
  ]),
  leaveOut('ia-knuckles', 'inflammatory', 'no knuckle taps', [{ traits: ['knuckle taps'] }], {
    instead: GLIDING,
  }),
  adapt(
    'ia-drift',
    'inflammatory',
    'stay off forced little-finger-side drift',
    'toward the thumb side only',
    [{ traits: ['little-finger drift'] }],
  ),
  adapt(
    'ia-grip',
    'inflammatory',
    'effort at most five of ten',
    'effort three of ten',
    [{ efforts: ['grip', 'pinch'] }],
    { states: CALM, ask: { effortMost: 5 } },
  ),
  leaveOut(
    'ia-folded',
    'inflammatory',
    'no weight on folded fingers',
    [{ traits: ['weight on folded fingers'] }],
    {
      instead: ['load', 'active'],
    },
  ),
  adapt(
    'bone-ladder',
    'osteoporosis',
    'loading is wanted, from the bottom of the ladder',
    'one rung at a time',
    [{ efforts: ['load'] }],
    { liftedBy: 'loading', ask: { rung: 'gentlest' } },
  ),
  leaveOut('bone-bend', 'osteoporosis', 'no loaded bend or twist of the trunk', [{ traits: ['trunk bend'] }]),
  leaveOut('bone-impact', 'osteoporosis', 'no impact unless cleared', [{ traits: ['impact'] }], {
    instead: ['load'],
    liftedBy: 'loading',
  }),
  adapt('bone-low', 'osteoporosis', 'no bending down to reach low', 'leave out the low height', [
    { traits: ['low reach'] },
  ]),
  leaveOut('spine-trunk', 'spine-fracture', 'no bend, twist or lean-back of the trunk', [
    { traits: ['trunk bend'] },
    { joints: ['trunk'], efforts: ['active'] },
  ]),
  adapt('spine-low', 'spine-fracture', 'tall sitting, no low reach', 'sit tall, leave out the low height', [
    { traits: ['low reach'] },
  ]),
  leaveOut('balance-standing', 'balance', 'no standing', [{ position: 'standing' }], { instead: ['load'] }),
  adapt('balance-neck', 'balance', 'no quick head turns', 'eyes open, only the eyes turn', [
    { traits: ['neck turn'] },
  ]),
  adapt('neck-turn', 'shoulder', 'small and slow', 'only the eyes turn', [{ traits: ['neck turn'] }]),
  leaveOut(
    'repair-passive',
    'joint-repair',
    'no passive stretch of that joint unless cleared',
    [{ traits: ['passive'] }],
    { instead: ['massage', 'active'], liftedBy: 'stretch' },
  ),
  leaveOut(
    'repair-resisted',
    'joint-repair',
    'no resistance on that joint unless cleared',
    [{ efforts: ['grip', 'pinch', 'opening', 'isometric', 'load'] }],
    { instead: GLIDING, liftedBy: 'resisted' },
  ),
  leaveOut('lymph-loops', 'swollen-arm', 'no tight loops', [{ traits: ['tight loops'] }], {
    instead: ['active'],
  }),
  leaveOut(
    'feeling-clip',
    'reduced-feeling',
    'no clips, no tapping',
    [{ traits: ['clip on skin'] }, { efforts: ['tap'] }],
    { instead: ['massage', 'active'] },
  ),
  adapt(
    'old-fracture-range',
    'old-fracture',
    'only to this wrist’s own limit',
    'to this wrist’s own limit',
    [{ joints: ['wrist'], efforts: ['active', 'stretch', 'load', 'coordination'] }],
    { ask: { support: 'forearm supported' } },
  ),
  leaveOut(
    'median-fold',
    'median-nerve',
    'no long folding of the wrist, no leaning on the heel of the hand',
    [
      { traits: ['weight on the heel of the hand'] },
      { traits: ['wrist folded at its end'], holdOverMs: 5_000 },
    ],
    { instead: GLIDING },
  ),
  adapt(
    'median-grip',
    'median-nerve',
    'no long firm gripping',
    'wrist straight, half the count, stop on tingling',
    [{ efforts: ['grip'] }],
    { ask: { countShare: 0.5, effortMost: 3 } },
  ),
  leaveOut(
    'median-long-grip',
    'median-nerve',
    'no long firm gripping',
    [
      { efforts: ['grip', 'pinch'], holdOverMs: 5_000 },
      { traits: ['firm squeeze'], effortOver: 3 },
    ],
    { instead: GLIDING },
  ),
  adapt(
    'median-counter',
    'median-nerve',
    'short and light, wrist near straight',
    'five seconds only',
    [{ traits: ['backs of the hands stretched'] }],
    { ask: { holdMostMs: 5_000 } },
  ),
  leaveOut(
    'trigger-grip',
    'trigger-finger',
    'no repeated forceful grip',
    [{ efforts: ['grip', 'pinch'], effortOver: 2 }],
    {
      instead: ['opening', 'active'],
    },
  ),
  adapt('thumb-tendon', 'thumb-tendon', 'keep the thumb relaxed', 'thumb relaxed, no sideways bend', [
    { traits: ['thumb in the grip', 'little-finger drift', 'twisting against force'] },
  ]),
  leaveOut(
    'cord-straighten',
    'palm-cord',
    'no forced straightening of the fingers',
    [{ traits: ['fingers drawn straight'] }],
    {
      instead: ['massage', 'active'],
    },
  ),
  adapt('cord-open', 'palm-cord', 'open only as far as the cord allows', 'open as far as it goes by itself', [
    { traits: ['opens the hand'] },
  ]),
  adapt(
    'weak-side',
    'one-sided-weakness',
    'the weak side works with help',
    'the other hand assists',
    [{ efforts: ['load', 'grip', 'pinch', 'opening', 'isometric', 'active'] }],
    { ask: { support: 'table support' } },
  ),
  adapt('feeling', 'reduced-feeling', 'check the skin by eye', 'look at the skin after the prop', [
    { traits: ['tight loops', 'weight on folded fingers'] },
    { efforts: ['grip'] },
  ]),
  adapt('ring', 'fixed-ring', 'no interlacing on this hand', 'flat palms', [{ traits: ['interlaced'] }]),
  leaveOut('ring-tap', 'fixed-ring', 'no tapping on this hand', [{ efforts: ['tap'] }], {
    instead: ['massage', 'active'],
  }),
  leaveOut(
    'skin-domes',
    'fragile-skin',
    'no textured domes, clips or tapping',
    [{ traits: ['weight on folded fingers', 'clip on skin'] }, { efforts: ['tap'] }],
    { instead: ['load', 'massage'] },
  ),
  adapt('skin-rub', 'fragile-skin', 'press, do not rub', 'press and hold, no rubbing', [
    { traits: ['rubbing'] },
    { efforts: ['massage'] },
  ]),
  adapt('skin-loops', 'fragile-skin', 'soft props only', 'over a cotton glove', [
    { traits: ['tight loops'] },
  ]),
  adapt(
    'pressure-effort',
    'blood-pressure',
    'effort at most three of ten, breath kept going',
    'count aloud, effort three of ten at most',
    [{ efforts: ['isometric'] }, { effortOver: 3 }],
    { ask: { effortMost: 3, holdMostMs: 10_000 } },
  ),
  leaveOut(
    'pressure-long',
    'blood-pressure',
    'no effort held over 10 s',
    [{ efforts: ['isometric', 'grip', 'opening', 'load'], holdOverMs: 10_000 }],
    { instead: GLIDING },
  ),
  adapt('shoulder-low', 'shoulder', 'arms at or below chest height', 'hands rise only to the ribs', [
    { joints: ['shoulder'] },
  ]),
  adapt(
    'tremor-support',
    'tremor',
    'slower, forearm supported',
    'larger prop, slower',
    [{ efforts: ['grip', 'pinch', 'coordination', 'opening'] }],
    { ask: { support: 'forearm supported' } },
  ),
  adapt('memory-sequence', 'memory', 'one cue at a time', 'copies the helper, one cue at a time', [
    { traits: ['long sequence'] },
  ]),
  adapt('sight-sequence', 'poor-sight', 'hear the finger names', 'seat near, say each finger', [
    { traits: ['long sequence'] },
  ]),
  leaveOut('thumb-forced', 'thumb-base', 'no forcing the thumb out', [{ traits: ['thumb forced out'] }], {
    instead: ['massage', 'active'],
  }),
  leaveOut(
    'tendon-fist',
    'thumb-tendon',
    'no thumb in the fist with a sideways bend',
    [{ traits: ['thumb in the fist, bent sideways'] }],
    { instead: GLIDING },
  ),
  leaveOut(
    'weak-unsupported',
    'one-sided-weakness',
    'no unsupported load on the weak side',
    [
      { efforts: ['load'], position: 'standing' },
      { efforts: ['load'], position: 'floor' },
    ],
    { instead: ['load'] },
  ),
  leaveOut('shoulder-high', 'shoulder', 'no arms above the shoulder', [{ traits: ['arms above chest'] }], {
    instead: ['active', 'grip'],
  }),
  adapt('ia-finger-back', 'inflammatory', 'not on hot or unstable joints', 'leave out hot or loose joints', [
    { traits: ['finger drawn back'] },
  ]),
  leaveOut(
    'ia-forced-drift',
    'inflammatory',
    'no forced little-finger-side drift',
    [{ traits: ['little-finger drift'], efforts: ['isometric', 'stretch', 'grip', 'load'] }],
    { instead: GLIDING },
  ),
  leaveOut(
    'fall',
    'fall',
    'fell since the last class with pain and no X-ray: that arm rests until it has been seen',
    [{ efforts: MOVING, joints: ['wrist', 'forearm', 'thumb', 'fingers', 'shoulder'] }],
  ),
  adapt('stiff-morning', 'stiff-today', 'stiff for long this morning', 'warm up longer, smaller at first', [
    { efforts: ['active', 'stretch', 'coordination'] },
  ]),
  leaveOut('eye-head', 'eye-pressure', 'no low head', [{ traits: ['head low'] }], { instead: ['load'] }),
  adapt('eye-breath', 'eye-pressure', 'never hold the breath', 'count aloud to keep breathing', [
    { efforts: ['isometric'] },
    { traits: ['breath held easily'] },
  ]),
  leaveOut('pressure-head', 'blood-pressure', 'no head below the heart', [{ traits: ['head low'] }], {
    instead: ['load'],
  }),
  leaveOut('pressure-overhead', 'blood-pressure', 'no weights overhead', [{ traits: ['weight overhead'] }], {
    instead: ['grip'],
  }),
  leaveOut('balance-eyes', 'balance', 'no closed eyes standing', [{ traits: ['eyes closed'] }]),
  adapt('swollen-light', 'swollen-arm', 'light only, by the clinician’s plan', 'light, hand raised between', [
    { efforts: ['grip', 'pinch', 'load', 'isometric'] },
  ]),
  adapt('cold-prop', 'cold-fingers', 'no cold props', 'warm the prop and the hands first, keep moving', [
    { traits: ['cold prop'] },
  ]),
  leaveOut('magnet', 'pacemaker', 'no magnets near the chest', [{ traits: ['magnet near the chest'] }], {
    instead: ['grip'],
  }),
  adapt('hearing-sequence', 'poor-hearing', 'see the finger names', 'seat near, large display', [
    { traits: ['long sequence'] },
  ]),
  adapt('latex-swap', 'latex', 'must not touch latex', 'fabric or silicone instead', [{ propLatex: true }]),
];

export const CAUTIONS: CautionTable = { conditions: CONDITIONS, rules: RULES };
