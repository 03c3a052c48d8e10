import type { MovementFigure } from '@/core/hand';
import { OPEN, PLATE, SOFT_FIST, up, wrist } from './poses';
import { carried, rests, swing } from './shapes';

const ON_THIGH = rests(wrist(PLATE, -16), { scene: 'on the thigh' });

export const bodyFigures: Readonly<Record<string, MovementFigure>> = {
  'shoulder-rolls': carried('back', OPEN, 12),
  'shoulder-drop': swing('back', up(OPEN, 0), up(OPEN, 34)),
  'arms-float': swing('back', up(OPEN, -50), { ...up(OPEN, 60), 'stage.aside': 30 }),
  'heel-toe-arms': { ...swing('back', up(OPEN, -40), up(OPEN, 40)), counter: true },
  'heel-toe-opposed': { ...swing('back', up(OPEN, 40), up(OPEN, -40)), counter: true },
  'toe-curls': swing('palm', OPEN, SOFT_FIST),
  'head-turns': ON_THIGH,
  'seated-twist': ON_THIGH,
  'lean-back-return': ON_THIGH,
  'ankle-bends': ON_THIGH,
  'ankle-circles': ON_THIGH,
  'ankle-split': ON_THIGH,
  'seated-march': ON_THIGH,
};
