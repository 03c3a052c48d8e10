import type { MovementFigure } from '@/core/hand';
import { OPEN, PLATE, PRESSED, turned, up, wrist } from './poses';
import { swing } from './shapes';

export const arriveAndWakeFigures: Readonly<Record<string, MovementFigure>> = {
  'look-at-hands': swing('palm', turned(OPEN, 0), turned(OPEN, 70)),
  'arms-with-breath': swing('back', up(wrist(OPEN, 18), -50), up(wrist(OPEN, -12), 50)),
  'warm-palms': swing('palm', up(PRESSED, -18), up(PRESSED, 18), { scene: 'palms together', counter: true }),
  'wrist-shake': swing('back', wrist(OPEN, 38), wrist(OPEN, -18)),
  'press-warm-palms': swing('side', wrist(PLATE, -10), wrist(PLATE, -30), { scene: 'on the thigh' }),
};
