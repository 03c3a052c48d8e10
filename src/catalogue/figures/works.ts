import { fingers, type MovementFigure } from '@/core/hand';
import {
  apart,
  aside,
  bent,
  CUP,
  KEY,
  lifted,
  ON_BALL,
  OPEN,
  PLATE,
  RING,
  ROUND_BALL,
  ROUND_BAR,
  SOFT_FIST,
  SPREAD,
  STRAIGHT,
  STRAIGHT_PINCH,
  tilted,
  turned,
  up,
  wrist,
} from './poses';
import { carried, held, steps, sway, swing } from './shapes';

const PRESSED = wrist(PLATE, -62);
const OVER_LID = { ...CUP, ...fingers(40, 40, 20) };
const inward = (pose: typeof OPEN) => wrist(pose, 0, -14);

/** Held effort, grip, pinch, lifting and opening. */
export const WORKS: Readonly<Record<string, MovementFigure>> = {
  'wrist-up-hold': held('side', SOFT_FIST, wrist(SOFT_FIST, -6), { scene: 'other hand on the back' }),
  'wrist-down-hold': held('side', PLATE, wrist(PLATE, 4), { scene: 'other hand under the palm' }),
  'wrist-side-hold': held('back', OPEN, wrist(OPEN, 0, -4), { scene: 'other hand at the side' }),
  'palms-press': held('palm', apart(PRESSED, 14), PRESSED, { scene: 'palms together' }),
  'cloth-pull': held('back', ROUND_BAR, aside(ROUND_BAR, 14), {
    scene: 'cloth held level',
    prop: 'cloth between',
  }),
  'alternate-fists': { ...swing('palm', SPREAD, SOFT_FIST), counter: true },
  'ball-squeeze': swing('palm', ON_BALL, ROUND_BALL, { prop: 'ball' }),
  'ball-flat-fingers': swing('side', { ...STRAIGHT_PINCH, ...fingers(42, 4, 2) }, STRAIGHT_PINCH, {
    prop: 'ball',
  }),
  'ball-each-finger': steps(
    'palm',
    ON_BALL,
    {
      index: { ...ON_BALL, ...fingers(60, 62, 40, ['index']) },
      middle: { ...ON_BALL, ...fingers(60, 62, 40, ['middle']) },
      ring: { ...ON_BALL, ...fingers(60, 62, 40, ['ring']) },
      little: { ...ON_BALL, ...fingers(60, 62, 40, ['little']) },
    },
    { prop: 'ball' },
  ),
  'ball-roll-palms': carried('palm', apart(PRESSED, 26), 16, {
    scene: 'palms together',
    prop: 'ball',
    counter: true,
  }),
  'ring-squeeze': swing('palm', ON_BALL, ROUND_BALL, { prop: 'ring' }),
  'cloth-walk': {
    ...swing('back', ROUND_BALL, ROUND_BAR, { scene: 'cloth held level', prop: 'cloth between' }),
    counter: true,
  },
  'cloth-wring': {
    ...swing('back', ROUND_BAR, wrist(ROUND_BAR, -34), { scene: 'cloth held level', prop: 'cloth between' }),
    counter: true,
  },
  'cloth-elbows': swing('back', ROUND_BAR, tilted(ROUND_BAR, 20), {
    scene: 'cloth held upright',
    prop: 'cloth between',
  }),
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
  'tin-lift': swing('palm', wrist(ROUND_BAR, 0, 20), wrist(ROUND_BAR, 0, -16), {
    scene: 'forearm on the thigh, thumb up',
    prop: 'weight',
  }),
  'pan-lift': swing('palm', wrist(ROUND_BAR, 0, 22), wrist(ROUND_BAR, 0, -10), {
    scene: 'forearm on the thigh, thumb up',
    prop: 'pan',
  }),
  'weight-curl': swing('palm', wrist(ROUND_BAR, -30), wrist(ROUND_BAR, 40), {
    scene: 'forearm on the thigh, palm up',
    prop: 'weight',
  }),
  'weight-back-lift': swing('palm', wrist(ROUND_BAR, 36), wrist(ROUND_BAR, -30), {
    scene: 'forearm on the thigh, palm down',
    prop: 'weight',
  }),
  'carry-sides': swing('palm', tilted(OPEN, -8), tilted(OPEN, 8), {
    scene: 'palms up under it',
    prop: 'bottle across',
    counter: true,
  }),
  'carry-over': { ...swing('palm', turned(CUP, -10), turned(CUP, 78), { prop: 'bag' }), counter: true },
  'carry-eight': carried('palm', OPEN, 18, { scene: 'palms up under it', prop: 'bottle across' }),
  'carry-shoulders': swing('palm', up(OPEN, -30), up(OPEN, 40), {
    scene: 'palms up under it',
    prop: 'bottle across',
  }),
  'shelf-reach': { ...swing('palm', up(ROUND_BALL, -50), up(ON_BALL, 50), { prop: 'bag' }), counter: true },
  'spread-against-hand': held('back', STRAIGHT, SPREAD, { scene: 'other hand round the fingers' }),
  'loop-spread': held('back', STRAIGHT, SPREAD, { prop: 'band' }),
  'band-spread': held('back', STRAIGHT, SPREAD, { prop: 'band' }),
  'strap-spread': swing('back', STRAIGHT, SPREAD, { prop: 'band' }),
  'strap-thumb-each': steps(
    'back',
    STRAIGHT,
    {
      index: { ...STRAIGHT, 'index.spread': 16, 'thumb.radial': 56 },
      middle: { ...STRAIGHT, 'middle.spread': -8, 'thumb.radial': 56 },
      ring: { ...STRAIGHT, 'ring.spread': -12, 'thumb.radial': 56 },
      little: { ...STRAIGHT, 'little.spread': -20, 'thumb.radial': 56 },
    },
    { prop: 'band' },
  ),
  'spread-then-grip': sway('palm', ON_BALL, SPREAD, ROUND_BALL, { prop: 'band' }),
  'single-finger-lifts': steps(
    'side',
    PLATE,
    {
      thumb: lifted('thumb'),
      index: lifted('index'),
      middle: lifted('middle'),
      ring: lifted('ring'),
      little: lifted('little'),
      all: lifted('all'),
    },
    { scene: 'on the table' },
  ),
  'tap-little-edges': swing('palm', apart(OPEN, 26), OPEN, { scene: 'little-finger edges together' }),
  'tap-inner-wrists': swing('palm', apart(wrist(OPEN, -36), 26), wrist(OPEN, -36), {
    scene: 'palms together',
  }),
  'tap-thumb-wrists': swing('palm', apart(inward(OPEN), 26), inward(OPEN), { scene: 'thumb sides together' }),
  'tap-knuckles': swing('palm', aside(SOFT_FIST, 26), SOFT_FIST, { scene: 'knuckles into the palm' }),
  'tap-backs': swing('palm', apart(wrist(OPEN, 30), 22), wrist(OPEN, 30), { scene: 'backs together' }),
  'tap-webs': swing('palm', apart(bent('thumb', SPREAD), 26), SPREAD, { scene: 'webs together' }),
  'tap-interlaced': swing('palm', apart({ ...SPREAD, 'stage.lift': -10 }, 34), SPREAD, { scene: 'clasped' }),
};
