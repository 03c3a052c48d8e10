import { fingers, type MovementFigure } from '@/core/hand';
import {
  ON_BALL,
  PRESSED,
  ROUND_BALL,
  ROUND_BAR,
  SOFT_FIST,
  SPREAD,
  aside,
  STRAIGHT_PINCH,
  apart,
  tilted,
  wrist,
} from './poses';
import { carried, steps, swing, turning } from './shapes';

export const gripFigures: Readonly<Record<string, MovementFigure>> = {
  'alternate-fists': { ...swing('palm', SPREAD, SOFT_FIST), counter: true },
  'ball-squeeze': turning(swing('palm', ON_BALL, ROUND_BALL, { prop: 'ball' }), {
    'palm down': 'back',
    'palm up': 'palm',
  }),
  'ball-flat-fingers': swing('side', { ...STRAIGHT_PINCH, ...fingers(42, 4, 2) }, STRAIGHT_PINCH, {
    prop: 'ball',
  }),
  'ball-each-finger': steps(
    'palm',
    ON_BALL,
    {
      index: { ...ON_BALL, ...fingers(60, 62, 40, ['index']) },
      middle: { ...ON_BALL, ...fingers(60, 62, 40, ['middle']) },
      ring: { ...ON_BALL, ...fingers(60, 62, 40, ['ring']) },
      little: { ...ON_BALL, ...fingers(60, 62, 40, ['little']) },
    },
    { prop: 'ball' },
  ),
  'ball-roll-palms': carried('palm', apart(PRESSED, 26), 16, {
    scene: 'palms together',
    prop: 'ball',
    counter: true,
  }),
  'ring-squeeze': swing('palm', ON_BALL, ROUND_BALL, { prop: 'ring' }),
  'cloth-walk': {
    ...swing('back', aside(ROUND_BALL, -16), aside(ROUND_BAR, 22), {
      scene: 'cloth held level',
      prop: 'cloth between',
    }),
    counter: true,
  },
  'cloth-wring': {
    ...swing(
      'back',
      { ...ROUND_BAR, 'stage.roll': -24 },
      { ...wrist(ROUND_BAR, -34), 'stage.roll': 24 },
      { scene: 'cloth held level', prop: 'cloth between' },
    ),
    counter: true,
  },
  'cloth-elbows': swing('back', ROUND_BAR, tilted(ROUND_BAR, 20), {
    scene: 'cloth held upright',
    prop: 'cloth between',
  }),
};
