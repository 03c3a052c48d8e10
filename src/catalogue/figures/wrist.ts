import type { MovementFigure } from '@/core/hand';
import { LACED, OPEN, PLATE, PRESSED, SPREAD, aside, tilted, turned, up, wrist } from './poses';
import { circle, moving, sway, swing, through } from './shapes';

export const wristFigures: Readonly<Record<string, MovementFigure>> = {
  'wrist-bend': sway('side', OPEN, wrist(OPEN, -48), wrist(OPEN, 52)),
  'wrist-side': sway('back', OPEN, wrist(OPEN, 0, 26), wrist(OPEN, 0, -18)),
  'wrist-diagonal': swing('back', wrist(OPEN, -35, -16), wrist(OPEN, 40, 22)),
  'wrist-circles-table': circle('side', OPEN, { scene: 'at the table edge' }),
  'wrist-circles-air': circle('back', OPEN),
  'palms-turn': swing(
    'palm',
    // The forearm carries the hand round as well: palm to the front, then its back.
    { ...turned(OPEN, -10), 'stage.roll': -20 },
    { ...turned(OPEN, 78), 'stage.roll': 74 },
  ),
  'hand-spirals': through('back', [up(SPREAD, 44), aside(SPREAD, 20), up(SPREAD, -44), aside(SPREAD, -20)], {
    scene: 'rolling round each other',
    counter: true,
  }),
  'clasped-circles': through('palm', [up(LACED, 18), tilted(LACED, 14), up(LACED, -18), tilted(LACED, -14)], {
    scene: 'clasped',
  }),
  'palms-tilt': moving(
    sway('palm', PRESSED, tilted(PRESSED, 26), tilted(PRESSED, -26), {
      scene: 'palms together',
      counter: true,
    }),
    {
      'fingertips forward and back': {
        person: { stance: 'on a chair', hands: 'palms together', from: 'side', main: true, shows: 'upper' },
        motion: sway('palm', PRESSED, { ...PRESSED, 'reach.turn': 34 }, { ...PRESSED, 'reach.turn': -34 })
          .motion,
      },
    },
  ),
  'palm-peel': swing(
    'palm',
    PRESSED,
    { ...wrist(PLATE, -30), 'stage.tilt': -22, 'stage.aside': 68 },
    { scene: 'palms together', oneAtATime: true },
  ),
};
