import { fingers, thumb, type MovementFigure } from '@/core/hand';
import { CUP, OPEN, PLATE, RING, SPREAD, STRAIGHT, apart, up, wrist } from './poses';
import { held, rests, steps, swing } from './shapes';

const WEB = { ...OPEN, ...thumb(58, 34, 15, 0, 0) };
const DRAWN = (name: 'index' | 'middle' | 'ring' | 'little') => ({ ...OPEN, ...fingers(-20, 2, 2, [name]) });
/** A finger that tries to lift out of its ring. */
const lifting = (name: keyof typeof RING) => ({ ...RING[name], ...fingers(34, 40, 18, [name]) });

export const stretchFigures: Readonly<Record<string, MovementFigure>> = {
  'wrist-stretch-palm': held('side', OPEN, wrist(PLATE, -58), { scene: 'other hand draws the fingers back' }),
  'wrist-stretch-back': held('side', OPEN, wrist(OPEN, 62), { scene: 'other hand folds the wrist' }),
  'palms-lowered': held('palm', up(wrist(PLATE, -56), 40), up(wrist({ ...PLATE, ...SPREAD }, -70), -30), {
    scene: 'palms together',
  }),
  'self-drawn-stretch': held('side', OPEN, wrist({ ...STRAIGHT, ...fingers(-20, 0, 0) }, -62)),
  'each-finger-back': {
    ...steps(
      'palm',
      OPEN,
      { little: DRAWN('little'), ring: DRAWN('ring'), middle: DRAWN('middle'), index: DRAWN('index') },
      { scene: 'other hand on one finger' },
    ),
    telling: 'middle',
    other: steps('back', OPEN, {
      little: { 'stage.aside': 32, 'stage.lift': -8 },
      ring: { 'stage.aside': 12, 'stage.lift': 14 },
      middle: { 'stage.aside': -9, 'stage.lift': 24 },
      index: { 'stage.aside': -30, 'stage.lift': 14 },
    }).motion,
  },
  'finger-curve-lift': steps('palm', OPEN, {
    index: lifting('index'),
    middle: lifting('middle'),
    ring: lifting('ring'),
    little: lifting('little'),
  }),
  'web-stretch': held('palm', apart(WEB, 30), WEB, { scene: 'webs together' }),
  'web-over-ball': swing(
    'palm',
    { ...CUP, ...thumb(50, 40, 20, 0, 4) },
    { ...CUP, ...thumb(58, 44, 20, 0, 0) },
    { scene: 'other hand pinches the web', prop: 'ball' },
  ),
  'web-clip': rests(WEB, { prop: 'clip' }),
  'backs-together': held('palm', apart(wrist(OPEN, 40), 20), wrist(OPEN, 68), { scene: 'backs together' }),
  'assisted-open-palm': held('side', CUP, wrist(PLATE, -20), { scene: 'other hand under the palm' }),
};
