import type { MovementFigure } from '@/core/hand';
import { ON_BALL, PLATE, ROUND_BALL, SPREAD, STRAIGHT, lifted } from './poses';
import { held, steps, sway, swing } from './shapes';

export const openFigures: Readonly<Record<string, MovementFigure>> = {
  'spread-against-hand': held('back', STRAIGHT, SPREAD, { scene: 'other hand round the fingers' }),
  'loop-spread': held('back', STRAIGHT, SPREAD, { prop: 'band' }),
  'band-spread': held('back', STRAIGHT, SPREAD, { prop: 'broad band' }),
  'strap-spread': swing('back', STRAIGHT, SPREAD, { prop: 'straps' }),
  'strap-thumb-each': steps(
    'back',
    STRAIGHT,
    {
      index: { ...STRAIGHT, 'index.spread': 16, 'thumb.radial': 56 },
      middle: { ...STRAIGHT, 'middle.spread': -8, 'thumb.radial': 56 },
      ring: { ...STRAIGHT, 'ring.spread': -9, 'thumb.radial': 56 },
      little: { ...STRAIGHT, 'little.spread': -20, 'thumb.radial': 56 },
    },
    { prop: 'straps' },
  ),
  'spread-then-grip': sway('palm', ON_BALL, SPREAD, ROUND_BALL, { prop: 'straps' }),
  'single-finger-lifts': steps(
    'side',
    PLATE,
    {
      thumb: lifted('thumb'),
      index: lifted('index'),
      middle: lifted('middle'),
      ring: lifted('ring'),
      little: lifted('little'),
      all: lifted('all'),
    },
    { scene: 'on the table' },
  ),
};
