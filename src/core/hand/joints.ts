import { BODY_LIMITS, type BodyAxis } from '../body';

/** Fingers proper; the thumb has joints of its own. */
export const FINGER_NAMES = ['index', 'middle', 'ring', 'little'] as const;
export type FingerName = (typeof FINGER_NAMES)[number];
export type DigitName = 'thumb' | FingerName;
export const DIGITS: readonly DigitName[] = ['thumb', ...FINGER_NAMES];

type FingerJoint = `${FingerName}.${'mcp' | 'spread' | 'pip' | 'dip'}`;
type ThumbJoint = 'thumb.radial' | 'thumb.palmar' | 'thumb.opposition' | 'thumb.mcp' | 'thumb.ip';
type WristJoint = 'wrist.flexion' | 'wrist.ulnar' | 'forearm.pronation';
export type JointId = FingerJoint | ThumbJoint | WristJoint;

/**
 * One degree of freedom, degrees. Positive is flexion, ulnar, pronation, away
 * from the palm for `palmar`, toward the thumb side for `spread` and `radial`.
 */
type JointLimit = {
  readonly id: JointId;
  readonly name: string;
  readonly min: number;
  readonly max: number;
  /** Where the joint lies in an open, relaxed hand. */
  readonly rest: number;
};

const finger = (name: FingerName, rest: { mcp: number; spread: number }): readonly JointLimit[] => [
  { id: `${name}.mcp`, name: `${name} knuckle (MCP)`, min: -20, max: 90, rest: rest.mcp },
  { id: `${name}.spread`, name: `${name} spread (MCP)`, min: -20, max: 20, rest: rest.spread },
  { id: `${name}.pip`, name: `${name} middle joint (PIP)`, min: 0, max: 100, rest: 10 },
  { id: `${name}.dip`, name: `${name} end joint (DIP)`, min: 0, max: 80, rest: 6 },
];

/**
 * Usual active limits in adults. The thumb's first joint is written as two angles
 * of its metacarpal, out to the side (`radial`) and out of the palm (`palmar`), and
 * the turn that lets its pad face the fingers (`opposition`).
 */
export const JOINT_LIMITS: readonly JointLimit[] = [
  { id: 'forearm.pronation', name: 'forearm turn', min: -80, max: 80, rest: 0 },
  { id: 'wrist.flexion', name: 'wrist bend', min: -70, max: 80, rest: 0 },
  { id: 'wrist.ulnar', name: 'wrist side to side', min: -20, max: 30, rest: 0 },
  { id: 'thumb.radial', name: 'thumb out to the side (CMC)', min: -35, max: 60, rest: 38 },
  { id: 'thumb.palmar', name: 'thumb out of the palm (CMC)', min: 0, max: 70, rest: 22 },
  { id: 'thumb.opposition', name: 'thumb turn (CMC)', min: 0, max: 90, rest: 20 },
  { id: 'thumb.mcp', name: 'thumb knuckle (MCP)', min: 0, max: 50, rest: 8 },
  { id: 'thumb.ip', name: 'thumb end joint (IP)', min: -10, max: 80, rest: 8 },
  ...finger('index', { mcp: 8, spread: 3 }),
  ...finger('middle', { mcp: 8, spread: 0 }),
  ...finger('ring', { mcp: 9, spread: -3 }),
  ...finger('little', { mcp: 10, spread: -6 }),
];

/**
 * How the hands of a scene are carried, beside what their joints do: `gap` mm between hands that
 * touch, `lift` mm up, `aside` mm outward, `tilt` degrees toward the little-finger side, `roll`
 * degrees about the forearm. No joint demand, so not part of range or coverage.
 */
type StageAxis = 'stage.gap' | 'stage.lift' | 'stage.aside' | 'stage.tilt' | 'stage.roll';
export type AxisId = JointId | StageAxis | BodyAxis;

const stage = (id: StageAxis, name: string, min: number, max: number) => ({ id, name, min, max, rest: 0 });

const STAGE_LIMITS: readonly (Omit<JointLimit, 'id'> & { readonly id: StageAxis })[] = [
  stage('stage.gap', 'space between the hands', 0, 120),
  stage('stage.lift', 'hands up or down', -80, 120),
  stage('stage.aside', 'hands outward or inward', -80, 80),
  stage('stage.tilt', 'hands tilted', -90, 90),
  stage('stage.roll', 'hands rolled', -90, 90),
];
export const AXES: readonly (Omit<JointLimit, 'id'> & { readonly id: AxisId })[] = [
  ...JOINT_LIMITS,
  ...STAGE_LIMITS,
  ...BODY_LIMITS,
];

export const limitOf = (id: AxisId) => {
  const limit = AXES.find((l) => l.id === id);
  if (!limit) throw new Error(`No joint ${id}`);
  return limit;
};
