import type { MovementFigure } from '@/core/hand';
import { OPEN, wrist, BENT_ONE_BY_ONE } from './poses';
import { steps, sway } from './shapes';

export const coordinationFigures: Readonly<Record<string, MovementFigure>> = {
  'split-hands': {
    ...sway('back', OPEN, wrist(OPEN, 30), wrist(OPEN, -30)),
    other: sway('back', OPEN, wrist(OPEN, 0, 26), wrist(OPEN, 0, -18)).motion,
  },
  'taps-opposed': steps('back', OPEN, BENT_ONE_BY_ONE, { counter: true }),
};
