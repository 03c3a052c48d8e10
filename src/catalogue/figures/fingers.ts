import { fingers, thumb, type MovementFigure } from '@/core/hand';
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
import { building, steps, swing, through } from './shapes';

const DIGIT_TAPS = {
  thumb: bent('thumb', PLATE),
  index: bent('index', PLATE),
  middle: bent('middle', PLATE),
  ring: bent('ring', PLATE),
  little: bent('little', PLATE),
};
/** The four fingers one after another, little finger first. */
const oneByOne = (mcp: number, pip: number, dip: number) => ({
  little: fingers(mcp, pip, dip, ['little']),
  ring: fingers(mcp, pip, dip, ['ring']),
  middle: fingers(mcp, pip, dip, ['middle']),
  index: fingers(mcp, pip, dip, ['index']),
});

export const fingersFigures: Readonly<Record<string, MovementFigure>> = {
  'open-close': swing('palm', SOFT_FIST, SPREAD),
  'five-shapes': steps(
    'side',
    STRAIGHT,
    {
      straight: STRAIGHT,
      hook: HOOK,
      'full fist': FIST,
      'flat fist': FLAT_FIST,
      tabletop: TABLETOP,
    },
    { telling: 'hook' },
  ),
  'flat-fist-glide': through('side', [STRAIGHT, TABLETOP, FLAT_FIST, TABLETOP], { telling: 2 }),
  'thumb-to-tips': steps('palm', OPEN, RING),
  'finger-wave': building(steps('palm', OPEN, oneByOne(62, 72, 42), { telling: 'middle' })),
  'fingers-part': building(
    steps(
      'palm',
      POINTED,
      { ...oneByOne(4, 4, 2), thumb: thumb(44, 10, 30, 0, 0) },
      { scene: 'fingertips together' },
    ),
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
