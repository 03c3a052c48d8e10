import { fingers, thumb, type MovementFigure } from '@/core/hand';
import { CUP, OPEN, PLATE, apart, wrist, BENT_ONE_BY_ONE } from './poses';
import { ON_FINGERS, rests, steps, swing, turning } from './shapes';

const PRESSED = wrist(PLATE, -66);

export const easeFigures: Readonly<Record<string, MovementFigure>> = {
  'stroke-arms': swing('back', wrist(PLATE, 0), wrist(OPEN, 14), { scene: 'other hand on the arm' }),
  'circle-elbow': swing('back', OPEN, wrist(OPEN, 10), { scene: 'other hand on the arm' }),
  'circle-thumb-base': swing(
    'palm',
    { ...OPEN, ...thumb(44, 24, 20, 4, 4) },
    { ...OPEN, ...thumb(50, 28, 20, 4, 4) },
    ON_FINGERS,
  ),
  'roll-each-finger': steps('palm', OPEN, BENT_ONE_BY_ONE, ON_FINGERS),
  'press-hollow': swing('palm', CUP, { ...CUP, ...fingers(34, 30, 16) }, ON_FINGERS),
  'hold-web': rests({ ...OPEN, ...thumb(50, 24, 20, 4, 4) }, ON_FINGERS, thumb(54, 28, 20, 2, 2)),
  'hands-where-it-aches': rests(CUP, { scene: 'hugging' }),
  'palms-near-far': swing('palm', apart(PRESSED, 34), apart(PRESSED, 70), { scene: 'palms together' }),
  'self-hug': rests(CUP, { scene: 'hugging' }, { 'stage.aside': 6 }),
  'quiet-breath': swing('palm', OPEN, { ...OPEN, ...fingers(14, 16, 9) }, { scene: 'in the lap' }),
  'crossed-wrists-breath': swing(
    'palm',
    OPEN,
    { ...OPEN, ...fingers(14, 16, 9) },
    {
      scene: 'wrists crossed',
    },
  ),
  'look-again': turning(rests(OPEN), { 'palms down': 'back', 'palms up': 'palm' }),
  'closing-reading': rests(OPEN, { scene: 'in the lap' }),
};
