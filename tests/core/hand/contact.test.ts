import { boundsOf, distance, dot, sub, type Vec } from '@/core/draw';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { FINGER_NAMES } from '@/core/hand';
import { placedHand, type SeenHand } from '@/core/hand/place';
import type { FullPose } from '@/core/hand/pose';
import { propInHand, type PropShape } from '@/core/hand/prop-shape';
import { RADII } from '@/core/hand/radii';
import { posesThrough } from './poses-through';

const FACING = { yaw: 0, tip: 0, lean: 0, at: [0, 0, 0], frame: 'palm' } as const;

/** A round prop as it is drawn in a hand: its middle and its radius, mm. */
function roundIn(shape: PropShape, hand: SeenHand, pose: FullPose): { middle: Vec; r: number } {
  const [{ depth, shapes }] = propInHand(shape, hand, pose) as [ReturnType<typeof propInHand>[number]];
  const { x, y, w, h } = boundsOf(shapes.find((s) => s.part === 'prop')!.d);
  return { middle: [x + w / 2, y + h / 2, depth], r: w / 2 };
}

/** How far from a point a bone is, mm, and how thick the finger is there. */
function nearest(point: Vec, from: Vec, to: Vec, [thick, thin]: readonly [number, number]) {
  const bone = sub(to, from);
  const share = Math.min(1, Math.max(0, dot(sub(point, from), bone) / Math.max(1e-9, dot(bone, bone))));
  const at: Vec = [from[0] + bone[0] * share, from[1] + bone[1] * share, from[2] + bone[2] * share];
  return { mm: distance(point, at), r: thick + (thin - thick) * share };
}

function deepestMm(shape: PropShape, pose: FullPose): number {
  const hand = placedHand(pose, FACING, false);
  const { middle, r } = roundIn(shape, hand, pose);
  return Math.max(
    ...(['thumb', ...FINGER_NAMES] as const).flatMap((digit) => {
      const chain = hand.digits[digit];
      // The bones past the knuckle; what lies in the palm is the palm itself.
      return chain.slice(1, -1).map((from, i) => {
        const { mm, r: flesh } = nearest(middle, from, chain[i + 2]!, [
          RADII[digit][i + 1]!,
          RADII[digit][i + 2] ?? RADII[digit].at(-1)!,
        ]);
        return r + flesh - mm;
      });
    }),
  );
}

const withBall = MOVEMENTS.filter((m) => CATALOGUE.figure(m.id)!.prop === 'ball').map((m) => m.id);

test.each(withBall)('in %s no digit goes more than 4 mm into the soft ball, all the way', (id) => {
  const poses = posesThrough(CATALOGUE.figure(id)!, 50);
  expect(Math.max(...poses.map((pose) => deepestMm('ball', pose)))).toBeLessThan(4);
});

test('there are movements with a ball', () => {
  expect(withBall.length).toBeGreaterThan(3);
});
