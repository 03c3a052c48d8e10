import { add, between, scale, sub, turn, unit, type Vec } from '../draw';
import {
  DOWN,
  FLESH_MM,
  inFrame,
  otherSide,
  outwardOf,
  seatHeight,
  squareTo,
  type Arm,
  type HandAt,
  type Leg,
  type Posture,
  type Side,
  type Skeleton,
} from './posture';
import { supportOf } from './support';

type Torso = Omit<Skeleton, 'arms'> & {
  readonly shoulders: Readonly<Record<Side, Vec>>;
  readonly free: Readonly<Record<Side, Arm>>;
};

/** How much of a forearm lies on what bears it. */
const FOREARM_IN = 0.7;
/** From the wrist to the middle of the palm, mm. */
const PALM_MM = 62;

/** Where a hand is put, or null where its arm is free. */
export function placeOfHand(side: Side, posture: Posture, torso: Torso): HandAt | null {
  const put = putHand(side, posture, torso);
  if (!put) return null;
  const pose = posture.sides[side];
  const s = outwardOf(side);
  // Where the hand goes along the other arm its way is that arm's.
  if (posture.hands === 'on the other arm')
    return { ...put, wrist: add(put.wrist, [s * pose['reach.out'], 0, pose['reach.ahead']]) };
  const by: Vec = [
    s * pose['reach.out'] + posture.whole['reach.side'],
    pose['reach.up'],
    pose['reach.ahead'],
  ];
  const turned = (v: Vec) => turn(v, put.palm, (put.palm[1] < 0 ? -1 : 1) * s * pose['reach.turn']);
  return { ...put, wrist: add(put.wrist, by), fingers: turned(put.fingers) };
}

function putHand(side: Side, posture: Posture, torso: Torso): HandAt | null {
  const { hands, build, working } = posture;
  const s = outwardOf(side);
  const { pelvis, chest, chestFrame, legs, shoulders, free } = torso;
  const onChest = (x: number, y: number, z: number): Vec => add(chest, inFrame(chestFrame, [s * x, y, z]));
  const inward = scale(chestFrame.x, -s);
  const back = scale(chestFrame.z, -1);
  switch (hands) {
    case 'free':
      return null;
    case 'on the thighs':
      return onLimb(legs[side], 0.68);
    case 'arms laid on the thighs': {
      const { hip, knee } = legs[side];
      const fingers = unit(sub(knee, hip));
      return {
        wrist: add(knee, add(scale(fingers, -10), [0, 82, 0])),
        fingers,
        palm: inward,
        by: 'forearm',
      };
    }
    case 'in the lap':
      return {
        wrist: add(pelvis, [s * 95, 70 + (side === 'R' ? 14 : 0), 190]),
        fingers: unit([-s, 0, 0.15]),
        palm: [0, 1, 0],
        by: 'palm',
      };
    case 'before the chest':
      return {
        wrist: onChest(95, -200, 270),
        fingers: unit(add([0, 1, 0], scale(inward, 0.4))),
        palm: back,
        by: 'palm',
      };
    case 'palms together':
      return { wrist: onChest(16, -235, 200), fingers: [0, 1, 0], palm: inward, by: 'palm' };
    case 'palms up in front':
      return {
        wrist: onChest(92, -290, 225),
        fingers: unit(add(chestFrame.z, scale(inward, 0.75))),
        palm: [0, 1, 0],
        by: 'palm',
      };
    case 'laced in front':
      return {
        wrist: onChest(66, -70, 330 + (side === 'R' ? 12 : 0)),
        fingers: unit(add(inward, [0, 0.35, 0])),
        palm: chestFrame.z,
        by: 'palm',
      };
    case 'laced under the chin':
      return {
        wrist: onChest(74, -235, 185 + (side === 'R' ? 10 : 0)),
        fingers: unit(add(inward, [0, 0.15, 0.2])),
        palm: DOWN,
        by: 'palm',
      };
    case 'on the ribs':
      return {
        wrist: onChest(150, -260, 75),
        fingers: unit(add(inward, scale(chestFrame.z, 0.3))),
        palm: unit(add(back, scale(inward, 0.5))),
        by: 'palm',
      };
    case 'round the body':
      return {
        wrist: onChest(-118, -95 - (side === 'R' ? 34 : 0), 150),
        fingers: unit(add(add(inward, [0, 0.5, 0]), scale(back, 0.9))),
        palm: unit(add(back, scale(inward, -0.6))),
        by: 'palm',
      };
    case 'wrists crossed on the chest':
      return {
        wrist: onChest(-20, -130, 150 + (side === 'R' ? 34 : 0)),
        fingers: unit(add([0, 1, 0], scale(inward, 0.9))),
        palm: back,
        by: 'palm',
      };
    case 'on the seat':
      if (working !== 'both' && working !== side) return onLimb(legs[side], 0.6);
      return {
        wrist: [pelvis[0] + s * (build.halfHips + 175), seatHeight(build) + FLESH_MM + 20, pelvis[2] + 20],
        fingers: unit([s * 0.3, 0, 1]),
        palm: DOWN,
        by: 'palm',
      };
    case 'on the other knee': {
      if (working !== side) return onLimb(legs[side], 0.6);
      const other = otherSide(side);
      const { knee } = legs[other];
      return { wrist: add(knee, [s * 55, 80, -45]), fingers: unit([-s, -0.2, 0.4]), palm: DOWN, by: 'palm' };
    }
    case 'on the other arm': {
      const other = otherSide(side);
      if (working !== 'both' && working !== side) return null;
      return strokes(side, free[other], shoulders[other], posture.sides[side]['reach.up'] / 100);
    }
    case 'on a lid':
      return working === side || (working === 'both' && side === 'R')
        ? {
            wrist: onChest(62, -104, 235),
            fingers: unit(add(scale(inward, 0.8), chestFrame.z)),
            palm: DOWN,
            by: 'palm',
          }
        : {
            wrist: onChest(70, -250, 205),
            fingers: unit(add(chestFrame.z, scale(inward, 0.15))),
            palm: inward,
            by: 'palm',
          };
    case 'held by the other': {
      const other = otherSide(side);
      if (working === side || (working === 'both' && side === 'R')) return null;
      return strokes(side, free[other], shoulders[other], 0.9);
    }
    case 'one on the support':
      if (working !== 'both' && working !== side) return onLimb(legs[side], 0.42);
      return supportOf(posture.stance, side, build).hand;
    case 'on the support':
      return supportOf(posture.stance, side, build).hand;
    case 'forearms on the support': {
      const { hand } = supportOf(posture.stance, side, build);
      return { ...hand, wrist: add(hand.wrist, scale(hand.fingers, build.forearm * FOREARM_IN)) };
    }
  }
}

/** On a thigh, some share of the way to the knee. */
function onLimb({ hip, knee }: Leg, share: number): HandAt {
  const fingers = unit(sub(knee, hip));
  const up = squareTo(fingers, [0, 1, 0]);
  const contact = between(hip, knee, share);
  const wrist = add(add(contact, scale(up, 66 + FLESH_MM)), scale(fingers, -PALM_MM));
  return { wrist, fingers, palm: scale(up, -1), by: 'palm' };
}

/** Over the other arm, from its hand (0) to its shoulder (3): the palm on it, fingers across. */
function strokes(side: Side, other: Arm, shoulder: Vec, at: number): HandAt {
  const s = outwardOf(side);
  const stops = [
    add(other.hand.wrist, scale(other.hand.fingers, 60)),
    other.hand.wrist,
    other.elbow,
    shoulder,
  ];
  const i = Math.min(2, Math.max(0, Math.floor(at)));
  const point = between(stops[i]!, stops[i + 1]!, at - i);
  const along = unit(sub(stops[i + 1]!, stops[i]!));
  const up = squareTo(along, [0, 0.8, 0.6]);
  const fingers = unit([-s * 0.9, -0.1, 0.25]);
  return {
    wrist: add(add(point, scale(up, 48)), scale(fingers, -70)),
    fingers,
    palm: scale(up, -1),
    by: 'palm',
  };
}
