import { FINGER_NAMES, type DigitName, type FingerName } from './joints';
import { fullPose, type Pose } from './pose';
import { add, cross, dot, radians, scale, sub, turn, turning, unit, type Vec } from '../draw';

/** Segment lengths, adult mean, mm: metacarpal, proximal, middle, distal (Buryanov & Kotiuk 2010). */
export const SEGMENT_MM = {
  thumb: [46.2, 31.6, 21.7],
  index: [68.1, 39.8, 22.4, 15.8],
  middle: [64.6, 44.6, 26.3, 17.4],
  ring: [58.0, 41.4, 25.7, 17.3],
  little: [53.7, 32.7, 18.1, 16.0],
} as const;

/** Where each metacarpal starts in the carpus, mm from the wrist, and how it fans out, degrees toward the thumb. */
const METACARPALS: Record<FingerName, { base: Vec; fan: number }> = {
  index: { base: [13, 24, 0], fan: 9 },
  middle: { base: [4, 26, 1], fan: 0 },
  ring: { base: [-6, 25, 0], fan: -8 },
  little: { base: [-14, 23, -1], fan: -17 },
};
const THUMB_BASE: Vec = [17, 13, 6];

/** Elbow-side end of the drawn forearm, mm below the wrist. */
const FOREARM_MM = 100;

/** Joint positions of a right hand, mm, wrist at the origin; each digit from its metacarpal's base to its tip. */
export type HandPoints = {
  readonly digits: Readonly<Record<DigitName, readonly Vec[]>>;
  /** Radial and ulnar side of the wrist. */
  readonly wrist: readonly [Vec, Vec];
  readonly forearm: readonly [Vec, Vec];
  /** Unit vector out of the palm. */
  readonly palmNormal: Vec;
  /** Unit vector from the bend of each digit's last joint toward its pad. */
  readonly padNormals: Readonly<Record<DigitName, Vec>>;
};

const X: Vec = [1, 0, 0];
const Y: Vec = [0, 1, 0];
const Z: Vec = [0, 0, 1];

/**
 * Forward kinematics: joint angles to points. In the forearm's frame the forearm lies still, turned
 * to its side only by its own turn; in the palm's frame the palm does, and the forearm moves.
 */
export function handPoints(pose: Pose, frame: 'forearm' | 'palm' = 'forearm'): HandPoints {
  const p = fullPose(pose);
  const chains = {
    thumb: thumbChain(p),
    index: fingerChain('index', p),
    middle: fingerChain('middle', p),
    ring: fingerChain('ring', p),
    little: fingerChain('little', p),
  };
  const [flex, swing] = [turning(X, p['wrist.flexion']), turning(Z, p['wrist.ulnar'])];
  const [unflex, unswing] = [turning(X, -p['wrist.flexion']), turning(Z, -p['wrist.ulnar'])];
  const forearmTurn = turning(Y, p['forearm.pronation']);
  const atWrist = (v: Vec) => flex(swing(v));
  const offWrist = (v: Vec) => unswing(unflex(v));
  const atForearm = frame === 'palm' ? offWrist : forearmTurn;
  const place = frame === 'palm' ? (v: Vec) => v : (v: Vec) => forearmTurn(atWrist(v));
  const entries = Object.entries(chains) as [DigitName, Chain][];
  return {
    digits: Object.fromEntries(
      entries.map(([n, c]) => [n, c.points.map(place)]),
    ) as unknown as HandPoints['digits'],
    padNormals: Object.fromEntries(entries.map(([n, c]) => [n, place(c.pad)])) as HandPoints['padNormals'],
    wrist: [atForearm([17, 0, 0]), atForearm([-17, 0, 0])],
    forearm: [atForearm([20, -FOREARM_MM, 0]), atForearm([-20, -FOREARM_MM, 0])],
    palmNormal: place(Z),
  };
}

type Chain = { points: Vec[]; pad: Vec };

function fingerChain(name: FingerName, p: ReturnType<typeof fullPose>): Chain {
  const { base, fan } = METACARPALS[name];
  const [metacarpal, ...phalanges] = SEGMENT_MM[name];
  const knuckle = add(base, scale(inPalm(fan), metacarpal));
  const spread = fan * 0.35 + p[`${name}.spread`];
  const axis = turn(X, Z, -spread);
  const bends = [p[`${name}.mcp`], p[`${name}.pip`], p[`${name}.dip`]];
  const points = [base, knuckle];
  let direction = inPalm(spread);
  phalanges.forEach((mm, i) => {
    direction = turn(direction, axis, bends[i]!);
    points.push(add(points.at(-1)!, scale(direction, mm)));
  });
  return { points, pad: cross(axis, direction) };
}

function thumbChain(p: ReturnType<typeof fullPose>): Chain {
  const [metacarpal, proximal, distal] = SEGMENT_MM.thumb;
  const [radial, palmar] = [radians(p['thumb.radial']), radians(p['thumb.palmar'])];
  let direction: Vec = [
    Math.sin(radial) * Math.cos(palmar),
    Math.cos(radial) * Math.cos(palmar),
    Math.sin(palmar),
  ];
  // Flexion carries the tip across the palm; opposition turns that toward the fingertips.
  const across = unit(sub([-1, 0, 0], scale(direction, dot([-1, 0, 0], direction))));
  const flexing = turn(across, direction, -p['thumb.opposition']);
  const axis = cross(direction, flexing);
  const points = [THUMB_BASE, add(THUMB_BASE, scale(direction, metacarpal))];
  direction = turn(direction, axis, p['thumb.mcp']);
  points.push(add(points.at(-1)!, scale(direction, proximal)));
  direction = turn(direction, axis, p['thumb.ip']);
  points.push(add(points.at(-1)!, scale(direction, distal)));
  return { points, pad: cross(axis, direction) };
}

/** A direction in the plane of the palm, degrees from the middle finger toward the thumb. */
const inPalm = (degrees: number): Vec => [Math.sin(radians(degrees)), Math.cos(radians(degrees)), 0];

export const tipOf = (points: HandPoints, digit: DigitName): Vec => points.digits[digit].at(-1)!;
export const knuckleOf = (points: HandPoints, finger: (typeof FINGER_NAMES)[number]): Vec =>
  points.digits[finger][1]!;
