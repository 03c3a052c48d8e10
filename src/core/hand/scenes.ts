import type { AxisId } from './joints';
import type { Place } from './place';
import type { Pose } from './pose';
import { STRAIGHT_ON, type Camera, type Vec } from '../draw';

/** How two hands stand to each other and to what carries them. */
export const SCENE_KINDS = [
  'apart',
  'palms together',
  'fingertips together',
  'inner wrists together',
  'backs together',
  'clasped',
  'interlaced, palms out',
  'webs together',
  'little-finger edges together',
  'thumb sides together',
  'one on the other',
  'wrists crossed',
  'hugging',
  'rolling round each other',
  'in the lap',
  'other hand draws the fingers back',
  'other hand folds the wrist',
  'other hand on the back',
  'other hand under the palm',
  'other hand at the side',
  'other hand at the little side',
  'other hand round the fingers',
  'other hand on the arm',
  'other hand on the fingers',
  'other thumb in the palm',
  'other knuckle in the palm',
  'other hand pinches the web',
  'other hand on one finger',
  'knuckles into the palm',
  'on the table',
  'at the table edge',
  'on the thigh',
  'forearm on the thigh, thumb up',
  'forearm on the thigh, palm up',
  'forearm on the thigh, palm down',
  'against a wall',
  'cloth held level',
  'cloth held level, palms up',
  'cloth held upright',
  'palms up under it',
] as const;
export type SceneKind = (typeof SCENE_KINDS)[number];

export type Ground = 'table' | 'table edge' | 'thigh' | 'thigh end' | 'wall';

/** A point of a hand that another hand can be laid on, or that is laid on another. */
export type Spot =
  | 'palm'
  | 'back'
  | 'fingers'
  | 'fingertips'
  | 'wrist'
  | 'forearm'
  | 'thumb'
  | 'little edge'
  | 'ball of the thumb'
  | 'web'
  | 'pad of the thumb'
  | 'knuckle'
  | 'pinch';

/** A hand that helps: its shape, how it is turned, which spot of it lies on which spot of the working hand. */
export type Helper = {
  readonly pose: Pose;
  readonly place: Omit<Place, 'at'>;
  readonly spot: Spot;
  readonly on: Spot;
  /** Off the spot, mm in the scene. */
  readonly off?: Vec;
};

export type SceneSpec = {
  readonly camera: Camera;
  /** The right, or working right, hand; the other is its mirror unless it helps. */
  readonly place: Place;
  /** Added to the leading hand's place and taken from the other's, mm. */
  readonly offset?: Vec;
  /** The hands come together until this spot of one meets its twin. */
  readonly meeting?: Spot;
  readonly helper?: Helper;
  readonly ground?: Ground;
};

/** How far apart the pair stands when nothing joins it, mm from the middle. */
export const APART_MM = 98;

const ANGLED: Camera = { yaw: -28, tip: 8 };

const palm = (yaw: number, lean: number, at: Vec, tip = 0): Place => ({ yaw, tip, lean, at, frame: 'palm' });
const forearm = (yaw: number, lean: number, at: Vec, tip = 0): Place => ({
  yaw,
  tip,
  lean,
  at,
  frame: 'forearm',
});

const bends = (mcp: number, pip: number, dip: number): Pose =>
  Object.fromEntries(
    ['index', 'middle', 'ring', 'little'].flatMap((f) => [
      [`${f}.mcp` as AxisId, mcp],
      [`${f}.pip` as AxisId, pip],
      [`${f}.dip` as AxisId, dip],
    ]),
  );
const FLAT: Pose = bends(4, 6, 3);
const CUPPED: Pose = { ...bends(50, 40, 20), 'thumb.palmar': 40, 'thumb.opposition': 40, 'thumb.radial': 25 };
const WRAPPED: Pose = {
  ...bends(62, 62, 35),
  'thumb.palmar': 50,
  'thumb.opposition': 45,
  'thumb.radial': 18,
};

/** A working hand seen from its thumb side, fingers up; the other hand helps. */
const helped = (helper: Helper, lean = 0): SceneSpec => ({
  camera: STRAIGHT_ON,
  place: forearm(-76, lean, [10, -40, 0]),
  helper,
});

/** A working hand upright, seen from its palm or its back; the other helps. */
const heldUp = (yaw: number, helper: Helper): SceneSpec => ({
  camera: STRAIGHT_ON,
  place: forearm(yaw, 0, [30, -60, 0]),
  helper,
});

/** Thumb and index of the other hand round a spot, its arm leaning so many degrees, so far before the spot, mm. */
const pinching = (lean: number, on: Spot, before: number): Helper => ({
  pose: { ...bends(54, 46, 15), 'thumb.palmar': 43, 'thumb.opposition': 62, 'thumb.radial': 12 },
  place: { yaw: -110, tip: 0, lean, frame: 'palm' },
  spot: 'pinch',
  on,
  off: [0, 0, before],
});

/** A working hand lying palm down, fingers to the left; the other hand meets it from above or below. */
const helpedLying = (helper: Helper): SceneSpec => ({
  camera: STRAIGHT_ON,
  place: forearm(-76, -90, [70, 10, 0]),
  helper,
});

/** A working hand seen from its back, fingers up; the other palm lies against one of its edges. */
function besideHand(on: 'thumb' | 'little edge'): SceneSpec {
  const out = on === 'thumb' ? 1 : -1;
  return {
    camera: STRAIGHT_ON,
    place: forearm(180, 0, [-30 * out, -40, 0]),
    helper: {
      pose: FLAT,
      place: { yaw: -96 * out, tip: 0, lean: -24 * out, frame: 'palm' },
      spot: 'palm',
      on,
      off: [-20 * out, 4, 10],
    },
  };
}

const resting = (yaw: number, frame: Place['frame'], ground: Ground): SceneSpec => ({
  camera: STRAIGHT_ON,
  place: { yaw, tip: 0, lean: -90, at: [205, 0, 0], frame },
  ground,
});

export const SCENES: Readonly<Record<SceneKind, SceneSpec>> = {
  apart: { camera: STRAIGHT_ON, place: forearm(0, 0, [APART_MM, 0, 0]) },
  'palms together': { camera: ANGLED, place: palm(-90, 0, [13, -30, 0]) },
  'fingertips together': {
    camera: { yaw: -12, tip: 8 },
    place: palm(-90, 0, [0, -30, 0]),
    meeting: 'fingertips',
  },
  'inner wrists together': { camera: ANGLED, place: forearm(-90, 0, [20, -30, 0]), meeting: 'wrist' },
  'backs together': { camera: ANGLED, place: palm(-90, 180, [13, 60, 0]) },
  clasped: {
    camera: { yaw: 0, tip: 22 },
    place: palm(-118, -48, [62, -40, 0]),
    offset: [0, 4, 5],
  },
  'interlaced, palms out': {
    camera: { yaw: 0, tip: 0 },
    place: palm(180, -52, [84, -50, 0]),
    offset: [0, 5, 3],
  },
  'webs together': {
    camera: { yaw: 0, tip: 14 },
    place: palm(196, 0, [64, -30, 0]),
    offset: [0, 0, 8],
  },
  'little-finger edges together': { camera: STRAIGHT_ON, place: palm(0, 0, [40, -20, 0]) },
  'thumb sides together': { camera: STRAIGHT_ON, place: palm(180, 0, [36, -20, 0]) },
  'one on the other': {
    camera: { yaw: 0, tip: -18 },
    place: palm(180, -38, [44, -50, 0]),
    offset: [0, 0, 16],
  },
  'wrists crossed': {
    camera: { yaw: 0, tip: -10 },
    place: palm(0, -32, [-14, -40, 0]),
    offset: [0, 0, 18],
  },
  hugging: {
    camera: STRAIGHT_ON,
    place: palm(180, -68, [-22, -30, 0]),
    offset: [0, 12, 20],
  },
  'rolling round each other': {
    camera: STRAIGHT_ON,
    place: forearm(180, -72, [86, -20, 0]),
    offset: [0, 0, 18],
  },
  'in the lap': {
    camera: { yaw: 0, tip: 0 },
    place: palm(0, -58, [62, -30, 0]),
    offset: [0, 10, 16],
  },
  'other hand draws the fingers back': helped({
    pose: CUPPED,
    place: { yaw: -90, tip: 0, lean: -62, frame: 'palm' },
    spot: 'fingers',
    on: 'fingers',
    off: [-14, 4, 4],
  }),
  'other hand folds the wrist': helped({
    pose: CUPPED,
    place: { yaw: 96, tip: 0, lean: 96, frame: 'palm' },
    spot: 'palm',
    on: 'back',
    off: [6, 0, 6],
  }),
  'other hand on the back': helpedLying({
    pose: { ...FLAT, 'wrist.flexion': -42 },
    place: { yaw: 98, tip: 0, lean: 90, frame: 'palm' },
    spot: 'palm',
    on: 'back',
  }),
  'other hand under the palm': helpedLying({
    pose: { ...FLAT, 'wrist.flexion': -34 },
    place: { yaw: -82, tip: 0, lean: 90, frame: 'palm' },
    spot: 'palm',
    on: 'palm',
  }),
  'other hand at the side': besideHand('thumb'),
  'other hand at the little side': besideHand('little edge'),
  'other hand round the fingers': {
    camera: STRAIGHT_ON,
    place: forearm(170, 0, [20, -70, 0]),
    helper: {
      pose: WRAPPED,
      place: { yaw: 20, tip: 0, lean: -84, frame: 'palm' },
      spot: 'palm',
      on: 'fingers',
      off: [0, 0, -22],
    },
  },
  'other hand on the arm': {
    camera: STRAIGHT_ON,
    place: forearm(176, 56, [-20, -20, 0]),
    helper: {
      pose: CUPPED,
      place: { yaw: 180, tip: 0, lean: 40, frame: 'palm' },
      spot: 'palm',
      on: 'forearm',
      off: [0, 0, 24],
    },
  },
  'other hand on the fingers': {
    camera: STRAIGHT_ON,
    place: forearm(-10, 0, [30, -60, 0]),
    helper: {
      pose: { ...bends(40, 34, 18), 'thumb.palmar': 45, 'thumb.opposition': 50, 'thumb.radial': 20 },
      place: { yaw: 200, tip: 0, lean: -56, frame: 'palm' },
      spot: 'fingertips',
      on: 'fingers',
      off: [0, 0, 16],
    },
  },
  'other knuckle in the palm': heldUp(-8, {
    pose: {
      ...bends(62, 96, 40),
      'thumb.palmar': 30,
      'thumb.opposition': 20,
      'thumb.radial': 10,
      'index.mcp': 40,
    },
    place: { yaw: -70, tip: 0, lean: -70, frame: 'palm' },
    spot: 'knuckle',
    on: 'palm',
    off: [0, 0, 8],
  }),
  'other thumb in the palm': heldUp(-8, {
    pose: {
      ...bends(38, 40, 22),
      'thumb.palmar': 52,
      'thumb.opposition': 58,
      'thumb.radial': 30,
      'thumb.ip': 14,
    },
    place: { yaw: -70, tip: 0, lean: -70, frame: 'palm' },
    spot: 'pad of the thumb',
    on: 'palm',
    off: [0, 0, 8],
  }),
  'other hand pinches the web': heldUp(172, pinching(-70, 'web', 6)),
  'other hand on one finger': heldUp(176, pinching(-104, 'fingers', 10)),
  'knuckles into the palm': {
    camera: { yaw: -10, tip: 0 },
    place: palm(-90, -70, [60, -10, 0]),
    helper: {
      pose: FLAT,
      place: { yaw: -90, tip: 0, lean: 0, frame: 'palm' },
      spot: 'palm',
      on: 'fingers',
      off: [-20, 0, 0],
    },
  },
  'on the table': resting(-76, 'palm', 'table'),
  'at the table edge': resting(-76, 'forearm', 'table edge'),
  'on the thigh': resting(-76, 'palm', 'thigh'),
  'forearm on the thigh, thumb up': resting(-12, 'forearm', 'thigh end'),
  'forearm on the thigh, palm up': resting(104, 'forearm', 'thigh end'),
  'forearm on the thigh, palm down': resting(-76, 'forearm', 'thigh end'),
  'against a wall': {
    camera: STRAIGHT_ON,
    place: palm(-76, 0, [APART_MM, -10, 0]),
    ground: 'wall',
  },
  'cloth held level': { camera: STRAIGHT_ON, place: palm(180, 0, [72, -70, 0]) },
  'cloth held level, palms up': { camera: STRAIGHT_ON, place: palm(0, 0, [72, -70, 0]) },
  'cloth held upright': {
    camera: STRAIGHT_ON,
    place: palm(180, -90, [92, 0, 0]),
    offset: [0, 42, 0],
  },
  'palms up under it': {
    camera: { yaw: 0, tip: 0 },
    place: palm(0, -64, [92, -40, 0]),
  },
};
