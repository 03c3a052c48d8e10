import type { MovementFigure } from '@/core/hand';
import { CUP, ROUND_BAR, turned, wrist } from './poses';
import { swing } from './shapes';

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
  'carry-over': { ...swing('palm', turned(CUP, -10), turned(CUP, 78), { prop: 'bag' }), counter: true },
};
