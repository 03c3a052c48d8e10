import { fingers, type MovementFigure, type Pose } from '@/core/hand';
import { CUP, KEY, OPEN, RING, ROUND_BALL, ROUND_BAR, aside, tilted, turned, wrist } from './poses';
import { alone, seated } from './people';
import { steps, swing } from './shapes';

const OVER_LID = { ...CUP, ...fingers(40, 40, 20) };

/** One hand on a lid turns it while the other holds what it is on. */
const onLid = (prop: 'jar' | 'tub' | 'tap', build: number, from: Pose, to: Pose): MovementFigure => ({
  ...alone(
    seated('front', 'on a lid', swing('back', { ...from, 'reach.turn': 24 }, { ...to, 'reach.turn': -30 }), {
      shows: 'upper',
      build,
    }),
    CUP,
  ),
  prop,
});

export const pinchFigures: Readonly<Record<string, MovementFigure>> = {
  'putty-pinch': steps('palm', OPEN, RING, { prop: 'pinched' }),
  'putty-pull': swing('back', ROUND_BALL, aside(ROUND_BAR, 40), {
    scene: 'cloth held level',
    prop: 'cloth between',
  }),
  'peg-tip-pinch': steps('palm', OPEN, RING, { prop: 'peg' }),
  'peg-three-point': swing(
    'palm',
    { ...RING.index, ...fingers(50, 44, 22, ['index', 'middle']) },
    { ...RING.index, ...fingers(57, 60, 30, ['middle']) },
    { prop: 'peg' },
  ),
  'peg-side-pinch': swing('palm', { ...KEY, 'thumb.radial': 30 }, KEY, { prop: 'peg' }),
  'tub-lid': onLid('tub', 2, wrist(OVER_LID, 10, -10), wrist(OVER_LID, 10, 22)),
  'turn-key': swing('palm', turned(KEY, 0), turned(KEY, 60), { prop: 'key' }),
  'stiff-tap': onLid('tap', 4, wrist(OVER_LID, 8, -14), wrist(OVER_LID, 8, 24)),
  'jar-open': onLid('jar', 0, tilted(OVER_LID, -14), tilted(OVER_LID, 22)),
};
