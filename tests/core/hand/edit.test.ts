import fc from 'fast-check';
import { FIST, OPEN, RING, SPREAD } from '@/catalogue/figures/poses';
import { asKind, listPoses, withListedPose, withoutPose, withPoseAfter, withSteps } from '@/core/hand/edit';
import { keyPoses, type Motion } from '@/core/hand/motion';
import { beyondLimits, fullPose, withinLimits } from '@/core/hand/pose';
import { HANDLES, handleAt, reach } from '@/core/hand/reach';
import { seenHand } from '@/core/hand/place';
import { VIEWS } from '@/core/hand/scene';

const loop: Motion = {
  kind: 'loop',
  keys: [
    { pose: OPEN, share: 0.5 },
    { pose: FIST, share: 0.5 },
  ],
};
const shares = (m: Motion) => (m.kind === 'loop' ? m.keys.map((k) => k.share) : []);

test('a pose is set in its place and brought inside the limits', () => {
  const next = withListedPose(loop, 1, { 'index.pip': 500 });
  expect(listPoses(next)[1]!.pose['index.pip']).toBe(100);
  expect(listPoses(next)[0]!.pose).toBe(OPEN);
});

test('poses are added and taken away, the time shared out anew, never under two', () => {
  const three = withPoseAfter(loop, 0);
  expect(listPoses(three).map((p) => p.pose)).toEqual([OPEN, OPEN, FIST]);
  expect(shares(three)).toEqual([1 / 3, 1 / 3, 1 / 3]);
  expect(listPoses(withoutPose(three, 1)).map((p) => p.pose)).toEqual([OPEN, FIST]);
  expect(withoutPose(loop, 0)).toBe(loop);
});

test('a movement moving another way keeps its poses', () => {
  const held = asKind(loop, 'held', []);
  expect(held).toEqual({ kind: 'held', from: OPEN, to: FIST });
  expect(listPoses(asKind(held, 'loop', [])).map((p) => p.pose)).toEqual([OPEN, FIST]);
  const steps = asKind(loop, 'steps', ['index', 'middle']);
  expect(listPoses(steps).map((p) => p.name)).toEqual(['Between', 'index', 'middle']);
  expect(shares(asKind(steps, 'loop', [])).reduce((a, b) => a + b)).toBeCloseTo(1);
});

test('steps that stay keep their pose, new ones get one, old ones go', () => {
  const motion: Motion = { kind: 'steps', base: OPEN, poses: { index: RING.index, ring: RING.ring } };
  const next = withSteps(motion, ['index', 'little']);
  expect(next.kind === 'steps' && Object.keys(next.poses)).toEqual(['index', 'little']);
  expect(next.kind === 'steps' && next.poses.index).toBe(RING.index);
  expect(keyPoses(next).flatMap(beyondLimits)).toEqual([]);
});

describe('taking hold of the drawn hand', () => {
  const place = { ...VIEWS.palm, at: [0, 0, 0], frame: 'forearm' } as const;

  test('a fingertip follows to wherever the finger can go', () => {
    const target = handleAt(seenHand(fullPose(RING.index), place, false), 'index');
    const got = reach(fullPose(OPEN), 'index', [target[0], target[1]], place);
    const tip = handleAt(seenHand(got, place, false), 'index');
    expect(Math.hypot(tip[0] - target[0], tip[1] - target[1])).toBeLessThan(4);
    expect(got['middle.mcp']).toBe(fullPose(OPEN)['middle.mcp']);
  });

  test('the palm bends the wrist and nothing else', () => {
    const side = { ...VIEWS.side, at: [0, 0, 0], frame: 'forearm' } as const;
    const [x, y] = handleAt(seenHand(fullPose({ ...OPEN, 'wrist.flexion': 40 }), side, false), 'palm');
    const got = reach(fullPose(OPEN), 'palm', [x, y], side);
    expect(got['wrist.flexion']).toBeGreaterThan(34);
    expect(got['wrist.flexion']).toBeLessThan(46);
    expect({ ...got, 'wrist.flexion': 0, 'wrist.ulnar': 0 }).toEqual(fullPose(OPEN));
  });

  test('no drag, however wild, breaks a limit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...HANDLES),
        fc.integer({ min: -400, max: 400 }),
        fc.integer({ min: -400, max: 400 }),
        (handle, x, y) => {
          expect(beyondLimits(reach(withinLimits(SPREAD), handle, [x, y], place))).toEqual([]);
        },
      ),
      { numRuns: 60 },
    );
  });
});
