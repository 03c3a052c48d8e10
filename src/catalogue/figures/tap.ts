import type { MovementFigure } from '@/core/hand';
import { OPEN, SOFT_FIST, SPREAD, apart, aside, bent, wrist } from './poses';
import { swing } from './shapes';

const inward = (pose: typeof OPEN) => wrist(pose, 0, -14);

export const tapFigures: Readonly<Record<string, MovementFigure>> = {
  'tap-little-edges': swing('palm', apart(OPEN, 26), OPEN, { scene: 'little-finger edges together' }),
  'tap-inner-wrists': swing('palm', apart(wrist(OPEN, -36), 26), wrist(OPEN, -36), {
    scene: 'inner wrists together',
  }),
  'tap-thumb-wrists': swing('palm', apart(inward(OPEN), 26), inward(OPEN), { scene: 'thumb sides together' }),
  'tap-knuckles': swing('palm', aside(SOFT_FIST, 26), SOFT_FIST, { scene: 'knuckles into the palm' }),
  'tap-backs': swing('palm', apart(wrist(OPEN, 30), 22), wrist(OPEN, 30), { scene: 'backs together' }),
  'tap-webs': swing('palm', apart(bent('thumb', SPREAD), 26), SPREAD, { scene: 'webs together' }),
  'tap-interlaced': swing('palm', apart({ ...SPREAD, 'stage.lift': -10 }, 34), SPREAD, { scene: 'clasped' }),
};
