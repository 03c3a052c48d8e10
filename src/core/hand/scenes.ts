import type { AxisId } from './joints';
import { STRAIGHT_ON, type Camera, type Place } from './place';
import type { Pose } from './pose';
import type { Vec } from './vector';

/** How two hands stand to each other and to what carries them. */
export const SCENE_KINDS = [
  'apart',
  'palms together',
  'fingertips together',
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
  'knuckles into the palm',
  'on the table',
  'at the table edge',
  'on the thigh',
  'forearm on the thigh, thumb up',
  'forearm on the thigh, palm up',
  'forearm on the thigh, palm down',
  'against a wall',
  'cloth held level',
  'cloth held upright',
  'palms up under it',
] as const;
export type SceneKind = (typeof SCENE_KINDS)[number];

/** Part of the picture that a scene needs, mm, y down. */
export type Box = { readonly x: number; readonly y: number; readonly w: number; readonly h: number };

export type Ground = 'table' | 'table edge' | 'thigh' | 'thigh end' | 'wall';

/** A point of a hand that another hand can be laid on, or that is laid on another. */
export type Spot = 'palm' | 'back' | 'fingers' | 'fingertips' | 'wrist' | 'forearm' | 'thumb' | 'little edge';

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
  readonly box: Box;
};

/** How far apart the pair stands when nothing joins it, mm from the middle. */
export const APART_MM = 98;

const PAIR: Box = { x: -196, y: -188, w: 392, h: 314 };
const CLOSE: Box = { x: -170, y: -185, w: 340, h: 306 };
/** For forearms that come in from the sides. */
const SIDEWAYS: Box = { x: -215, y: -160, w: 430, h: 270 };
const WIDE: Box = { x: -330, y: -120, w: 660, h: 200 };
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
  box: CLOSE,
});

/** A working hand lying palm down, fingers to the left; the other hand meets it from above or below. */
const helpedLying = (helper: Helper): SceneSpec => ({
  camera: STRAIGHT_ON,
  place: forearm(-76, -90, [70, 10, 0]),
  helper,
  box: CLOSE,
});

/** A working hand seen from its back, fingers up; the other palm lies against one of its edges. */
function besideHand(on: 'thumb' | 'little edge'): SceneSpec {
  const out = on === 'thumb' ? 1 : -1;
  return {
    camera: STRAIGHT_ON,
    place: forearm(180, 0, [-30 * out, -40, 0]),
    helper: {
      pose: FLAT,
      place: { yaw: -90 * out, tip: 0, lean: 70 * out, frame: 'palm' },
      spot: 'palm',
      on,
      off: [6 * out, 0, 0],
    },
    box: CLOSE,
  };
}

const resting = (yaw: number, frame: Place['frame'], ground: Ground): SceneSpec => ({
  camera: STRAIGHT_ON,
  place: { yaw, tip: 0, lean: -90, at: [205, 0, 0], frame },
  ground,
  box: WIDE,
});

export const SCENES: Readonly<Record<SceneKind, SceneSpec>> = {
  apart: { camera: STRAIGHT_ON, place: forearm(0, 0, [APART_MM, 0, 0]), box: PAIR },
  'palms together': { camera: ANGLED, place: palm(-90, 0, [13, -30, 0]), box: CLOSE },
  'fingertips together': {
    camera: { yaw: -12, tip: 8 },
    place: palm(-90, 0, [0, -30, 0]),
    meeting: 'fingertips',
    box: CLOSE,
  },
  'backs together': { camera: ANGLED, place: palm(-90, 180, [13, 60, 0]), box: CLOSE },
  clasped: {
    camera: { yaw: 0, tip: 22 },
    place: palm(-118, -48, [62, -40, 0]),
    offset: [0, 4, 5],
    box: CLOSE,
  },
  'interlaced, palms out': {
    camera: { yaw: 0, tip: 0 },
    place: palm(180, -52, [84, -50, 0]),
    offset: [0, 5, 3],
    box: CLOSE,
  },
  'webs together': {
    camera: { yaw: 0, tip: 14 },
    place: palm(196, 0, [64, -30, 0]),
    offset: [0, 0, 8],
    box: CLOSE,
  },
  'little-finger edges together': { camera: STRAIGHT_ON, place: palm(0, 0, [40, -20, 0]), box: PAIR },
  'thumb sides together': { camera: STRAIGHT_ON, place: palm(180, 0, [36, -20, 0]), box: PAIR },
  'one on the other': {
    camera: { yaw: 0, tip: -18 },
    place: palm(180, -38, [44, -50, 0]),
    offset: [0, 0, 16],
    box: CLOSE,
  },
  'wrists crossed': {
    camera: { yaw: 0, tip: -10 },
    place: palm(0, -32, [-14, -40, 0]),
    offset: [0, 0, 18],
    box: CLOSE,
  },
  hugging: {
    camera: STRAIGHT_ON,
    place: palm(180, -68, [-22, -30, 0]),
    offset: [0, 12, 20],
    box: SIDEWAYS,
  },
  'rolling round each other': {
    camera: STRAIGHT_ON,
    place: forearm(180, -72, [86, -20, 0]),
    offset: [0, 0, 18],
    box: SIDEWAYS,
  },
  'in the lap': {
    camera: { yaw: 0, tip: 0 },
    place: palm(0, -58, [62, -30, 0]),
    offset: [0, 10, 16],
    box: CLOSE,
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
    place: { yaw: -80, tip: 0, lean: 96, frame: 'palm' },
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
    box: CLOSE,
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
    box: CLOSE,
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
    box: CLOSE,
  },
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
    box: CLOSE,
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
    box: PAIR,
  },
  'cloth held level': { camera: STRAIGHT_ON, place: palm(180, 0, [72, -70, 0]), box: CLOSE },
  'cloth held upright': {
    camera: STRAIGHT_ON,
    place: palm(180, -90, [92, 0, 0]),
    offset: [0, 42, 0],
    box: SIDEWAYS,
  },
  'palms up under it': {
    camera: { yaw: 0, tip: 0 },
    place: palm(0, -64, [92, -40, 0]),
    box: SIDEWAYS,
  },
};
