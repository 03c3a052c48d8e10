import type { MovementFigure } from '@/core/hand';
import { CUP, ON_BALL, OPEN, ROUND_BALL, ROUND_BAR, tilted, turned, up, wrist } from './poses';
import { carried, swing } from './shapes';

export const weightsFigures: Readonly<Record<string, MovementFigure>> = {
  'tin-lift': swing('palm', wrist(ROUND_BAR, 0, 20), wrist(ROUND_BAR, 0, -16), {
    scene: 'forearm on the thigh, thumb up',
    prop: 'weight',
  }),
  'pan-lift': swing('palm', wrist(ROUND_BAR, 0, 22), wrist(ROUND_BAR, 0, -10), {
    scene: 'forearm on the thigh, thumb up',
    prop: 'pan',
  }),
  'weight-curl': swing('palm', wrist(ROUND_BAR, -30), wrist(ROUND_BAR, 40), {
    scene: 'forearm on the thigh, palm up',
    prop: 'weight',
  }),
  'weight-back-lift': swing('palm', wrist(ROUND_BAR, 36), wrist(ROUND_BAR, -30), {
    scene: 'forearm on the thigh, palm down',
    prop: 'weight',
  }),
  'carry-sides': swing('palm', tilted(OPEN, -8), tilted(OPEN, 8), {
    scene: 'palms up under it',
    prop: 'bottle across',
    counter: true,
  }),
  'carry-over': { ...swing('palm', turned(CUP, -10), turned(CUP, 78), { prop: 'bag' }), counter: true },
  'carry-eight': carried('palm', OPEN, 18, { scene: 'palms up under it', prop: 'bottle across' }),
  'carry-shoulders': swing('palm', up(OPEN, -30), up(OPEN, 40), {
    scene: 'palms up under it',
    prop: 'bottle across',
  }),
  'shelf-reach': { ...swing('palm', up(ROUND_BALL, -50), up(ON_BALL, 50), { prop: 'bag' }), counter: true },
};
