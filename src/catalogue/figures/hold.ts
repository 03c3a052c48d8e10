import type { MovementFigure } from '@/core/hand';
import { OPEN, PLATE, PRESSED, ROUND_BAR, SOFT_FIST, apart, up, wrist } from './poses';
import { held, moving } from './shapes';

export const holdFigures: Readonly<Record<string, MovementFigure>> = {
  'wrist-up-hold': held('side', SOFT_FIST, wrist(SOFT_FIST, -6), { scene: 'other hand on the back' }),
  'wrist-down-hold': held('side', PLATE, wrist(PLATE, 4), { scene: 'other hand under the palm' }),
  'wrist-side-hold': moving(held('back', OPEN, wrist(OPEN, 0, -4), { scene: 'other hand at the side' }), {
    'toward the little finger': {
      motion: { kind: 'held', from: OPEN, to: wrist(OPEN, 0, 4) },
      scene: 'other hand at the little side',
    },
  }),
  'palms-press': held('palm', apart(PRESSED, 14), PRESSED, { scene: 'palms together' }),
  'cloth-pull': held('back', ROUND_BAR, up(ROUND_BAR, 14), {
    scene: 'cloth held upright',
    prop: 'cloth between',
    other: { kind: 'held', from: ROUND_BAR, to: up(ROUND_BAR, -14) },
  }),
};
