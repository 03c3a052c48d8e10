import { add, scale, turn, turning, type Vec } from '../draw';
import type { BodyPose } from './axes';
import type { Build } from './build';
import { footOf } from './foot';
import { placeOfHand } from './hand-place';
import { twoBones } from './limb';
import { isSeated, isStanding, type StanceKind } from './places';
import {
  both,
  framed,
  inFrame,
  outwardOf,
  sittingHip,
  type Arm,
  type Frame,
  type HandAt,
  type Leg,
  type Posture,
  type Side,
  type Skeleton,
} from './posture';

const ON_ALL_FOURS_DEG = 78;
const ON_TOES_DEG = 58;

export function skeletonOf(posture: Posture): Skeleton {
  const { stance, whole, build, sides } = posture;
  const pelvis = pelvisOf(stance, whole, build);
  const trunk = trunkFrames(stance, whole);
  const waist = add(pelvis, inFrame(trunk.low, [0, build.trunk * 0.42, 0]));
  const chest = add(waist, inFrame(trunk.high, [0, build.trunk * 0.58, 0]));
  const legs = both((side) => legOf(side, posture, pelvis));
  const headFrame = headFrameOf(trunk.high, whole, stance);
  const neck = add(chest, inFrame(trunk.high, [0, build.neck * 0.3, 8]));
  const head = add(
    add(neck, inFrame(trunk.high, [0, build.neck * 0.55, 6])),
    scale(headFrame.y, build.headHeight * 0.52),
  );
  const torso = { pelvis, waist, chest, chestFrame: trunk.high, neck, head, headFrame, legs };
  const shoulders = both((side) => shoulderOf(side, chest, trunk.high, sides[side], build));
  const free = both((side) => freeArm(side, shoulders[side], trunk.high, sides[side], build));
  const arms = both((side): Arm => {
    const at = placeOfHand(side, posture, { ...torso, shoulders, free });
    if (!at) return free[side];
    return reachingArm(side, shoulders[side], at, trunk.high, sides[side], build);
  });
  return { ...torso, arms };
}

function pelvisOf(stance: StanceKind, whole: BodyPose, build: Build): Vec {
  const [dx, dy, dz] = [whole['hips.side'], whole['hips.up'], whole['hips.ahead']];
  if (isSeated(stance)) return [dx, sittingHip(build) + dy, dz];
  if (isStanding(stance)) {
    const up = leaning(whole['body.lean']);
    return add([dx, build.ankleHeight + dy, dz], scale(up, build.hipHeight - build.ankleHeight));
  }
  if (stance === 'on hands and feet') {
    const { ankle } = footOf('standing', 'R', [dx, 0, dz], { ...whole, 'heel.up': ON_TOES_DEG }, build);
    const leg = build.hipHeight - build.ankleHeight;
    return add([dx, ankle[1] + dy, ankle[2]], scale(leaning(whole['body.lean']), leg * 0.9995));
  }
  return [dx, build.thigh + 45 + dy, dz];
}

/** Up along a straight body that leans forward by so many degrees. */
const leaning = (degrees: number): Vec => turn([0, 1, 0], [1, 0, 0], degrees);

function trunkFrames(stance: StanceKind, whole: BodyPose): { readonly low: Frame; readonly high: Frame } {
  const base = stance === 'on hands and knees' ? ON_ALL_FOURS_DEG : whole['body.lean'];
  const frame = (share: number): Frame => {
    const lean = turning([1, 0, 0], base + whole['trunk.lean']);
    const side = turning([0, 0, 1], -whole['trunk.side'] * share);
    const twist = turning([0, 1, 0], whole['trunk.turn'] * share);
    return framed((v) => lean(side(twist(v))));
  };
  return { low: frame(0.4), high: frame(1) };
}

/** A head keeps looking ahead where the trunk leans, and is turned from there. */
function headFrameOf(chest: Frame, whole: BodyPose, stance: StanceKind): Frame {
  const low = stance.startsWith('on hands');
  const back = low ? -55 : -Math.min(30, Math.max(0, whole['trunk.lean'] + whole['body.lean'])) * 0.8;
  const [nod, side, turned] = [
    turning([1, 0, 0], whole['head.nod'] + back),
    turning([0, 0, 1], -whole['head.side']),
    turning([0, 1, 0], whole['head.turn']),
  ];
  return framed((v) => inFrame(chest, nod(side(turned(v)))));
}

function shoulderOf(side: Side, chest: Vec, frame: Frame, pose: BodyPose, build: Build): Vec {
  const s = outwardOf(side);
  const rises = pose['arm.out'] > 60 ? (pose['arm.out'] - 60) * 0.35 : 0;
  return add(
    chest,
    inFrame(frame, [s * build.halfShoulders, -40 + pose['shoulder.up'] + rises, pose['shoulder.ahead']]),
  );
}

/** An arm carried by its own joints: hanging, then turned about its length, brought out, then ahead. */
function freeArm(side: Side, shoulder: Vec, frame: Frame, pose: BodyPose, build: Build): Arm {
  const s = outwardOf(side);
  const turned = turning([0, 1, 0], -s * pose['arm.turn']);
  const out = turning([0, 0, 1], s * pose['arm.out']);
  const ahead = turning([1, 0, 0], -pose['arm.ahead']);
  const aim = (v: Vec): Vec => inFrame(frame, ahead(out(turned(v))));
  const forearm = turn([0, -1, 0], [1, 0, 0], -pose['elbow.bend']);
  const palm = turn([-s, 0, 0], forearm, s * pose['arm.palm']);
  const elbow = add(shoulder, scale(aim([0, -1, 0]), build.upperArm));
  const fingers = aim(forearm);
  return {
    shoulder,
    elbow,
    hand: { wrist: add(elbow, scale(fingers, build.forearm)), fingers, palm: aim(palm), by: 'forearm' },
  };
}

/** An arm whose hand is somewhere: the elbow hangs, a little out and back. */
function reachingArm(side: Side, shoulder: Vec, at: HandAt, frame: Frame, pose: BodyPose, build: Build): Arm {
  const s = outwardOf(side);
  const pole = inFrame(frame, [s * 0.55, -1, -0.35]);
  const { middle, end } = twoBones(
    shoulder,
    at.wrist,
    [build.upperArm, build.forearm],
    pole,
    s * pose['elbow.out'],
  );
  return { shoulder, elbow: middle, hand: { ...at, wrist: end } };
}

function legOf(side: Side, { stance, sides, whole, build }: Posture, pelvis: Vec): Leg {
  const s = outwardOf(side);
  const pose = sides[side];
  const hip = add(pelvis, [s * build.halfHips, 0, 0]);
  if (stance === 'on hands and knees') {
    const knee: Vec = [s * build.halfHips * 1.25, 45 + pose['foot.up'], 0];
    const middle = twoBones(hip, knee, [build.thigh * 0.5, build.thigh * 0.5], [0, 0, 1]).end;
    return {
      hip,
      knee: middle,
      foot: footOf('lying', side, [knee[0], 50 + pose['foot.up'] * 0.4, -build.shin], pose, build),
    };
  }
  const home: Vec = isSeated(stance)
    ? [s * build.halfHips * 1.35, 0, build.thigh * 0.97]
    : [s * build.halfHips * 1.1, 0, 0];
  const at = add(home, [s * pose['foot.out'], pose['foot.up'], pose['foot.ahead']]);
  const onToes = stance === 'on hands and feet' ? ON_TOES_DEG : pose['heel.up'];
  const foot = footOf('standing', side, at, { ...pose, 'heel.up': onToes }, build);
  const sway = turn([0, 1, 0.25], [0, 0, 1], -whole['knees.sway']);
  const ahead: Vec = isSeated(stance) ? add(sway, [s * pose['foot.turn'] * 0.003, 0, 0.6]) : [s * 0.1, 0, 1];
  const { middle } = twoBones(hip, foot.ankle, [build.thigh, build.shin], ahead);
  return { hip, knee: middle, foot };
}
