import type { MovementFigure } from '@/core/hand/motion';
import { fingers, thumb, type Pose } from '@/core/hand/pose';
import {
  bent,
  FIST,
  FLAT_FIST,
  HOOK,
  lifted,
  ON_BALL,
  OPEN,
  PLATE,
  RING,
  ROUND_BALL,
  SOFT_FIST,
  SPREAD,
  STRAIGHT,
  TABLETOP,
  turned,
  wrist,
} from './poses';

type View = MovementFigure['view'];

/** Out and back, half the time each. */
const swing = (view: View, a: Pose, b: Pose): MovementFigure => ({
  view,
  motion: {
    kind: 'loop',
    keys: [
      { pose: a, share: 0.5 },
      { pose: b, share: 0.5 },
    ],
  },
});

/** Out, back through the start, out the other way, and back. */
const sway = (view: View, middle: Pose, one: Pose, other: Pose): MovementFigure => ({
  view,
  motion: { kind: 'loop', keys: [middle, one, middle, other].map((pose) => ({ pose, share: 0.25 })) },
});

const held = (view: View, from: Pose, to: Pose): MovementFigure => ({
  view,
  motion: { kind: 'held', from, to },
});

const steps = (view: View, base: Pose, poses: Readonly<Record<string, Pose>>): MovementFigure => ({
  view,
  motion: { kind: 'steps', base, poses },
});

/** The hand's circle through its four corners. */
const circle = (view: View, shape: Pose): MovementFigure => ({
  view,
  motion: {
    kind: 'loop',
    keys: [wrist(shape, -35), wrist(shape, 0, 24), wrist(shape, 35), wrist(shape, 0, -16)].map((pose) => ({
      pose,
      share: 0.25,
    })),
  },
});

const DIGIT_TAPS = {
  thumb: bent('thumb'),
  index: bent('index'),
  middle: bent('middle'),
  ring: bent('ring'),
  little: bent('little'),
};
/** Fingers curl in one after another and stay in. */
const CURLS = {
  little: { ...OPEN, ...fingers(62, 72, 42, ['little']) },
  ring: { ...OPEN, ...fingers(62, 72, 42, ['little', 'ring']) },
  middle: { ...OPEN, ...fingers(62, 72, 42, ['little', 'ring', 'middle']) },
  index: { ...OPEN, ...fingers(62, 72, 42) },
};

/** How each movement of the catalogue looks, by its id. Still rows show the hand at rest in the shape they ask for. */
export const FIGURES: Readonly<Record<string, MovementFigure>> = {
  'look-at-hands': swing('palm', turned(OPEN, 0), turned(OPEN, 70)),
  'look-again': swing('palm', turned(OPEN, 0), turned(OPEN, 70)),
  'arms-with-breath': swing('back', wrist(OPEN, 18), wrist(OPEN, -12)),
  'warm-palms': swing('side', wrist(PLATE, -12), wrist(PLATE, 12)),
  'press-warm-palms': swing('back', wrist(PLATE, -10), wrist(PLATE, -24)),
  'wrist-shake': swing('back', wrist(OPEN, 38), wrist(OPEN, -18)),
  'wrist-bend': sway('side', OPEN, wrist(OPEN, -48), wrist(OPEN, 52)),
  'wrist-side': sway('back', OPEN, wrist(OPEN, 0, 26), wrist(OPEN, 0, -18)),
  'wrist-circles-table': circle('back', OPEN),
  'wrist-circles-air': circle('back', OPEN),
  'palms-turn': swing('palm', turned(OPEN, -10), turned(OPEN, 78)),
  'open-close': swing('palm', SOFT_FIST, SPREAD),
  'five-shapes': steps('side', STRAIGHT, {
    straight: STRAIGHT,
    hook: HOOK,
    'full fist': FIST,
    'flat fist': FLAT_FIST,
    tabletop: TABLETOP,
  }),
  'thumb-to-tips': steps('palm', OPEN, RING),
  'finger-wave': steps('palm', OPEN, CURLS),
  'finger-taps': steps('back', PLATE, DIGIT_TAPS),
  'thumb-out-across': swing(
    'palm',
    { ...OPEN, ...thumb(56, 12, 10, 0, 0) },
    { ...OPEN, ...thumb(-26, 42, 55, 26, 20) },
  ),
  'split-hands': { ...sway('back', OPEN, wrist(OPEN, 30), wrist(OPEN, -30)), counter: true },
  'wrist-stretch-palm': held('side', OPEN, wrist(PLATE, -58)),
  'wrist-stretch-back': held('side', OPEN, wrist(OPEN, 62)),
  'wrist-up-hold': held('side', { ...SOFT_FIST }, { ...SOFT_FIST, 'wrist.flexion': -6 }),
  'palms-press': held('side', PLATE, wrist(PLATE, -62)),
  'cloth-pull': held('back', ROUND_BALL, FIST),
  'alternate-fists': { ...swing('palm', SPREAD, SOFT_FIST), counter: true },
  'ball-squeeze': swing('palm', ON_BALL, ROUND_BALL),
  'ring-squeeze': swing('palm', ON_BALL, FIST),
  'cloth-walk': { ...swing('back', ON_BALL, ROUND_BALL), counter: true },
  'cloth-wring': { ...swing('back', ROUND_BALL, wrist(FIST, -34)), counter: true },
  'putty-pinch': steps('palm', OPEN, RING),
  'tub-lid': swing('back', wrist(ON_BALL, 10, -10), wrist(ROUND_BALL, 10, 22)),
  'tin-lift': swing('side', wrist(FIST, 0, 20), wrist(FIST, 0, -16)),
  'spread-against-hand': held('back', STRAIGHT, SPREAD),
  'loop-spread': held('back', STRAIGHT, SPREAD),
  'band-spread': held('back', STRAIGHT, SPREAD),
  'single-finger-lifts': steps('side', PLATE, {
    thumb: lifted('thumb'),
    index: lifted('index'),
    middle: lifted('middle'),
    ring: lifted('ring'),
    little: lifted('little'),
    all: lifted('all'),
  }),
  'thigh-press': swing('side', wrist(PLATE, -20), wrist(PLATE, -52)),
  'table-lean': held('side', wrist(PLATE, -30), wrist(PLATE, -66)),
  'heel-lifts': swing('side', wrist(PLATE, -66), wrist({ ...PLATE, ...fingers(-18, 0, 0) }, -30)),
  'dome-press': held('side', wrist(OPEN, -20), wrist(PLATE, -48)),
  'backs-together': held('side', OPEN, wrist(OPEN, 68)),
  'web-stretch': held('palm', OPEN, { ...OPEN, ...thumb(58, 30, 15, 0, 0) }),
  'stroke-arms': swing('back', PLATE, wrist(OPEN, 22)),
  'roll-each-finger': steps('palm', OPEN, DIGIT_TAPS),
  'quiet-breath': swing('palm', OPEN, { ...OPEN, ...fingers(12, 14, 8) }),
};
