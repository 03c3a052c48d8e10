import { fingers, type MovementFigure } from '@/core/hand';
import { CUP, KEY, OPEN, RING, ROUND_BALL, ROUND_BAR, aside, tilted, turned, wrist } from './poses';
import { steps, swing } from './shapes';

const OVER_LID = { ...CUP, ...fingers(40, 40, 20) };

export const pinchFigures: Readonly<Record<string, MovementFigure>> = {
  'putty-pinch': steps('palm', OPEN, RING, { prop: 'pinched' }),
  'putty-pull': swing('back', ROUND_BALL, aside(ROUND_BAR, 40), {
    scene: 'cloth held level',
    prop: 'cloth between',
  }),
  'peg-tip-pinch': steps('palm', OPEN, RING, { prop: 'pinched' }),
  'peg-three-point': swing(
    'palm',
    { ...RING.index, ...fingers(50, 44, 22, ['index', 'middle']) },
    { ...RING.index, ...fingers(57, 60, 30, ['middle']) },
    { prop: 'pinched' },
  ),
  'peg-side-pinch': swing('palm', { ...KEY, 'thumb.radial': 30 }, KEY, { prop: 'pinched' }),
  'tub-lid': swing('back', wrist(OVER_LID, 10, -10), wrist(OVER_LID, 10, 22), { prop: 'lid' }),
  'turn-key': swing('palm', turned(KEY, 0), turned(KEY, 60), { prop: 'pinched' }),
  'stiff-tap': swing('back', wrist(OVER_LID, 8, -14), wrist(OVER_LID, 8, 24), { prop: 'lid' }),
  'jar-open': swing('back', tilted(OVER_LID, -14), tilted(OVER_LID, 22), { prop: 'lid' }),
};
