import { BODY_INK_MM, outwardOf, type Arm, type HandAt, type See, type Side } from '../body';
import { add, between, cross, disc, meanDepth, outlined, scale, type Part, type Vec } from '../draw';
import { DIGITS, FINGER_NAMES, type DigitName } from './joints';
import { handPoints, type HandPoints } from './kinematics';
import type { FullPose } from './pose';
import { RADII } from './radii';

/** Digits and wrist of the hand at the end of a person's arm. */
function handAt(at: HandAt, side: Side, pose: FullPose): Pick<HandPoints, 'digits' | 'wrist'> {
  const { digits, wrist } = handPoints({ ...pose, 'forearm.pronation': 0 }, at.by);
  // Seen from the front a person's hand on the left of the page is shaped as a right one.
  const thumb = scale(cross(at.fingers, at.palm), -outwardOf(side));
  const place = ([x, y, z]: Vec): Vec =>
    add(at.wrist, add(add(scale(thumb, x), scale(at.fingers, y)), scale(at.palm, z)));
  return {
    digits: everyDigit((d) => digits[d].map(place)),
    wrist: [place(wrist[0]), place(wrist[1])],
  };
}

const everyDigit = (of: (digit: DigitName) => readonly Vec[]) =>
  Object.fromEntries(DIGITS.map((d) => [d, of(d)])) as unknown as HandPoints['digits'];

/** The tip of the middle finger. */
export const fingertipOf = ({ hand }: Arm, side: Side, pose: FullPose): Vec =>
  handAt(hand, side, pose).digits.middle.at(-1)!;

/** A ring is drawn larger than it is, so that it is seen at all, mm. */
const RING_MM = 13;

/** A hand as small as a person's is drawn: its shape, without nails and creases, so far over what it lies on, mm. */
export function smallHand(
  { elbow, hand }: Arm,
  side: Side,
  pose: FullPose,
  see: See,
  over: number,
  wearsRing = false,
): Part {
  const { digits, wrist } = handAt(hand, side, pose);
  const seen = everyDigit((d) => digits[d].map(see));
  const palm = [
    ...wrist.map((v) => disc(see(v), 16)),
    disc(seen.thumb[0]!, 17),
    ...FINGER_NAMES.map((f) => disc(seen[f][1]!, 14)),
  ];
  const rods = DIGITS.flatMap((d) =>
    seen[d]
      .slice(1)
      .map((to, i) => [disc(seen[d][i]!, RADII[d][Math.max(0, i - 1)]! + 1), disc(to, RADII[d][i]! + 1)]),
  );
  const shapes = [palm, ...rods].map((discs) => outlined(discs, 'skin', BODY_INK_MM * 0.7));
  const ring = wearsRing
    ? outlined([disc(between(seen.ring[1]!, seen.ring[2]!, 0.5), RING_MM)], 'prop', BODY_INK_MM * 0.5)
    : [];
  return {
    // Over the sleeve it comes out of.
    depth: Math.max(meanDepth(...seen.middle) + 45, meanDepth(see(elbow), see(hand.wrist)) + 12) + over,
    shapes: [...shapes.map(([ink]) => ink), ...shapes.map(([, skin]) => skin), ...ring],
  };
}
