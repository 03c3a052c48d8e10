import { limitOf, type DigitName, type JointId } from './joints';
import { seenHand, type Place } from './place';
import { fullPose, type FullPose } from './pose';
import type { SeenHand } from './place';
import type { Vec } from '../draw';

/** What can be taken hold of on a drawn hand: a fingertip, or the palm to bend the wrist. */
export type Handle = DigitName | 'palm';
export const HANDLES: readonly Handle[] = ['thumb', 'index', 'middle', 'ring', 'little', 'palm'];

/** Where a handle is on the drawing. */
export const handleAt = ({ digits }: SeenHand, handle: Handle): Vec =>
  handle === 'palm' ? digits.middle[1]! : digits[handle].at(-1)!;

/** The first steps of the search, degrees, each half of the one before. */
const STEPS = [24, 12, 6, 3, 1.5, 0.75];
/** What a degree of change costs beside a square mm of distance: enough to settle ties toward staying. */
const STAYING = 0.002;

/**
 * The pose nearest the old one whose handle lies nearest a point of the drawing, x and y in mm, y down.
 * A pattern search over the joints that carry the handle; it never leaves their limits.
 */
export function reach(
  pose: FullPose,
  handle: Handle,
  target: readonly [x: number, y: number],
  place: Place,
  left = false,
): FullPose {
  const joints = jointsOf(handle);
  const cost = (p: FullPose): number => {
    const [x, y] = handleAt(seenHand(p, place, left), handle);
    const change = joints.reduce((n, j) => n + (p[j] - pose[j]) ** 2, 0);
    return (x - target[0]) ** 2 + (y - target[1]) ** 2 + STAYING * change;
  };
  let best = fullPose(pose);
  let least = cost(best);
  for (const step of STEPS) {
    for (let improved = true, rounds = 0; improved && rounds < 8; rounds++) {
      improved = false;
      for (const joint of joints) {
        for (const by of [step, -step]) {
          const moved = moveJoint(best, joint, by);
          const price = cost(moved);
          if (price < least - 1e-6) {
            [best, least, improved] = [moved, price, true];
          }
        }
      }
    }
  }
  return best;
}

/** An end joint follows its middle joint, as the tendon makes it. */
const END_FOLLOWS = 0.65;

function moveJoint(pose: FullPose, joint: JointId, by: number): FullPose {
  const { min, max } = limitOf(joint);
  const angle = Math.min(max, Math.max(min, pose[joint] + by));
  if (!joint.endsWith('.pip')) return { ...pose, [joint]: angle };
  const end = joint.replace('.pip', '.dip') as JointId;
  return { ...pose, [joint]: angle, [end]: Math.min(limitOf(end).max, angle * END_FOLLOWS) };
}

function jointsOf(handle: Handle): readonly JointId[] {
  if (handle === 'palm') return ['wrist.flexion', 'wrist.ulnar'];
  if (handle === 'thumb')
    return ['thumb.radial', 'thumb.palmar', 'thumb.opposition', 'thumb.mcp', 'thumb.ip'];
  return [`${handle}.mcp`, `${handle}.pip`, `${handle}.spread`];
}
