import fc from 'fast-check';
import { BODY_LIMITS, type BodyAxis, type BodyPose } from '@/core/body/axes';
import { BUILDS } from '@/core/body/build';
import { twoBones } from '@/core/body/limb';
import {
  HAND_PLACES,
  isSeated,
  isStanding,
  STANCES,
  type HandPlace,
  type StanceKind,
} from '@/core/body/places';
import { outwardOf, seatHeight, type Posture, type Side, type Skeleton } from '@/core/body/posture';
import { skeletonOf } from '@/core/body/skeleton';
import { supportOf } from '@/core/body/support';
import { distance, dot, type Vec } from '@/core/draw/vector';
import { runs } from '../../runs';

const REST = Object.fromEntries(BODY_LIMITS.map((l) => [l.id, l.rest])) as BodyPose;
const SIDES: readonly Side[] = ['L', 'R'];
const BUILD = BUILDS[0]!;

const posture = (over: Partial<Posture> = {}, pose: Partial<BodyPose> = {}): Posture => ({
  stance: 'on a chair',
  hands: 'free',
  whole: { ...REST, ...pose },
  sides: { L: { ...REST, ...pose }, R: { ...REST, ...pose } },
  working: 'both',
  build: BUILD,
  ...over,
});
const anyBody = fc
  .tuple(...BODY_LIMITS.map((l) => fc.integer({ min: l.min, max: l.max })))
  .map((values) => Object.fromEntries(BODY_LIMITS.map((l, i) => [l.id, values[i]])) as BodyPose);
const anyPosture = fc.record({
  stance: fc.constantFrom(...STANCES),
  hands: fc.constantFrom(...HAND_PLACES),
  whole: anyBody,
  sides: fc.record({ L: anyBody, R: anyBody }),
  working: fc.constantFrom('L', 'R', 'both') as fc.Arbitrary<Posture['working']>,
  build: fc.constantFrom(...BUILDS),
});
const pointsOf = (s: Skeleton): readonly Vec[] => [
  s.pelvis,
  s.waist,
  s.chest,
  s.head,
  ...SIDES.flatMap((side) => [
    s.arms[side].elbow,
    s.arms[side].hand.wrist,
    s.legs[side].knee,
    s.legs[side].foot.ankle,
    s.legs[side].foot.toe,
  ]),
];

test('a limb of two bones keeps their lengths and ends at its target, or as near as it reaches', () => {
  const coordinate = fc.double({ min: -900, max: 900, noNaN: true });
  fc.assert(
    fc.property(fc.tuple(coordinate, coordinate, coordinate), (target) => {
      const { middle, end } = twoBones([0, 0, 0], target, [300, 250], [0, -1, 0]);
      const reached = Math.hypot(...end);
      fc.pre(reached > 60);
      expect(distance(middle, [0, 0, 0])).toBeCloseTo(300, 3);
      expect(distance(middle, end)).toBeCloseTo(250, 3);
      expect(reached).toBeLessThanOrEqual(550);
      if (Math.hypot(...target) < 549) expect(distance(end, target)).toBeLessThan(0.5);
    }),
    { numRuns: runs(2_000, 0.1) },
  );
});

test('no pose within the limits stretches a bone or loses a point, whatever the person sits or stands on', () => {
  fc.assert(
    fc.property(anyPosture, (p) => {
      const s = skeletonOf(p);
      for (const v of pointsOf(s)) expect(v.every((n) => Math.abs(n) < 4_000)).toBe(true);
      for (const side of SIDES) {
        const { shoulder, elbow, hand } = s.arms[side];
        expect(distance(shoulder, elbow)).toBeCloseTo(p.build.upperArm, 3);
        expect(distance(elbow, hand.wrist)).toBeCloseTo(p.build.forearm, 3);
        expect(distance(s.legs[side].hip, s.legs[side].knee)).toBeLessThan(p.build.thigh + 0.01);
      }
    }),
    { numRuns: runs(2_000, 0.1) },
  );
});

test.each<[StanceKind, HandPlace]>([
  ['on a chair', 'free'],
  ['on a chair', 'on the thighs'],
  ['on a chair at a table', 'on the support'],
  ['standing at a wall', 'on the support'],
  ['on hands and knees', 'on the support'],
])('%s, hands %s: left is the mirror of right', (stance, hands) => {
  const s = skeletonOf(posture({ stance, hands }, { 'trunk.lean': 12, 'arm.ahead': 40, 'foot.ahead': 60 }));
  const mirrored = ([x, y, z]: Vec): Vec => [-x, y, z];
  expect(distance(s.arms.L.elbow, mirrored(s.arms.R.elbow))).toBeLessThan(1e-6);
  expect(distance(s.arms.L.hand.wrist, mirrored(s.arms.R.hand.wrist))).toBeLessThan(1e-6);
  expect(distance(s.legs.L.foot.toe, mirrored(s.legs.R.foot.toe))).toBeLessThan(1e-6);
});

test.each(BUILDS.map((build, i) => [i, build] as const))(
  'build %i: whoever sits or stands has their feet on the floor and sits on the seat',
  (_, build) => {
    for (const stance of STANCES.filter((s) => isSeated(s) || isStanding(s))) {
      const s = skeletonOf(posture({ stance, build }));
      for (const side of SIDES) {
        expect(s.legs[side].foot.heel[1]).toBeGreaterThan(0);
        expect(s.legs[side].foot.heel[1]).toBeLessThan(40);
        expect(distance(s.legs[side].knee, s.legs[side].foot.ankle)).toBeCloseTo(build.shin, 0);
      }
      if (isSeated(stance)) expect(s.pelvis[1] - seatHeight(build)).toBeGreaterThan(50);
    }
  },
);

/** How far the body leans when its hands first bear something, degrees. */
const LIGHT: Partial<Record<StanceKind, number>> = {
  'standing at a wall': 8,
  'standing at a worktop': 18,
  'standing at a chair seat': 46,
  'on hands and feet': 69,
};

test.each(STANCES.filter((s) => s !== 'on a chair' && s !== 'standing'))(
  '%s: the palms stay on what bears them while the body leans',
  (stance) => {
    for (const build of BUILDS)
      for (const lean of [0, 3]) {
        const body = {
          [isSeated(stance) || stance === 'on hands and knees' ? 'trunk.lean' : 'body.lean']:
            (LIGHT[stance] ?? 4) + lean,
        };
        const s = skeletonOf(posture({ stance, hands: 'on the support', build }, body));
        for (const side of SIDES) {
          const { hand } = supportOf(stance, side, build);
          expect(distance(s.arms[side].hand.wrist, hand.wrist)).toBeLessThan(25);
        }
      }
  },
);

test('hands on the thighs lie on them: flat, a palm’s flesh over the cloth, fingers to the knee', () => {
  for (const build of BUILDS) {
    const s = skeletonOf(posture({ hands: 'on the thighs', build }));
    for (const side of SIDES) {
      const { hand } = s.arms[side];
      const { hip, knee } = s.legs[side];
      const along = [knee[0] - hip[0], knee[1] - hip[1], knee[2] - hip[2]].map(
        (n) => n / distance(hip, knee),
      ) as unknown as Vec;
      expect(dot(hand.fingers, along)).toBeGreaterThan(0.99);
      expect(hand.palm[1]).toBeLessThan(-0.9);
      expect(hand.wrist[1] - hip[1]).toBeGreaterThan(50);
      expect(hand.wrist[1] - hip[1]).toBeLessThan(110);
    }
  }
});

test.each<[BodyAxis, number, (s: Skeleton) => number]>([
  ['trunk.lean', 20, (s) => s.chest[2]],
  ['trunk.side', 15, (s) => s.chest[0]],
  ['trunk.turn', 30, (s) => s.arms.L.shoulder[2] - s.arms.R.shoulder[2]],
  ['head.turn', 40, (s) => s.headFrame.z[0]],
  ['head.nod', 25, (s) => -s.headFrame.z[1]],
  ['shoulder.up', 50, (s) => s.arms.R.shoulder[1]],
  ['arm.out', 80, (s) => s.arms.R.hand.wrist[0]],
  ['arm.ahead', 80, (s) => s.arms.R.hand.wrist[2]],
  ['foot.ahead', 150, (s) => s.legs.R.foot.toe[2]],
  ['foot.up', 90, (s) => s.legs.R.knee[1]],
  ['heel.up', 30, (s) => s.legs.R.foot.heel[1]],
  ['toes.up', 25, (s) => s.legs.R.foot.toe[1]],
  ['knees.sway', 20, (s) => s.legs.R.knee[0] + s.legs.L.knee[0]],
  ['foot.turn', 30, (s) => s.legs.R.foot.toe[0]],
])('%s moves what it says, toward what it says', (axis, to, of) => {
  const at = (value: number) => of(skeletonOf(posture({}, { [axis]: value })));
  const rest = BODY_LIMITS.find((l) => l.id === axis)!.rest;
  expect(at(to)).toBeGreaterThan(at(rest) + (axis.startsWith('head') ? 0.2 : 8));
});

test('an arm that works reaches for the other knee while the other waits on its own', () => {
  const s = skeletonOf(posture({ hands: 'on the other knee', working: 'R' }));
  expect(outwardOf('R') * s.arms.R.hand.wrist[0]).toBeLessThan(30);
  expect(outwardOf('L') * s.arms.L.hand.wrist[0]).toBeGreaterThan(40);
});
