import { DIGITS, type DigitName } from './joints';
import { handPoints, type HandPoints } from './kinematics';
import type { Pose } from './pose';
import { add, seeing, STRAIGHT_ON, turning, type Camera, type Vec } from '../draw';

/** Turned about the vertical, tipped toward the viewer, and leaned clockwise, degrees, for a right hand. */
export type HandView = { readonly yaw: number; readonly tip: number; readonly lean: number };

/** Where a right hand is in a scene: its wrist, mm, x right, y up, z toward the viewer; a left hand is mirrored. */
export type Place = HandView & { readonly at: Vec; readonly frame: 'forearm' | 'palm' };

/** A hand's points in the scene or as seen by the camera (then y is down). */
export type SeenHand = {
  readonly digits: HandPoints['digits'];
  readonly pads: HandPoints['padNormals'];
  readonly wrist: readonly [Vec, Vec];
  readonly forearm: readonly [Vec, Vec];
  readonly palmNormal: Vec;
};

/** A hand put in its place in the scene. */
export function placedHand(pose: Pose, place: Place, left: boolean): SeenHand {
  const points = handPoints(pose, place.frame);
  const yaw = turning([0, 1, 0], left ? -place.yaw : place.yaw);
  const tip = turning([1, 0, 0], place.tip);
  const lean = turning([0, 0, 1], left ? place.lean : -place.lean);
  const aim = (v: Vec): Vec => lean(tip(yaw(left ? [-v[0], v[1], v[2]] : v)));
  const at: Vec = left ? [-place.at[0], place.at[1], place.at[2]] : place.at;
  return mapHand({ ...points, pads: points.padNormals }, (v) => add(aim(v), at), aim);
}

/** A placed hand as the camera sees it: x right, y down, z toward the viewer. */
export function projectHand(hand: SeenHand, camera: Camera): SeenHand {
  const see = seeing(camera);
  return mapHand(hand, see, see);
}

export const seenHand = (pose: Pose, place: Place, left: boolean): SeenHand =>
  projectHand(placedHand(pose, place, left), STRAIGHT_ON);

function mapHand(hand: SeenHand, point: (v: Vec) => Vec, direction: (v: Vec) => Vec): SeenHand {
  const each = <T>(record: Readonly<Record<DigitName, T>>, f: (t: T) => T) =>
    Object.fromEntries(DIGITS.map((d) => [d, f(record[d])])) as Record<DigitName, T>;
  return {
    digits: each(hand.digits, (chain) => chain.map(point)),
    pads: each(hand.pads, direction),
    wrist: [point(hand.wrist[0]), point(hand.wrist[1])],
    forearm: [point(hand.forearm[0]), point(hand.forearm[1])],
    palmNormal: direction(hand.palmNormal),
  };
}
