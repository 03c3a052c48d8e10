import { fingers, thumb, type Motion, type MovementFigure, type Pose } from '@/core/hand';
import { CUP, OPEN, PLATE, apart, wrist, BENT_ONE_BY_ONE } from './poses';
import { seated } from './people';
import { held, rests, steps, swing, through } from './shapes';

const PRESSED = wrist(PLATE, -66);

/** Where the helping hand goes of its own, mm across and up. */
const on = (across: number, up: number): Pose => ({ 'stage.aside': across, 'stage.lift': up });
const onTo = (near: number): Pose => ({ 'stage.gap': near });
const helpedBy = (figure: MovementFigure, other: Motion): MovementFigure => ({ ...figure, other });

export const easeFigures: Readonly<Record<string, MovementFigure>> = {
  'circle-thumb-base': helpedBy(
    rests({ ...OPEN, ...thumb(50, 28, 20, 4, 4) }, { scene: 'other thumb in the palm' }),
    through('palm', [on(30, 14), on(44, 0), on(30, -14), on(16, 0)]).motion,
  ),
  'roll-each-finger': {
    ...steps('back', OPEN, BENT_ONE_BY_ONE, { scene: 'other hand on one finger' }),
    telling: 'middle',
    other: steps('back', OPEN, {
      thumb: on(-64, -52),
      index: on(-30, 0),
      middle: on(-9, 10),
      ring: on(12, 0),
      little: on(32, -22),
    }).motion,
  },
  'press-hollow': helpedBy(
    rests({ ...CUP, ...fingers(14, 14, 8) }, { scene: 'other knuckle in the palm' }),
    swing('palm', onTo(26), onTo(0)).motion,
  ),
  'hold-web': {
    ...held('palm', { ...OPEN, ...thumb(50, 24, 20, 4, 4) }, { ...OPEN, ...thumb(54, 28, 20, 2, 2) }),
    scene: 'other hand pinches the web',
  },
  'palms-near-far': swing('palm', apart(PRESSED, 34), apart(PRESSED, 70), { scene: 'palms together' }),
  'closing-reading': seated('corner', 'in the lap', rests(OPEN), { shows: 'upper', build: 4 }),
};
