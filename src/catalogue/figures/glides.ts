import { fingers, thumb, type MovementFigure, type Pose } from '@/core/hand';
import {
  aside,
  bent,
  CUP,
  FIST,
  FLAT_FIST,
  HOOK,
  LACED,
  lifted,
  OPEN,
  PLATE,
  POINTED,
  RING,
  SOFT_FIST,
  SPREAD,
  STRAIGHT,
  TABLETOP,
  tilted,
  turned,
  up,
  wrist,
} from './poses';
import { carried, circle, rests, steps, sway, swing, through } from './shapes';

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
const PRESSED = wrist(PLATE, -62);

export const GLIDES: Readonly<Record<string, MovementFigure>> = {
  'look-at-hands': swing('palm', turned(OPEN, 0), turned(OPEN, 70)),
  'arms-with-breath': swing('back', up(wrist(OPEN, 18), -50), up(wrist(OPEN, -12), 50)),
  'warm-palms': swing('palm', up(PRESSED, -18), up(PRESSED, 18), { scene: 'palms together', counter: true }),
  'wrist-shake': swing('back', wrist(OPEN, 38), wrist(OPEN, -18)),
  'press-warm-palms': swing('side', wrist(PLATE, -10), wrist(PLATE, -30), { scene: 'on the thigh' }),
  'wrist-bend': sway('side', OPEN, wrist(OPEN, -48), wrist(OPEN, 52)),
  'wrist-side': sway('back', OPEN, wrist(OPEN, 0, 26), wrist(OPEN, 0, -18)),
  'wrist-diagonal': swing('back', wrist(OPEN, -35, -16), wrist(OPEN, 40, 22)),
  'wrist-circles-table': circle('side', OPEN, { scene: 'at the table edge' }),
  'wrist-circles-air': circle('back', OPEN),
  'palms-turn': swing('palm', turned(OPEN, -10), turned(OPEN, 78)),
  'hand-spirals': through('back', [up(SPREAD, 44), aside(SPREAD, 20), up(SPREAD, -44), aside(SPREAD, -20)], {
    scene: 'rolling round each other',
    counter: true,
  }),
  'clasped-circles': through('palm', [up(LACED, 18), tilted(LACED, 14), up(LACED, -18), tilted(LACED, -14)], {
    scene: 'clasped',
  }),
  'palm-circles-knee': carried('side', wrist(PLATE, -24), 18, { scene: 'on the thigh' }),
  'palms-tilt': sway('palm', PRESSED, tilted(PRESSED, 26), tilted(PRESSED, -26), {
    scene: 'palms together',
    counter: true,
  }),
  'palm-peel': swing(
    'palm',
    PRESSED,
    { ...wrist(PLATE, -30), 'stage.tilt': 24, 'stage.aside': 24 },
    { scene: 'palms together', oneAtATime: true },
  ),
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
  'split-hands': { ...sway('back', OPEN, wrist(OPEN, 30), wrist(OPEN, -30)), counter: true },
  'taps-opposed': through(
    'back',
    [bent('thumb'), bent('index'), bent('middle'), bent('ring'), bent('little')],
    {
      counter: true,
    },
  ),
  'pass-to-music': swing('palm', up(CUP, 0), up(CUP, 26), { scene: 'palms up under it', prop: 'bag' }),
  'shoulder-rolls': carried('back', OPEN, 12),
  'shoulder-drop': swing('back', up(OPEN, 0), up(OPEN, 34)),
  'arms-float': swing('back', up(OPEN, -50), { ...up(OPEN, 60), 'stage.aside': 30 }),
  ...Object.fromEntries(
    [
      'head-turns',
      'seated-twist',
      'lean-back-return',
      'ankle-bends',
      'ankle-circles',
      'ankle-split',
      'seated-march',
    ].map((id) => [id, rests(wrist(PLATE, -16), { scene: 'on the thigh' })]),
  ),
  'toe-curls': swing('palm', OPEN, SOFT_FIST),
  'heel-toe-arms': { ...swing('back', up(OPEN, -40), up(OPEN, 40)), counter: true },
  'heel-toe-opposed': { ...swing('back', up(OPEN, 40), up(OPEN, -40)), counter: true },
};
