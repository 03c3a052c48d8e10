import { fan, fingers, thumb, type FigureOnRung } from '@/core/hand';
import { apart, LACED, ON_BALL, OPEN, PLATE, PRESSED, SOFT_FIST, tilted, up, wrist } from '../poses';
import { carried, held, swing, through } from '../shapes';
import { ARMS_ON_THIGHS, ELBOWS_ON_THIGHS, half, togetherAt } from './places';

const ON_THIGH = { scene: 'on the thigh' } as const;
const PALM_UP = { scene: 'forearm on the thigh, palm up' } as const;
const PALM_DOWN = { scene: 'forearm on the thigh, palm down' } as const;
const THUMB_UP = { scene: 'forearm on the thigh, thumb up' } as const;
const AT_TABLE = { stance: 'on a chair at a table' } as const;
const dropFrom = (mm: number) => ({
  motion: swing('side', up(wrist(PLATE, 0), mm), up(wrist(PLATE, -10), 0)).motion,
});

/** How rungs of the hands' own movements look, by movement and by their words. */
export const handsOnRungs: Readonly<Record<string, Readonly<Record<string, FigureOnRung>>>> = {
  'warm-palms': {
    'press the palms together and hold instead': { motion: held('palm', apart(PRESSED, 14), PRESSED).motion },
  },
  'press-warm-palms': {
    'press and slide toward the knees': {
      person: { hands: 'on the thighs', from: 'side' },
      motion: swing(
        'side',
        { ...wrist(PLATE, -30), 'reach.ahead': -70 },
        { ...wrist(PLATE, -20), 'reach.ahead': 110 },
      ).motion,
    },
  },
  'wrist-bend': {
    'thumb side up, so that the hand swings without weight': THUMB_UP,
  },
  'wrist-side': {
    'slide the palm on the thigh': {
      person: { hands: 'on the thighs', from: 'above' },
      motion: swing('back', { ...PLATE, 'reach.turn': 26 }, { ...PLATE, 'reach.turn': -22 }).motion,
    },
    'toward the thumb side only': { among: [2, 3] },
    'hands held in the air': {
      person: { hands: 'free' },
      pose: { 'arm.ahead': 42, 'elbow.bend': 58, 'arm.palm': 74 },
    },
  },
  'wrist-diagonal': {
    'forearm along the thigh, hand over the knee': ARMS_ON_THIGHS,
    'only the half toward the thumb': half,
  },
  'wrist-circles-table': {
    'a larger circle': { range: 1.35 },
  },
  'wrist-circles-air': {
    'elbows rest on the thighs': ELBOWS_ON_THIGHS,
    'fingers spread wide': { pose: { ...fan(1), ...thumb(56, 20, 15, 0, 0) } },
  },
  'palms-turn': {
    'forearms rest on the thighs': ARMS_ON_THIGHS,
    'only to thumbs up': half,
  },
  'hand-spirals': {
    'elbows rest on the thighs': ELBOWS_ON_THIGHS,
    'travel a little to each side': {
      motion: through(
        'back',
        [-46, -46, -46, -46, 46, 46, 46, 46].map((aside, i) => ({
          ...OPEN,
          'stage.lift': [44, 0, -44, 0][i % 4]!,
          'stage.aside': aside + [0, 20, 0, -20][i % 4]!,
        })),
      ).motion,
    },
  },
  'clasped-circles': {
    'palms laid together, not interlaced': {
      scene: 'palms together',
      motion: through('palm', [up(PRESSED, 18), tilted(PRESSED, 14), up(PRESSED, -18), tilted(PRESSED, -14)])
        .motion,
    },
    'draw a figure of eight': {
      motion: through(
        'palm',
        [0, 14, 20, 14, 0, -14, -20, -14].map((tilt, i) => ({
          ...LACED,
          'stage.tilt': tilt,
          'stage.lift': [0, 18, 0, -18][i % 4]!,
        })),
      ).motion,
    },
  },
  'palms-tilt': {
    'forearms rest on a table': { ...togetherAt(-60), person: { ...AT_TABLE, hands: 'palms together' } },
  },
  'palm-peel': {
    'peel the palm off the thigh': {
      ...ON_THIGH,
      motion: swing('side', wrist(PLATE, -8), {
        ...tilted(wrist({ ...PLATE, ...fingers(-20, 4, 2) }, -4), -22),
        'stage.lift': 34,
      }).motion,
      oneAtATime: true,
    },
  },
  'open-close': {
    'backs of the hands on the thighs': PALM_UP,
    'half open, half closed': { range: 0.55 },
  },
  'flat-fist-glide': {
    'the other hand carries the forearm': { scene: 'other hand on the arm' },
    'only to the tabletop': { among: [0, 1] },
  },
  'finger-wave': { 'forearm resting': PALM_UP },
  'fingers-part': { 'wrists propped on the thighs': togetherAt(-150) },
  'finger-taps': {
    'the heel of the hand lifted': { scene: 'on the table', pose: { 'wrist.flexion': 18, 'stage.lift': 26 } },
  },
  'air-play': {
    'forearms resting': PALM_DOWN,
    'hands travel up to chest height': {
      person: { hands: 'free', from: 'corner' },
      motion: swing(
        'back',
        {
          ...OPEN,
          ...fingers(34, 20, 10, ['index', 'ring']),
          'arm.ahead': 20,
          'elbow.bend': 64,
          'arm.palm': 75,
        },
        {
          ...OPEN,
          ...fingers(34, 20, 10, ['middle', 'little']),
          'arm.ahead': 48,
          'elbow.bend': 90,
          'arm.palm': 75,
        },
      ).motion,
    },
  },
  'knuckle-roll': {
    'only the first row of knuckles': { among: [0, 1] },
    'as far as the knee': {
      person: { hands: 'on the thighs', from: 'side' },
      motion: swing('side', { ...SOFT_FIST, 'reach.ahead': -80 }, { ...SOFT_FIST, 'reach.ahead': 120 })
        .motion,
    },
  },
  'thumb-out-across': {
    'the hand lies on its little-finger side': THUMB_UP,
    'across only to the ring finger': { range: 0.82 },
  },
  'wrist-stretch-palm': {
    'until it just begins to pull': { range: 0.4 },
    'elbow bent to a right angle': {
      person: { hands: 'held by the other' },
      pose: { 'arm.ahead': 20, 'elbow.bend': 88, 'arm.palm': -60 },
      oneAtATime: true,
    },
    'straighten the elbow': {
      person: { hands: 'held by the other' },
      pose: { 'arm.ahead': 84, 'elbow.bend': 2, 'arm.palm': -60 },
      oneAtATime: true,
    },
  },
  'wrist-stretch-back': {
    'let the hand hang by its own weight': {
      ...PALM_DOWN,
      motion: held('side', wrist(OPEN, 0), wrist({ ...OPEN, ...fingers(18, 12, 6) }, 40)).motion,
    },
    'close the fingers loosely': { pose: { ...fingers(62, 72, 42), ...thumb(16, 53, 51, 23, 23) } },
  },
  'palms-lowered': {
    'stay at the chest': { range: 0.35 },
    'a hand’s width lower': { ...togetherAt(-150) },
  },
  'self-drawn-stretch': {
    'forearm on the thigh': PALM_DOWN,
    'elbow straight': {
      person: { hands: 'free', from: 'side' },
      pose: { 'arm.ahead': 72, 'elbow.bend': 2, 'arm.palm': 76 },
      oneAtATime: true,
    },
  },
  'each-finger-back': { 'hand lying on the thigh, palm up': PALM_UP },
  'web-stretch': {
    'elbows on the table': {
      person: { ...AT_TABLE, hands: 'palms together', from: 'front' },
      pose: { 'reach.up': 30 },
    },
  },
  'web-clip': {
    'open the hand a little while it sits': {
      motion: swing(
        'palm',
        { ...OPEN, ...thumb(44, 30, 20, 4, 4) },
        { ...OPEN, ...fan(0.6), ...thumb(56, 20, 15, 0, 0) },
      ).motion,
    },
  },
  'backs-together': {
    'one hand at a time, hanging over the knee': {
      ...ARMS_ON_THIGHS,
      motion: held('palm', wrist(OPEN, 20), wrist(OPEN, 68)).motion,
      oneAtATime: true,
    },
    'lower the elbows a little': { range: 1.25 },
  },
  'wrist-up-hold': { 'the other forearm resists, if both wrists are sore': { scene: 'wrists crossed' } },
  'wrist-down-hold': {
    'press into the thigh instead': {
      ...ON_THIGH,
      motion: held('side', wrist(PLATE, -8), wrist(PLATE, -4)).motion,
    },
  },
  'palms-press': { 'press at the level of the navel': togetherAt(-140) },
  'ball-squeeze': { 'thumb off the ball': { pose: thumb(60, 10, 10, 0, 0) } },
  'ball-flat-fingers': { 'forearm on the table': { ...THUMB_UP } },
  'ball-roll-palms': {
    'roll the ball on the thigh': {
      ...ON_THIGH,
      motion: carried('side', wrist({ ...ON_BALL, ...fingers(16, 14, 8) }, -6), 18).motion,
    },
  },
  'cloth-elbows': { 'cloth held level': { scene: 'cloth held level' } },
  'turn-key': { 'forearm on the thigh': THUMB_UP },
  'carry-over': { 'forearms on the thighs': ARMS_ON_THIGHS },
  'single-finger-lifts': { 'only a finger’s width': half },
  'heel-lifts': {
    'palms on the thighs': ON_THIGH,
    'hands turned a quarter out': {
      person: { ...AT_TABLE, hands: 'on the support', from: 'above' },
      pose: { 'reach.turn': 22 },
    },
  },
  'drops-cushion': {
    'a hand’s width high': {
      motion: swing('side', up(wrist(PLATE, 0), 98), up(wrist(PLATE, -10), 22)).motion,
    },
    'two hands’ width high': {
      motion: swing('side', up(wrist(PLATE, 0), 120), up(wrist(PLATE, -10), 22)).motion,
    },
  },
  'drops-table': {
    'a finger’s width high': dropFrom(22),
    'a hand’s width high': dropFrom(96),
  },
  'press-hollow': {
    'a flat thumb instead of the knuckle': { scene: 'other thumb in the palm' },
    'a small slow circle': {
      motion: through(
        'palm',
        [0, 1, 2, 3].map((i) => ({
          ...OPEN,
          ...fingers(14, 14, 8),
          'stage.lift': [5, 0, -5, 0][i]!,
          'stage.aside': [0, 5, 0, -5][i]!,
        })),
      ).motion,
    },
  },
  'hold-web': {
    'let the held thumb open a little': {
      motion: held('palm', { ...OPEN, ...thumb(42, 24, 20, 4, 4) }, { ...OPEN, ...thumb(56, 28, 20, 0, 0) })
        .motion,
    },
  },
  'palms-near-far': {
    'wrists on the thighs': togetherAt(-150),
    'as wide as the ribs': { motion: swing('palm', apart(PRESSED, 60), apart(PRESSED, 120)).motion },
  },
  'fingers-lifted-held': { 'only until they feel light': { range: 0.3 } },
};
