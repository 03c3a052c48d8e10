import { adapt, GLIDING, leaveOut } from './caution';

/** About what a lean at a wall or on chair arms puts on one wrist, of body weight; more is not for a joint that has its troubles. */
const WALL_SHARE = 0.15;

/** Arthritis, old breaks, replaced and repaired joints. */
export const joints = [
  adapt('oa-grip', 'hand-oa', 'squeeze within comfort', 'squeeze within comfort', [
    { efforts: ['grip'], effortOver: 2 },
  ]),
  adapt('oa-pinch', 'hand-oa', 'no long tight pinch', 'a light pinch, joints round', [
    { efforts: ['pinch'] },
  ]),
  leaveOut(
    'thumb-pinch',
    'thumb-base',
    'no side pinch or twisting against force',
    [{ traits: ['side pinch', 'twisting against force'] }],
    { instead: ['grip', 'active'] },
  ),
  leaveOut('thumb-forced', 'thumb-base', 'no forcing the thumb out', [{ traits: ['thumb forced out'] }], {
    instead: ['massage', 'active'],
  }),
  adapt('thumb-long-pinch', 'thumb-base', 'no long tight pinch', 'light touch, joints round', [
    { efforts: ['pinch'] },
  ]),
  adapt('thumb-off', 'thumb-base', 'keep the thumb out of the squeeze', 'thumb outside the grip', [
    { traits: ['thumb in the grip'], efforts: ['grip', 'opening'] },
  ]),
  adapt('thumb-web', 'thumb-base', 'stretch the web gently, low and long', 'gentle, never to pain', [
    { efforts: ['stretch'], joints: ['thumb'] },
  ]),
  adapt('thumb-taps', 'thumb-base', 'no blows on the base of the thumb', 'soft pats', [
    { traits: ['taps on the thumb side'] },
  ]),
  leaveOut('ia-knuckles', 'inflammatory', 'no knuckle taps', [{ traits: ['knuckle taps'] }], {
    instead: GLIDING,
  }),
  leaveOut(
    'ia-forced-drift',
    'inflammatory',
    'no forced little-finger-side drift',
    [{ traits: ['little-finger drift'], efforts: ['isometric', 'stretch', 'grip', 'load'] }],
    { instead: GLIDING },
  ),
  leaveOut(
    'ia-folded',
    'inflammatory',
    'no weight on folded fingers',
    [{ traits: ['weight on folded fingers'] }],
    { instead: ['load', 'active'] },
  ),
  adapt(
    'ia-knuckle-roll',
    'inflammatory',
    'no weight on folded fingers',
    '',
    [{ traits: ['rolls over the knuckles'] }],
    { ask: { rung: 'easier' } },
  ),
  adapt(
    'ia-drift',
    'inflammatory',
    'do not push the hand toward the little finger',
    'toward the thumb side only',
    [{ traits: ['little-finger drift'], efforts: ['active', 'coordination'] }],
  ),
  adapt(
    'ia-grip',
    'inflammatory',
    'grip effort at most five of ten',
    'squeeze within comfort',
    [{ efforts: ['grip', 'pinch'] }],
    { ask: { effortMost: 5 } },
  ),
  adapt('ia-finger-back', 'inflammatory', 'not on hot or unstable joints', 'leave out hot or loose joints', [
    { traits: ['finger drawn back'] },
  ]),
  adapt(
    'old-fracture-range',
    'old-fracture',
    'only to this wrist’s own limit',
    '',
    [{ joints: ['wrist'], efforts: ['active', 'stretch', 'load', 'coordination'] }],
    { ask: { support: 'forearm supported', ownRange: true } },
  ),
  leaveOut(
    'repair-passive',
    'joint-repair',
    'no passive stretch of that joint unless cleared',
    [{ traits: ['passive'] }, { efforts: ['stretch'] }],
    { instead: ['massage', 'active'], liftable: true },
  ),
  leaveOut(
    'repair-resisted',
    'joint-repair',
    'no resistance on that joint unless cleared',
    [{ efforts: ['grip', 'pinch', 'opening', 'isometric'] }],
    { instead: GLIDING, liftable: true },
  ),
  leaveOut('repair-load', 'joint-repair', 'no weight on that joint unless cleared', [{ efforts: ['load'] }], {
    instead: GLIDING,
    liftable: true,
  }),
  leaveOut(
    'repair-knuckles',
    'joint-repair',
    'no rolling over that joint unless cleared',
    [{ traits: ['rolls over the knuckles'] }],
    { instead: GLIDING, liftable: true },
  ),
  leaveOut(
    'repair-blows',
    'joint-repair',
    'no blows on that joint',
    [{ efforts: ['tap'] }, { traits: ['impact'] }],
    {
      instead: ['massage', 'active'],
    },
  ),
  ...(
    [
      ['oa-weight', 'hand-oa'],
      ['thumb-weight', 'thumb-base'],
      ['inflamed-weight', 'inflammatory'],
      ['stiff-weight', 'old-fracture'],
    ] as const
  ).map(([id, condition]) =>
    adapt(id, condition, 'no more weight than at a wall', 'less of the weight on the hands', [
      { wristShareOver: WALL_SHARE },
    ]),
  ),
];
