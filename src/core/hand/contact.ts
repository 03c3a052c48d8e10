import { distance, type Vec } from '../draw';
import { FINGER_NAMES, type DigitName, type FingerName } from './joints';
import { handPoints } from './kinematics';
import type { FullPose } from './pose';
import { RADII } from './radii';

/** Places looked at along each bone. */
const ALONG = 7;

type Place = { readonly at: Vec; readonly r: number; readonly isFirst: boolean };
type Points = ReturnType<typeof handPoints>;

/** Points along a digit beyond its base, with half its width there, mm. */
function placesOn({ digits }: Points, digit: DigitName): readonly Place[] {
  const chain = digits[digit];
  // The thumb's first radius is of its base, a finger's of its knuckle.
  const radii = digit === 'thumb' ? RADII.thumb.slice(1) : RADII[digit];
  return chain.slice(1, -1).flatMap((from, i) =>
    Array.from({ length: ALONG }, (_, k): Place => {
      const share = k / (ALONG - 1);
      const to = chain[i + 2]!;
      return {
        isFirst: i === 0,
        at: [0, 1, 2].map((x) => from[x]! + (to[x]! - from[x]!) * share) as unknown as Vec,
        r: radii[i]! + (radii[i + 1]! - radii[i]!) * share,
      };
    }),
  );
}

const deepest = (one: readonly Place[], other: readonly Place[], knucklesTouch: boolean): number =>
  Math.max(
    ...one.flatMap((a) =>
      other
        .filter((b) => !knucklesTouch || !(a.isFirst && b.isFirst))
        .map((b) => a.r + b.r - distance(a.at, b.at)),
    ),
  );

/** How far a finger runs into another, mm; below nought they are so far apart. Beside each other at the knuckles they always touch. */
export function fingersOverlapMm(pose: FullPose, one: FingerName, other: FingerName): number {
  const points = handPoints(pose, 'palm');
  return deepest(placesOn(points, one), placesOn(points, other), true);
}

/** How far the thumb runs into the finger that it runs into most, mm. */
export function thumbOverlapMm(pose: FullPose): number {
  const points = handPoints(pose, 'palm');
  const thumb = placesOn(points, 'thumb');
  return Math.max(...FINGER_NAMES.map((finger) => deepest(thumb, placesOn(points, finger), false)));
}
