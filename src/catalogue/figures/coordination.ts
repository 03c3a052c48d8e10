import type { MovementFigure } from '@/core/hand';
import { CUP, OPEN, bent, up, wrist } from './poses';
import { sway, swing, through } from './shapes';

export const coordinationFigures: Readonly<Record<string, MovementFigure>> = {
  'split-hands': { ...sway('back', OPEN, wrist(OPEN, 30), wrist(OPEN, -30)), counter: true },
  'taps-opposed': through(
    'back',
    [bent('thumb'), bent('index'), bent('middle'), bent('ring'), bent('little')],
    {
      counter: true,
    },
  ),
  'pass-to-music': swing('palm', up(CUP, 0), up(CUP, 26), { scene: 'palms up under it', prop: 'bag' }),
};
