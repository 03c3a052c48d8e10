import type { MovementFigure } from '@/core/hand';
import { CUP, OPEN, up, wrist, BENT_ONE_BY_ONE } from './poses';
import { steps, sway, swing } from './shapes';

export const coordinationFigures: Readonly<Record<string, MovementFigure>> = {
  'split-hands': { ...sway('back', OPEN, wrist(OPEN, 30), wrist(OPEN, -30)), counter: true },
  'taps-opposed': steps('back', OPEN, BENT_ONE_BY_ONE, { counter: true }),
  'pass-to-music': swing('palm', up(CUP, 0), up(CUP, 26), { scene: 'palms up under it', prop: 'bag' }),
};
