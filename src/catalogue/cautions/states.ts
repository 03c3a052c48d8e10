import { HAND_JOINTS } from '@/core/catalogue';
import { adapt, AGAINST, ARM, GLIDING, leaveOut, MOVING } from './caution';

const glides = { instead: GLIDING, insteadTrait: 'tendon glide' } as const;

/** What a state asks for, whatever the condition: sore today, in flare, not cleared. */
export const states = [
  leaveOut(
    'flare-effort',
    'any hand',
    'in flare, no gripping, resistance, passive stretch, tapping or weight until 24-48 h after it settles',
    [
      { efforts: ['grip', 'pinch', 'opening', 'load', 'tap', 'stretch'] },
      { efforts: ['isometric'], effortOver: 2 },
      { traits: ['passive'] },
    ],
    { states: ['flare'], ...glides },
  ),
  adapt(
    'flare-active',
    'any hand',
    'in flare, few and small',
    '',
    [{ efforts: ['active', 'coordination', 'isometric'] }],
    { states: ['flare'], ask: { countShare: 0.5, effortMost: 2, halfRange: true, rung: 'gentlest' } },
  ),
  adapt(
    'flare-shake',
    'any hand',
    'in flare, nothing loose and quick',
    'small and slow',
    [{ traits: ['loose shake'] }],
    {
      states: ['flare'],
    },
  ),
  adapt('sore-effort', 'any hand', 'sore today', '', [{ effortOver: 2 }, { efforts: ['load'] }], {
    states: ['sore'],
    ask: { countShare: 0.5, effortMost: 2, rung: 'easier' },
  }),
  adapt('sore-tap', 'any hand', 'sore today', 'soft pats', [{ efforts: ['tap'] }], {
    states: ['sore'],
    ask: { countShare: 0.5 },
  }),
  adapt(
    'sore-stretch',
    'any hand',
    'sore today',
    'only until it begins to pull',
    [{ efforts: ['stretch'] }, { traits: ['passive'] }],
    { states: ['sore'], ask: { countShare: 0.5 } },
  ),
  leaveOut(
    'not-cleared',
    'any hand',
    'not cleared by a clinician yet',
    [{ efforts: MOVING, joints: HAND_JOINTS }],
    {
      states: ['not cleared'],
      liftable: true,
    },
  ),
  adapt(
    'whole-not-cleared',
    'any whole',
    'not cleared by a clinician yet',
    '',
    [{ efforts: [...AGAINST, 'tap'] }],
    { states: ['flare', 'not cleared'], ask: { effortMost: 2, rung: 'gentlest' } },
  ),
  leaveOut(
    'shoulder-rests',
    'shoulder',
    'this shoulder or neck rests until it has settled and is cleared',
    [{ joints: ['shoulder', 'neck'] }, { efforts: ['load'] }],
    { states: ['flare', 'not cleared'], ...glides },
  ),
  leaveOut(
    'heart-rests',
    'blood-pressure',
    'no pressing, lifting or leaning until it is stable and cleared',
    [{ efforts: ['isometric', 'load'] }, { efforts: AGAINST, effortOver: 2 }],
    { states: ['flare', 'not cleared'], ...glides },
  ),
  leaveOut(
    'spine-rests',
    'spine-fracture',
    'hands only, until the spine is cleared',
    [{ efforts: ['load'] }, { joints: ['shoulder', 'trunk', 'neck', 'legs'] }],
    { states: ['flare', 'not cleared'], ...glides },
  ),
  leaveOut(
    'eyes-rest',
    'eye-pressure',
    'no pressing or leaning until it is cleared',
    [{ efforts: ['isometric', 'load'] }],
    { states: ['flare', 'not cleared'], ...glides },
  ),
  leaveOut(
    'fracture',
    'wrist-fracture',
    'only what the clinician wrote',
    [{ efforts: MOVING, joints: ARM }],
    {
      liftable: true,
    },
  ),
  leaveOut(
    'surgery',
    'hand-surgery',
    'nothing for this hand unless cleared',
    [{ efforts: MOVING, joints: ARM }],
    {
      liftable: true,
    },
  ),
  leaveOut(
    'fall',
    'fall',
    'fell since the last class with pain and no X-ray: that arm rests until it has been seen',
    [{ efforts: MOVING, joints: ARM }],
  ),
  leaveOut(
    'numb-gentle',
    'numb-today',
    'gentle movement only, and advice before the next class',
    [{ efforts: [...AGAINST, 'stretch', 'tap'] }, { traits: ['passive', 'impact'] }],
    glides,
  ),
  ...(
    [
      ['unwell-gentle', 'unwell-today', 'seated and gentle only; help if it does not pass'],
      ['illness-rests', 'illness-unseen', 'seated and gentle only, until a clinician has seen them'],
    ] as const
  ).map(([id, condition, because]) =>
    leaveOut(
      id,
      condition,
      because,
      [
        { efforts: [...AGAINST, 'stretch', 'tap'] },
        { position: 'standing' },
        { position: 'floor' },
        { traits: ['neck turn', 'head low', 'trunk bend', 'impact'] },
      ],
      glides,
    ),
  ),
  adapt(
    'new-gentle',
    'new-today',
    'not looked into yet',
    '',
    [{ efforts: [...AGAINST, 'tap', 'stretch'] }, { traits: ['passive'] }],
    { ask: { rung: 'gentlest' } },
  ),
  adapt(
    'unseen-gentle',
    'hand-unseen',
    'no clinician has seen it yet',
    '',
    [{ efforts: [...AGAINST, 'tap', 'stretch'] }, { traits: ['passive'] }],
    { ask: { rung: 'gentlest' } },
  ),
  adapt('stiff-morning', 'stiff-today', 'stiff for more than half an hour this morning', 'smaller at first', [
    { efforts: ['active', 'stretch', 'coordination'], joints: HAND_JOINTS },
  ]),
];
