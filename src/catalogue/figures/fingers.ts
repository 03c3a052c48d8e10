import { fingers, thumb, type MovementFigure, type Pose } from '@/core/hand';
import {
  CUP,
  FIST,
  FLAT_FIST,
  HOOK,
  OPEN,
  PLATE,
  POINTED,
  RING,
  SOFT_FIST,
  SPREAD,
  STRAIGHT,
  TABLETOP,
  bent,
  lifted,
  wrist,
} from './poses';
import { steps, swing, through } from './shapes';

const DIGIT_TAPS = {
  thumb: bent('thumb', PLATE),
  index: bent('index', PLATE),
  middle: bent('middle', PLATE),
  ring: bent('ring', PLATE),
  little: bent('little', PLATE),
};
/** Fingers curl in one after another and stay in. */
const CURLS = {
  little: { ...OPEN, ...fingers(62, 72, 42, ['little']) },
  ring: { ...OPEN, ...fingers(62, 72, 42, ['little', 'ring']) },
  middle: { ...OPEN, ...fingers(62, 72, 42, ['little', 'ring', 'middle']) },
  index: { ...OPEN, ...fingers(62, 72, 42) },
};
/** Fingertips that meet their twins, some of them drawn back. */
const parted = (names: readonly ('index' | 'middle' | 'ring' | 'little')[], thumbToo = false): Pose => ({
  ...POINTED,
  ...fingers(4, 4, 2, names),
  ...(thumbToo ? thumb(44, 10, 30, 0, 0) : {}),
});

export const fingersFigures: Readonly<Record<string, MovementFigure>> = {
  'open-close': swing('palm', SOFT_FIST, SPREAD),
  'five-shapes': steps('side', STRAIGHT, {
    straight: STRAIGHT,
    hook: HOOK,
    'full fist': FIST,
    'flat fist': FLAT_FIST,
    tabletop: TABLETOP,
  }),
  'flat-fist-glide': through('side', [STRAIGHT, TABLETOP, FLAT_FIST, TABLETOP]),
  'thumb-to-tips': steps('palm', OPEN, RING),
  'finger-wave': steps('palm', OPEN, CURLS),
  'fingers-part': steps(
    'palm',
    POINTED,
    {
      little: parted(['little']),
      ring: parted(['little', 'ring']),
      middle: parted(['little', 'ring', 'middle']),
      index: parted(['little', 'ring', 'middle', 'index']),
      thumb: parted(['little', 'ring', 'middle', 'index'], true),
    },
    { scene: 'fingertips together' },
  ),
  'finger-taps': steps('back', lifted('all'), DIGIT_TAPS),
  'air-play': through('back', [bent('index'), bent('ring'), bent('middle'), bent('little')]),
  'knuckle-roll': through('side', [wrist(CUP, 10), wrist(HOOK, -10), wrist(FIST, 10), wrist(HOOK, -10)], {
    scene: 'on the thigh',
  }),
  'thumb-out-across': swing(
    'palm',
    { ...OPEN, ...thumb(56, 12, 10, 0, 0) },
    { ...OPEN, ...thumb(-26, 42, 55, 26, 20) },
  ),
};
