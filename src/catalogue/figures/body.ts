import type { MovementFigure } from '@/core/hand';
import { OPEN, PLATE } from './poses';
import { alone, seated } from './people';
import { swing, through } from './shapes';

const THIGHS = 'on the thighs';
const UPPER = { shows: 'upper' } as const;
const LIFTED = { ...PLATE, 'foot.up': 70, 'foot.ahead': 120 } as const;
const BACK = { ...OPEN, 'foot.ahead': -140, 'heel.up': 30 } as const;
const FORWARD = { ...OPEN, 'foot.ahead': 170, 'toes.up': 25 } as const;
const ARMS_BACK = { 'arm.ahead': -30, 'elbow.bend': 25 } as const;
const ARMS_FORWARD = { 'arm.ahead': 45, 'elbow.bend': 25 } as const;
const UP_AND_DOWN = swing('back', { ...LIFTED, 'toes.up': -32 }, { ...LIFTED, 'toes.up': 24 });
const FOOT_CIRCLE = through('back', [
  { ...LIFTED, 'toes.up': 24 },
  { ...LIFTED, 'foot.turn': 28, 'foot.tilt': -12 },
  { ...LIFTED, 'toes.up': -38 },
  { ...LIFTED, 'foot.turn': -26, 'foot.tilt': 26 },
]);

export const bodyFigures: Readonly<Record<string, MovementFigure>> = {
  'shoulder-rolls': seated(
    'corner',
    THIGHS,
    through('back', [
      { ...PLATE, 'shoulder.ahead': 30 },
      { ...PLATE, 'shoulder.up': 58 },
      { ...PLATE, 'shoulder.ahead': -34 },
      { ...PLATE, 'shoulder.up': -8 },
    ]),
    UPPER,
  ),
  'shoulder-drop': seated('front', THIGHS, swing('back', PLATE, { ...PLATE, 'shoulder.up': 58 }), {
    ...UPPER,
    build: 1,
  }),
  'arms-float': seated(
    'front',
    'free',
    swing('back', { ...OPEN, 'arm.out': 18 }, { ...OPEN, 'arm.out': 82, 'arm.palm': 40 }),
    UPPER,
  ),
  'heel-toe-arms': seated('side', 'free', {
    ...swing('back', { ...BACK, ...ARMS_BACK }, { ...FORWARD, ...ARMS_FORWARD }),
    counter: true,
  }),
  'heel-toe-opposed': seated(
    'side',
    'free',
    { ...swing('back', { ...BACK, ...ARMS_FORWARD }, { ...FORWARD, ...ARMS_BACK }), counter: true },
    { build: 3 },
  ),
  'toe-curls': seated('front', THIGHS, swing('back', { 'toes.bend': -30 }, { 'toes.bend': 38 }), {
    shows: 'feet',
  }),
  'head-turns': seated('front', THIGHS, swing('back', PLATE, { ...PLATE, 'head.turn': 58 }), {
    ...UPPER,
    build: 2,
  }),
  'seated-twist': seated(
    'front',
    THIGHS,
    swing('back', PLATE, { ...PLATE, 'trunk.turn': 36, 'head.turn': 10 }),
    { ...UPPER, build: 4 },
  ),
  'lean-back-return': seated('side', THIGHS, swing('back', PLATE, { ...PLATE, 'trunk.lean': -18 })),
  'ankle-bends': seated(
    'side',
    THIGHS,
    swing('back', { ...PLATE, 'heel.up': 34 }, { ...PLATE, 'toes.up': 26 }),
    {
      build: 1,
    },
  ),
  'ankle-circles': alone(seated('front', THIGHS, FOOT_CIRCLE), PLATE),
  'ankle-split': { ...seated('front', THIGHS, UP_AND_DOWN, { build: 2 }), other: FOOT_CIRCLE.motion },
  'seated-march': alone(
    seated('corner', THIGHS, swing('back', PLATE, { ...PLATE, 'foot.up': 130, 'foot.ahead': -10 }), {
      build: 3,
    }),
  ),
};
