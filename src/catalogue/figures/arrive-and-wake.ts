import type { MovementFigure } from '@/core/hand';
import { OPEN, PLATE, PRESSED, up, wrist } from './poses';
import { rests, swing, turning } from './shapes';

export const arriveAndWakeFigures: Readonly<Record<string, MovementFigure>> = {
  'look-at-hands': turning(rests(OPEN), { 'palms down': 'back', 'palms up': 'palm' }),
  'arms-with-breath': swing('back', up(wrist(OPEN, 18), -50), up(wrist(OPEN, -12), 50)),
  'warm-palms': swing('palm', up(PRESSED, -18), up(PRESSED, 18), { scene: 'palms together', counter: true }),
  'wrist-shake': turning(swing('back', wrist(OPEN, 38), wrist(OPEN, -18)), { 'palms up': 'palm' }),
  'press-warm-palms': swing('side', wrist(PLATE, -10), wrist(PLATE, -30), { scene: 'on the thigh' }),
};
