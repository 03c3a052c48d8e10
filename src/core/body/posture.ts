import { add, dot, scale, sub, unit, type Vec } from '../draw';
import type { BodyPose } from './axes';
import type { Build } from './build';
import type { HandPlace, StanceKind } from './places';

/** Left and right as on the page when the person faces whoever looks on, as in a mirror. */
export type Side = 'L' | 'R';
export const SIDES: readonly Side[] = ['L', 'R'];
export const outwardOf = (side: Side): 1 | -1 => (side === 'R' ? 1 : -1);

export const otherSide = (side: Side): Side => (side === 'R' ? 'L' : 'R');

/** The flesh under a palm, mm, and where a palm looks that lies on something. */
export const FLESH_MM = 16;
export const DOWN: Vec = [0, -1, 0];

/** A frame of directions: to the right of the page, up along the part, and out of its front. */
export type Frame = { readonly x: Vec; readonly y: Vec; readonly z: Vec };
export const inFrame = ({ x, y, z }: Frame, [a, b, c]: Vec): Vec =>
  add(add(scale(x, a), scale(y, b)), scale(z, c));

/** A hand at the end of its arm: where the wrist is, which way fingers and palm look, and whether the palm or the forearm was placed. */
export type HandAt = {
  readonly wrist: Vec;
  readonly fingers: Vec;
  readonly palm: Vec;
  readonly by: 'palm' | 'forearm';
};
export type Arm = { readonly shoulder: Vec; readonly elbow: Vec; readonly hand: HandAt };
export type Foot = {
  readonly ankle: Vec;
  readonly heel: Vec;
  readonly ball: Vec;
  readonly toe: Vec;
  /** To the big toe's side. */
  readonly inward: Vec;
};
export type Leg = { readonly hip: Vec; readonly knee: Vec; readonly foot: Foot };

/** Points of a person, mm: x to the right of the page, y up from the floor, z the way they face. */
export type Skeleton = {
  readonly pelvis: Vec;
  readonly waist: Vec;
  readonly chest: Vec;
  readonly chestFrame: Frame;
  readonly neck: Vec;
  readonly head: Vec;
  readonly headFrame: Frame;
  readonly arms: Readonly<Record<Side, Arm>>;
  readonly legs: Readonly<Record<Side, Leg>>;
};

export type Posture = {
  readonly stance: StanceKind;
  readonly hands: HandPlace;
  /** Of the whole: what the trunk, head and hips do, and of each side's arm and leg. */
  readonly whole: BodyPose;
  readonly sides: Readonly<Record<Side, BodyPose>>;
  /** On the other's arm or knee only this hand. */
  readonly working: Side | 'both';
  readonly build: Build;
};

/** A frame as some turn carries it. */
export const framed = (aim: (v: Vec) => Vec): Frame => ({
  x: aim([1, 0, 0]),
  y: aim([0, 1, 0]),
  z: aim([0, 0, 1]),
});

export const both = <T>(of: (side: Side) => T): Readonly<Record<Side, T>> => ({ L: of('L'), R: of('R') });

/** Flesh under the hip joint on a seat, as a share of stature. */
const SITTING_ON = 0.05;
/** How high a hip joint is on a chair, and the chair's seat, mm. */
export const sittingHip = (build: Build): number => build.kneeHeight + 15;
export const seatHeight = (build: Build): number => sittingHip(build) - SITTING_ON * build.statureMm;

/** The direction square to a limb that is nearest to another. */
export const squareTo = (along: Vec, toward: Vec): Vec => unit(sub(toward, scale(along, dot(toward, along))));
