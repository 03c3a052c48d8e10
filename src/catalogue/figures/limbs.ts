import type { MovementFigure } from '@/core/hand';
import { OPEN, PLATE, PRESSED, SOFT_FIST } from './poses';
import { alone, seated } from './people';
import { rests, swing, through } from './shapes';

const THIGHS = 'on the thighs';
const UPPER = { shows: 'upper' } as const;
/** An arm that hangs beside the chair. */
const HANGING = { ...OPEN, 'arm.out': 20, 'arm.ahead': 8 } as const;
const FORWARD = { ...OPEN, 'arm.ahead': 78, 'arm.out': 6, 'elbow.bend': 6, 'arm.palm': 70 } as const;

const BEFORE = {
  ...OPEN,
  'arm.ahead': 18,
  'arm.out': 4,
  'elbow.bend': 82,
  'head.nod': 26,
  'arm.turn': 12,
} as const;
/** Both hands before one, backs up, then palms; each in its pass. */
const looking = (palm: number) => rests({ ...BEFORE, 'arm.palm': palm }, {}, { 'arm.palm': palm * 0.92 });
const lookedAt: MovementFigure = {
  ...seated(
    'corner',
    'free',
    swing('back', { ...BEFORE, 'arm.palm': 75 }, { ...BEFORE, 'arm.palm': -75 }),
    UPPER,
  ),
  passes: { 'palms down': { motion: looking(75).motion }, 'palms up': { motion: looking(-75).motion } },
};
const shaking = (palm: number) =>
  swing(
    'back',
    { ...OPEN, 'wrist.flexion': 38, 'arm.ahead': 30, 'elbow.bend': 75, 'arm.palm': palm },
    { ...OPEN, 'wrist.flexion': -18, 'arm.ahead': 30, 'elbow.bend': 75, 'arm.palm': palm },
  );

/** Arms, trunk, neck and legs: links between hand blocks. */
export const limbsFigures: Readonly<Record<string, MovementFigure>> = {
  'arm-circles': alone(
    seated(
      'corner',
      'free',
      through('back', [
        { ...HANGING, 'arm.ahead': 46, 'arm.out': 22 },
        { ...HANGING, 'arm.ahead': 22, 'arm.out': 52 },
        { ...HANGING, 'arm.ahead': -10, 'arm.out': 24 },
        { ...HANGING, 'arm.ahead': 14, 'arm.out': 6 },
      ]),
      { build: 1 },
    ),
    HANGING,
  ),
  'elbow-bends': seated(
    'side',
    'free',
    swing(
      'back',
      { ...OPEN, 'arm.out': 8, 'arm.ahead': 22, 'elbow.bend': 30, 'arm.palm': -70 },
      { ...OPEN, 'arm.out': 8, 'arm.ahead': 22, 'elbow.bend': 125, 'arm.palm': -70 },
    ),
    UPPER,
  ),
  'arms-wide-forward': seated(
    'corner',
    'free',
    swing('back', FORWARD, { ...FORWARD, 'arm.ahead': 60, 'arm.out': 74, 'arm.palm': 20 }),
    { ...UPPER, build: 4 },
  ),
  'reach-and-row': seated(
    'side',
    'free',
    swing(
      'back',
      { ...OPEN, 'arm.ahead': -34, 'elbow.bend': 105, 'arm.out': 10 },
      { ...OPEN, 'arm.ahead': 72, 'elbow.bend': 8, 'arm.out': 8 },
    ),
    { ...UPPER, build: 3 },
  ),
  'side-lean': seated(
    'front',
    'on the seat',
    swing('back', HANGING, { ...HANGING, 'trunk.side': 17, 'head.side': 4 }),
  ),
  'one-shoulder': alone(
    seated(
      'front',
      THIGHS,
      through('back', [
        { ...PLATE },
        { ...PLATE, 'shoulder.up': 56 },
        { ...PLATE, 'shoulder.up': 44, 'shoulder.ahead': -30 },
        { ...PLATE, 'shoulder.ahead': -20 },
      ]),
      { ...UPPER, build: 2 },
    ),
  ),
  'hands-cross-over': alone(
    seated('front', 'on the other knee', swing('back', { ...PLATE, 'reach.up': 150 }, PLATE), {
      ...UPPER,
      build: 1,
    }),
    PLATE,
  ),
  'half-neck-circle': seated(
    'front',
    THIGHS,
    swing(
      'back',
      { ...PLATE, 'head.nod': 30, 'head.turn': -46 },
      { ...PLATE, 'head.nod': 30, 'head.turn': 46 },
    ),
    UPPER,
  ),
  'small-nods': seated('side', THIGHS, swing('back', PLATE, { ...PLATE, 'head.nod': 26 }), {
    ...UPPER,
    build: 4,
  }),
  'palms-rise-and-sink': seated(
    'corner',
    'palms together',
    swing(
      'palm',
      { ...PRESSED, 'wrist.flexion': 0, 'reach.up': -190, 'trunk.lean': 6 },
      { ...PRESSED, 'wrist.flexion': 0, 'reach.up': 40 },
    ),
    { ...UPPER, build: 2 },
  ),
  'ribs-and-elbows': seated(
    'corner',
    'on the ribs',
    swing('back', { ...PLATE, 'elbow.out': -18 }, { ...PLATE, 'elbow.out': 48 }),
    UPPER,
  ),
  'feet-sideways': seated('front', THIGHS, swing('back', PLATE, { ...PLATE, 'foot.turn': 38 }), {
    shows: 'feet',
  }),
  'feet-apart': seated('front', THIGHS, swing('back', PLATE, { ...PLATE, 'foot.out': 150 }), { build: 3 }),
  'leg-reach': alone(
    seated(
      'side',
      THIGHS,
      swing('back', PLATE, { ...PLATE, 'foot.ahead': 340, 'foot.up': 90, 'toes.up': 10 }),
    ),
  ),
  'heel-slides': alone(
    seated(
      'side',
      THIGHS,
      swing('back', { ...PLATE, 'foot.ahead': -130, 'heel.up': 18 }, { ...PLATE, 'foot.ahead': 190 }),
      { build: 2 },
    ),
  ),
  'knees-sway': seated('front', THIGHS, swing('back', PLATE, { ...PLATE, 'knees.sway': 22 }), { build: 4 }),
  'toes-lift': seated('front', THIGHS, swing('back', PLATE, { ...PLATE, 'toes.bend': -40 }), {
    shows: 'feet',
  }),
  'arms-with-breath': seated(
    'side',
    'free',
    swing(
      'back',
      { ...OPEN, 'wrist.flexion': 18, 'arm.ahead': 26, 'elbow.bend': 30, 'arm.palm': 70 },
      { ...OPEN, 'wrist.flexion': -12, 'arm.ahead': 82, 'elbow.bend': 14, 'arm.palm': 70 },
    ),
    { ...UPPER, build: 1 },
  ),
  'wrist-shake': {
    ...seated('corner', 'free', shaking(75), { ...UPPER, build: 4 }),
    passes: { 'palms up': { motion: shaking(-70).motion } },
  },
  'look-at-hands': lookedAt,
  'look-again': { ...lookedAt, person: { ...lookedAt.person!, build: 3 } },
  'self-hug': seated(
    'corner',
    'round the body',
    swing('palm', { ...PLATE, 'trunk.lean': 0 }, { ...PLATE, 'reach.out': -14, 'shoulder.ahead': 14 }),
    UPPER,
  ),
  'crossed-wrists-breath': seated(
    'front',
    'in the lap',
    swing('palm', { ...PLATE, 'reach.out': -104 }, { ...PLATE, 'reach.out': -104, 'shoulder.up': 8 }),
    { ...UPPER, build: 2 },
  ),
  'quiet-breath': seated(
    'corner',
    'in the lap',
    swing('palm', SOFT_FIST, { ...SOFT_FIST, 'shoulder.up': 8 }),
    { ...UPPER, build: 1 },
  ),
};
