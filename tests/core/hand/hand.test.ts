import { UNDOING } from '@/core/dose';
import fc from 'fast-check';
import { FIGURES } from '@/catalogue/figures/figures';
import { FIST, RING, STRAIGHT } from '@/catalogue/figures/poses';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { scriptOf } from '@/core/dose/script';
import { painted } from '@/core/draw/shape';
import { fingersOverlapMm, thumbOverlapMm } from '@/core/hand/contact';
import { handParts } from '@/core/hand/figure';
import { seenHand, type HandView } from '@/core/hand/place';
import { DIGITS, FINGER_NAMES, JOINT_LIMITS } from '@/core/hand/joints';
import { handPoints, knuckleOf, SEGMENT_MM, tipOf } from '@/core/hand/kinematics';
import { keyPoses, loopPose, poseInBeat, rangeDemand, startPose } from '@/core/hand/motion';
import {
  beyondLimits,
  blend,
  ease,
  fingers,
  fullPose,
  REST,
  withinLimits,
  type Pose,
} from '@/core/hand/pose';
import { distance, type Vec } from '@/core/draw/vector';
import { runs } from '../../runs';
import { posesThrough } from './poses-through';

const anyPose: fc.Arbitrary<Pose> = fc
  .tuple(...JOINT_LIMITS.map((l) => fc.integer({ min: l.min, max: l.max })))
  .map((angles) => Object.fromEntries(JOINT_LIMITS.map((l, i) => [l.id, angles[i]])) as Pose);

const figureShapes = (pose: Pose, view: HandView, left: boolean) =>
  painted(handParts(seenHand(pose, { ...view, at: [0, 0, 0], frame: 'forearm' }, left)));

const close = (a: Vec, b: Vec, mm = 0.05) => expect(distance(a, b)).toBeLessThan(mm);
const plain: Pose = { ...fingers(0, 0, 0), 'middle.spread': 0 };

describe('forward kinematics', () => {
  test('the straight middle finger points straight up from the wrist', () => {
    // 26 mm to its base, then 64.6 + 44.6 + 26.3 + 17.4.
    close(tipOf(handPoints(plain), 'middle'), [4, 178.9, 1]);
  });

  test('a right angle at the knuckle turns the finger out of the palm', () => {
    const knuckle = knuckleOf(handPoints(plain), 'middle');
    close(tipOf(handPoints({ ...plain, 'middle.mcp': 90 }), 'middle'), [
      knuckle[0],
      knuckle[1],
      knuckle[2] + 88.3,
    ]);
  });

  test('a hook comes back down to the palm', () => {
    const hook = handPoints({ ...plain, 'middle.pip': 90, 'middle.dip': 90 });
    close(tipOf(hook, 'middle'), [4, 90.6 + 44.6 - 17.4, 1 + 26.3]);
  });

  test('the wrist bends toward the palm and swings toward the little finger', () => {
    close(tipOf(handPoints({ ...plain, 'wrist.flexion': 80 }), 'middle'), bent(80), 0.1);
    const swung = tipOf(handPoints({ ...plain, 'wrist.ulnar': 30 }), 'middle');
    expect(swung[0]).toBeCloseTo(4 * Math.cos(Math.PI / 6) - 178.9 * 0.5, 1);
  });

  test('segments keep their lengths in every pose', () => {
    fc.assert(
      fc.property(anyPose, (pose) => {
        const { digits } = handPoints(pose);
        for (const digit of DIGITS)
          SEGMENT_MM[digit].forEach((mm, i) =>
            expect(distance(digits[digit][i]!, digits[digit][i + 1]!)).toBeCloseTo(mm, 6),
          );
      }),
      { numRuns: runs(400, 0.1) },
    );
  });

  test('in a full fist each fingertip reaches the palm', () => {
    const points = handPoints(FIST);
    for (const finger of FINGER_NAMES) {
      const [base, knuckle] = points.digits[finger] as readonly [Vec, Vec];
      const tip = tipOf(points, finger);
      const nearest = Math.min(
        ...Array.from({ length: 21 }, (_, i) => {
          const share = i / 20;
          const onPalm: Vec = [0, 1, 2].map(
            (k) => base[k]! + (knuckle[k]! - base[k]!) * share,
          ) as unknown as Vec;
          return distance(tip, onPalm);
        }),
      );
      // Half a palm and half a fingertip of flesh lie between the two bones.
      expect(nearest).toBeLessThan(24);
    }
  });

  test.each(FINGER_NAMES)(
    'thumb and %s touch tip to tip, flesh and all, with their pads toward each other',
    (finger) => {
      const points = handPoints(RING[finger]);
      const apart = distance(tipOf(points, 'thumb'), tipOf(points, finger));
      expect(apart).toBeGreaterThan(13);
      expect(apart).toBeLessThan(16);
      const [a, b] = [points.padNormals.thumb, points.padNormals[finger]];
      expect(a[0] * b[0] + a[1] * b[1] + a[2] * b[2]).toBeLessThan(-0.1);
    },
  );

  test('in no pose of any movement, key poses and those between, does a finger run into another', () => {
    const pairs = FINGER_NAMES.slice(1).map((f, i) => [FINGER_NAMES[i]!, f] as const);
    const run = MOVEMENTS.flatMap(({ id }) => {
      const poses = posesThrough(CATALOGUE.figure(id)!, runs(50, 0.3));
      return pairs.flatMap(([a, b]) =>
        poses.some((pose) => fingersOverlapMm(pose, a, b) > 4) ? [`${id}: ${a} into ${b}`] : [],
      );
    });
    expect(run).toEqual([]);
  });

  test('nor does the thumb, which gets out of the way where it would', () => {
    const run = MOVEMENTS.flatMap(({ id }) => {
      const mm = Math.max(...posesThrough(CATALOGUE.figure(id)!, runs(50, 0.3)).map(thumbOverlapMm));
      return mm > 4 ? [`${id}: ${mm.toFixed(1)} mm`] : [];
    });
    expect(run).toEqual([]);
  });
});

/** The straight middle finger after bending the wrist by some degrees. */
function bent(degrees: number): Vec {
  const t = (degrees * Math.PI) / 180;
  return [4, 178.9 * Math.cos(t) - Math.sin(t), 178.9 * Math.sin(t) + Math.cos(t)];
}

describe('poses', () => {
  test('resting and straight hands are inside the limits', () => {
    expect(beyondLimits(REST)).toEqual([]);
    expect(beyondLimits(STRAIGHT)).toEqual([]);
    expect(beyondLimits({ 'index.pip': 140 })).toEqual([{ id: 'index.pip', angle: 140, min: 0, max: 100 }]);
    expect(withinLimits({ 'index.pip': 140 })['index.pip']).toBe(100);
  });

  test('easing starts and ends slowly, and never overshoots', () => {
    expect([ease(0), ease(0.5), ease(1)]).toEqual([0, 0.5, 1]);
    expect(ease(0.1)).toBeLessThan(0.1);
    fc.assert(
      fc.property(anyPose, anyPose, fc.double({ min: 0, max: 1, noNaN: true }), (a, b, share) => {
        expect(beyondLimits(blend(fullPose(a), fullPose(b), ease(share)))).toEqual([]);
      }),
      { numRuns: runs(400, 0.1) },
    );
  });
});

describe('the figures of the catalogue', () => {
  test('every movement has one, and none is left over', () => {
    expect(Object.keys(FIGURES).sort()).toEqual(MOVEMENTS.map((m) => m.id).sort());
  });

  test.each(Object.entries(FIGURES))('%s stays inside the joint limits', (_, figure) => {
    for (const pose of keyPoses(figure.motion)) expect(beyondLimits(pose)).toEqual([]);
    if (figure.motion.kind === 'loop')
      expect(figure.motion.keys.reduce((n, k) => n + k.share, 0)).toBeCloseTo(1, 9);
  });

  test('a figure in steps has a pose for every step its dose names', () => {
    for (const m of MOVEMENTS) {
      const { motion } = FIGURES[m.id]!;
      if (m.dose.count.mode !== 'sequence' || motion.kind !== 'steps') continue;
      for (const step of m.dose.count.steps.filter((s) => s !== UNDOING))
        expect([m.id, Object.keys(motion.poses)]).toEqual([m.id, expect.arrayContaining([step])]);
    }
  });

  test('a movement moves joints it says it moves', () => {
    const jointsOf = (id: string) =>
      new Set(Object.keys(rangeDemand(FIGURES[id]!.motion)).map((j) => j.split('.')[0]));
    expect(jointsOf('wrist-bend')).toEqual(new Set(['wrist']));
    expect(jointsOf('palms-turn')).toEqual(new Set(['forearm']));
    expect(jointsOf('thumb-out-across')).toEqual(new Set(['thumb']));
    expect(jointsOf('five-shapes')).toEqual(new Set(['thumb', 'index', 'middle', 'ring', 'little']));
  });

  test('range demand is the extreme of each joint', () => {
    expect(rangeDemand(FIGURES['wrist-bend']!.motion)).toEqual({ 'wrist.flexion': { min: -48, max: 52 } });
  });
});

describe('motion in time', () => {
  const context = { breathMs: 5_000, slowFirst: false };
  const beatsOf = (id: string) => scriptOf(CATALOGUE.movement(id)!.dose, context);
  const at = (id: string, ms: number) => {
    const beats = beatsOf(id);
    const i = beats.findIndex((b) => b.startMs <= ms && ms < b.startMs + b.durationMs);
    return poseInBeat(FIGURES[id]!.motion, beats[i]!, beats[i - 1] ?? null, ms);
  };

  test('a repetition goes out and comes back', () => {
    expect(at('wrist-bend', 0)['wrist.flexion']).toBeCloseTo(0);
    expect(at('wrist-bend', 750)['wrist.flexion']).toBeCloseTo(-48);
    expect(at('wrist-bend', 1_500)['wrist.flexion']).toBeCloseTo(0);
    expect(at('wrist-bend', 2_250)['wrist.flexion']).toBeCloseTo(52);
  });

  test('opening is on the in-breath, two fifths of it', () => {
    expect(at('open-close', 2_000)['index.spread']).toBeCloseTo(18);
    expect(at('open-close', 0)['index.mcp']).toBeCloseTo(62);
  });

  test('a hold stays where it came to, and lets go', () => {
    const held = at('wrist-stretch-back', 5_000)['wrist.flexion'];
    expect(held).toBe(62);
    expect(at('wrist-stretch-back', 9_900)['wrist.flexion']).toBe(held);
    expect(at('wrist-stretch-back', 12_900)['wrist.flexion']).toBeLessThan(1);
  });

  test('a step goes from the last finger to the next', () => {
    expect(at('thumb-to-tips', 900)).toEqual(fullPose(RING.index));
    expect(at('thumb-to-tips', 1_900)).toEqual(fullPose(RING.middle));
    expect(at('thumb-to-tips', 1_000)).toEqual(fullPose(RING.index));
  });

  test('the other direction runs the circle backwards', () => {
    const { motion } = FIGURES['wrist-circles-air']!;
    const beats = beatsOf('wrist-circles-air');
    const back = beats.find((b) => b.pass.reversed && b.kind === 'rep')!;
    const forth = beats[0]!;
    const pose = (b: typeof back, ms: number) => poseInBeat(motion, b, null, b.startMs + ms);
    expect(pose(back, 1_000)['wrist.ulnar']).toBeCloseTo(pose(forth, 2_000)['wrist.ulnar']);
  });

  test('a loop ends where it began, without a jump', () => {
    for (const { motion } of Object.values(FIGURES)) {
      if (motion.kind !== 'loop') continue;
      const [end, start] = [loopPose(motion.keys, 0.99999), startPose(motion)];
      for (const { id } of JOINT_LIMITS) expect(Math.abs(end[id] - start[id])).toBeLessThan(0.5);
    }
  });
});

describe('the drawing', () => {
  const numbers = (d: string) => [...d.matchAll(/-?\d+\.\d/g)].map(Number);

  test('left is the mirror of right, seen straight on', () => {
    const view = { yaw: 0, tip: 0, lean: 0 };
    const width = (shapes: ReturnType<typeof figureShapes>, pick: (xs: number[]) => number) =>
      pick(shapes.filter((s) => s.part === 'ink').flatMap((s) => ends(s.d)));
    const right = figureShapes(STRAIGHT, view, false);
    const left = figureShapes(STRAIGHT, view, true);
    expect(width(left, (xs) => Math.min(...xs))).toBeCloseTo(-width(right, (xs) => Math.max(...xs)), 0);
    expect(width(left, (xs) => Math.max(...xs))).toBeCloseTo(-width(right, (xs) => Math.min(...xs)), 0);
  });

  test('nails show on the back, palm lines on the palm', () => {
    const parts = (yaw: number) => figureShapes(STRAIGHT, { yaw, tip: 0, lean: 0 }, false).map((s) => s.part);
    expect(parts(180).filter((p) => p === 'nail').length).toBeGreaterThanOrEqual(4);
    expect(parts(180)).not.toContain('line');
    expect(parts(0).filter((p) => p === 'line').length).toBeGreaterThanOrEqual(3);
  });

  test('any pose from anywhere draws whole numbers of shapes, never a broken path', () => {
    fc.assert(
      fc.property(anyPose, fc.integer({ min: -180, max: 180 }), fc.boolean(), (pose, yaw, left) => {
        const shapes = figureShapes(pose, { yaw, tip: 12, lean: 4 }, left);
        expect(shapes.length).toBeGreaterThan(30);
        for (const s of shapes) {
          expect(s.d).not.toMatch(/NaN|Infinity|undefined/);
          expect(numbers(s.d).every((n) => Math.abs(n) < 400)).toBe(true);
        }
      }),
      { numRuns: runs(800, 0.1) },
    );
  });
});

/** The x of every point a path of moves, lines and absolute arcs passes through. */
function ends(d: string): number[] {
  return [...d.matchAll(/(?:M|L|A[\d.]+ [\d.]+ 0 [01] 1 )(-?[\d.]+) (-?[\d.]+)/g)].map((m) => Number(m[1]));
}
