import type { FigureOnRung, Pose } from '@/core/hand';
import { OPEN, PLATE, SOFT_FIST, wrist } from '../poses';
import { loadFigures } from '../load';
import { held, swing, through } from '../shapes';
import { ELBOWS_ON_THIGHS, half } from './places';

const FOREARMS: FigureOnRung = {
  person: { hands: 'forearms on the support' },
  motion: held('side', { ...PLATE, 'trunk.lean': 34 }, { ...PLATE, 'trunk.lean': 44 }).motion,
};
const leaning = (light: number, heavy: number, flexion = -62): FigureOnRung => ({
  motion: held(
    'side',
    { ...wrist(PLATE, -34), 'body.lean': light },
    { ...wrist(PLATE, flexion), 'body.lean': heavy },
  ).motion,
});
const hipsAhead = (from: number, to: number, flexion = -68): FigureOnRung => ({
  motion: held(
    'side',
    { ...wrist(PLATE, -34), 'hips.ahead': from },
    { ...wrist(PLATE, flexion), 'hips.ahead': to },
  ).motion,
});
/** An arm low before one, its palm down or up. */
const low = (palm: number): Pose => ({
  ...OPEN,
  'arm.ahead': 18,
  'arm.out': 8,
  'elbow.bend': 64,
  'arm.palm': palm,
});
const ONE_HAND: FigureOnRung = { oneAtATime: true, waits: low(75) };
const ONE_FOOT: FigureOnRung = { oneAtATime: true };
const swung = (a: Pose, b: Pose): FigureOnRung => ({ motion: swing('back', a, b).motion });

/** How rungs look that a whole person shows, by movement and by their words. */
export const peopleOnRungs: Readonly<Record<string, Readonly<Record<string, FigureOnRung>>>> = {
  'look-at-hands': { 'one hand at a time': ONE_HAND },
  'look-again': { 'one hand at a time': ONE_HAND },
  'arms-with-breath': {
    'only the hands turn up on the thighs': { person: { from: 'corner' }, ...swung(low(75), low(-75)) },
    'hands rise only to the ribs': half,
    'palms turn up at the top': swung(
      { ...wrist(OPEN, 18), 'arm.ahead': 26, 'elbow.bend': 30, 'arm.palm': 70 },
      { ...wrist(OPEN, -12), 'arm.ahead': 82, 'elbow.bend': 14, 'arm.palm': -75 },
    ),
  },
  'wrist-shake': {
    'elbows resting on the thighs': ELBOWS_ON_THIGHS,
    'shake up to chest height and down': swung(
      { ...wrist(OPEN, 38), 'arm.ahead': 20, 'elbow.bend': 60, 'arm.palm': 70 },
      { ...wrist(OPEN, -18), 'arm.ahead': 52, 'elbow.bend': 92, 'arm.palm': 70 },
    ),
  },
  'palm-circles-knee': {
    'on the middle of the thigh': {
      motion: through('side', [
        { ...PLATE, 'reach.ahead': -50 },
        { ...PLATE, 'reach.ahead': -95, 'reach.out': 30 },
        { ...PLATE, 'reach.ahead': -140 },
        { ...PLATE, 'reach.ahead': -95, 'reach.out': -30 },
      ]).motion,
    },
  },
  'interlaced-push': {
    'elbows stay bent': half,
    'lift to chest height': { pose: { 'reach.up': 90 } },
  },
  'interlaced-chin': { 'only to the ribs': half },
  'forearm-turn-out': {
    'elbow resting on the thigh': {
      pose: { 'trunk.lean': 14, 'arm.ahead': 30, 'elbow.bend': 62 },
    },
    'without the other hand': { person: { hands: 'free' }, waits: low(75) },
  },
  'tub-lid': { 'start with the lid half open': half },
  'carry-sides': { 'only from knee to knee': { range: 0.45 } },
  'carry-eight': { 'a small eight over the lap': half },
  'carry-shoulders': {
    'only to the ribs': half,
    'one elbow on the thigh': { pose: { 'trunk.lean': 26 }, range: 0.6 },
  },
  'shelf-reach': { 'leave out the low height': { among: [0, 1, 2] } },
  'thigh-press': {
    'loose fists instead of palms, wrist straight': swung(
      { ...SOFT_FIST, 'trunk.lean': 24 },
      { ...SOFT_FIST, 'trunk.lean': 4 },
    ),
  },
  'table-lean': {
    'forearms on the table': FOREARMS,
    'a slow circle while leaning, both ways': {
      person: { from: 'corner' },
      motion: loadFigures['lean-circles']!.motion,
    },
  },
  'chair-arm-press': { 'feet take most of the weight': half },
  'wall-lean': {
    'feet closer to the wall': leaning(4, 9, -50),
    'forearms on the wall': { ...leaning(10, 16), person: { hands: 'forearms on the support' } },
    'feet half a step further back': leaning(13, 20, -68),
  },
  'worktop-lean': {
    'feet closer': leaning(10, 20, -50),
    'feet half a step further back': leaning(26, 38, -68),
  },
  'chair-seat-lean': { 'knees bent, hips back': { pose: { 'hips.ahead': -120 } } },
  'all-fours': {
    'hips further back': hipsAhead(-110, -30, -50),
    'shift further forward': hipsAhead(0, 130, -70),
  },
  'feet-walked-back': { 'one knee stays down': ONE_FOOT },
  'straight-body-lean': {
    'knees on the floor': { person: { stance: 'on hands and knees' }, ...hipsAhead(0, 110) },
  },
  'lean-with-breath': { 'forearms on the table': FOREARMS },
  'lean-circles': { 'larger circles': { range: 1.35 } },
  'lean-eights': {
    'only from side to side': swung(
      { ...wrist(PLATE, -50, 12), 'trunk.lean': 14, 'trunk.side': 15 },
      { ...wrist(PLATE, -50, -12), 'trunk.lean': 14, 'trunk.side': -15 },
    ),
  },
  'lean-turned-out': { 'an eighth of a turn': { pose: { 'reach.turn': 36 } } },
  'lean-turned-in': { 'fingers to the side instead': { pose: { 'reach.turn': -84, 'reach.ahead': 60 } } },
  'elbow-bend-press': {
    'standing, at a worktop': { person: { stance: 'standing at a worktop' }, ...leaning(22, 40, -50) },
  },
  'one-hand-lean': {
    'forearm on the table': { ...FOREARMS, person: { hands: 'forearms on the support', from: 'side' } },
  },
  'stroke-arms': {
    'from the elbow down': swung({ ...PLATE, 'reach.up': 190 }, { ...PLATE, 'reach.up': 20 }),
  },
  'self-hug': {
    'hands on the elbows': { pose: { 'reach.up': -110 } },
    'hands on the shoulders': { pose: { 'reach.up': 110 } },
  },
  'crossed-wrists-breath': { 'hands side by side': { pose: { 'reach.out': 6 } } },
  'shoulder-rolls': {
    'small circles': half,
    'hands on the shoulders, elbows circle': {
      person: { hands: 'free' },
      motion: through('back', [
        { ...OPEN, 'arm.ahead': 62, 'arm.out': 20, 'elbow.bend': 145 },
        { ...OPEN, 'arm.ahead': 74, 'arm.out': 54, 'elbow.bend': 145 },
        { ...OPEN, 'arm.ahead': 10, 'arm.out': 60, 'elbow.bend': 145 },
        { ...OPEN, 'arm.ahead': 26, 'arm.out': 14, 'elbow.bend': 145 },
      ]).motion,
    },
  },
  'arms-float': {
    'only to the ribs': { range: 0.6 },
    'palms turn up at the top': swung(
      { ...OPEN, 'arm.out': 18, 'arm.palm': 0 },
      { ...OPEN, 'arm.out': 82, 'arm.palm': -70 },
    ),
  },
  'seated-twist': { 'only as far as the ribs': half },
  'ankle-bends': {
    'toes only': swung(PLATE, { ...PLATE, 'toes.bend': -36 }),
    'one foot off the floor': { oneAtATime: true, pose: { 'foot.up': 70, 'heel.up': 0 } },
  },
  'ankle-circles': {
    'toes stay on the floor': {
      motion: through('back', [
        { ...PLATE, 'heel.up': 34 },
        { ...PLATE, 'heel.up': 22, 'foot.turn': 24 },
        { ...PLATE, 'heel.up': 10 },
        { ...PLATE, 'heel.up': 22, 'foot.turn': -22 },
      ]).motion,
    },
  },
  'toe-curls': { 'only press the toes down': { range: 0.4 } },
  'seated-march': { 'only the heels lift': swung(PLATE, { ...PLATE, 'heel.up': 32 }) },
  'arm-circles': {
    'circles as small as a plate': { range: 0.4 },
    'circles as wide as the chair allows': { range: 1.4 },
  },
  'elbow-bends': {
    'half way up': half,
    'thumbs up, then palms up, turn about': { pose: { 'arm.palm': 0 } },
  },
  'arms-wide-forward': {
    'elbows bent, hands by the ribs': swung(
      { ...OPEN, 'arm.ahead': 16, 'arm.out': 8, 'elbow.bend': 100 },
      { ...OPEN, 'arm.ahead': 4, 'arm.out': 16, 'elbow.bend': 100, 'arm.turn': -50 },
    ),
  },
  'reach-and-row': {
    'hands slide along the thighs': {
      person: { hands: 'on the thighs' },
      ...swung({ ...PLATE, 'reach.ahead': -120 }, { ...PLATE, 'reach.ahead': 90 }),
    },
  },
  'side-lean': { 'only shift the weight from side to side': { range: 0.35 } },
  'one-shoulder': { 'only lift and let go': { among: [0, 1] } },
  'half-neck-circle': { 'only half as far': half },
  'palms-rise-and-sink': { 'only to the ribs': half },
  'ribs-and-elbows': { 'hands on the thighs': { person: { hands: 'on the thighs' } } },
  'feet-sideways': { 'one foot at a time': ONE_FOOT },
  'feet-apart': { 'only as wide as the hips': { range: 0.4 } },
  'leg-reach': {
    'the heel slides along the floor': swung(PLATE, { ...PLATE, 'foot.ahead': 320, 'toes.up': 8 }),
  },
  'heel-slides': { 'half as far': half },
  'knees-sway': { 'only a finger’s width': { range: 0.3 } },
  'toes-lift': { 'one foot at a time': ONE_FOOT },
  'arm-route': { 'as far as the elbow': { among: [0, 1, 2, 3] } },
  'chair-seat-circles': {
    'circles as small as a coin': { range: 0.25 },
    'circles as wide as the hands': { range: 1.5 },
  },
  rocking: {
    'only a hand’s width': { range: 0.35 },
    'until the shoulders are past the hands': { range: 1.25 },
  },
  'circles-on-all-fours': {
    'circles as small as a coin': { range: 0.25 },
    'circles as wide as the hands': { range: 1.5 },
  },
};
