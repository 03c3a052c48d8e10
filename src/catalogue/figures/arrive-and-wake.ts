import type { MovementFigure } from '@/core/hand';
import { PLATE, PRESSED, up, wrist } from './poses';
import { swing } from './shapes';

export const arriveAndWakeFigures: Readonly<Record<string, MovementFigure>> = {
  'warm-palms': swing('palm', up(PRESSED, -18), up(PRESSED, 18), { scene: 'palms together', counter: true }),
  // It breathes in first, as the palms let go.
  'press-warm-palms': {
    ...swing('side', wrist(PLATE, -30), wrist(PLATE, -10), { scene: 'on the thigh' }),
    telling: 0,
    waits: wrist(PLATE, -10),
  },
};
