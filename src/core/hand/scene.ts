import type { Hand } from '../dose';
import { handParts } from './figure';

import { groundUnder } from './ground';
import { FINGER_NAMES } from './joints';
import type { FigureView, MovementFigure } from './motion';
import { placedHand, projectHand, type HandView, type Place, type SeenHand } from './place';
import { fullPose, type FullPose } from './pose';
import { propBetween, propInHand, propUnder, SHARED } from './prop-shape';
import { SCENES, type Helper, type SceneSpec, type Spot } from './scenes';
import {
  add,
  between,
  painted,
  scale,
  seeing,
  sub,
  type Camera,
  type FigureShape,
  type Part,
  type Vec,
} from '../draw';

/** Each view a little off the straight, so that bends show. */
export const VIEWS: Readonly<Record<FigureView, HandView>> = {
  palm: { yaw: -14, tip: 0, lean: 0 },
  back: { yaw: 166, tip: 0, lean: 0 },
  side: { yaw: -72, tip: 8, lean: 0 },
};

/** One moment of both hands. */
export type Stage = {
  readonly poses: Readonly<Record<Hand, FullPose>>;
  /** The hand that works where the other helps; both where they do the same. */
  readonly working: Hand | 'both';
  /** The hands have changed places or jobs. */
  readonly swapped: boolean;
  /** From the left of the screen. */
  readonly order: readonly [Hand, Hand];
};

/** Both hands doing the same. */
export const stageOfBoth = (pose: FullPose): Stage => ({
  poses: { L: pose, R: pose },
  working: 'both',
  swapped: false,
  order: ['L', 'R'],
});

export const specOf = (figure: MovementFigure): SceneSpec => SCENES[figure.scene ?? 'apart'];
export const isApart = (figure: MovementFigure): boolean => (figure.scene ?? 'apart') === 'apart';

/** Does each hand do it by itself, so that one alone tells it? */
export const isLone = (figure: MovementFigure): boolean => {
  if (figure.counter || figure.other) return false;
  const { ground, helper } = specOf(figure);
  return !figure.prop?.includes('between') && !helper && (isApart(figure) || (ground ?? 'wall') !== 'wall');
};

/** Both hands, what they hold and what they rest on, in painting order. */
export function sceneShapes(figure: MovementFigure, stage: Stage): readonly FigureShape[] {
  const { hands, camera } = sceneHands(figure, stage);
  const seen = { L: projectHand(hands.L, camera), R: projectHand(hands.R, camera) };
  return painted([
    ...handParts(seen.L),
    ...handParts(seen.R),
    ...propParts(figure, stage, seen),
    ...groundParts(figure, stage, hands, camera),
  ]);
}

/** Each hand of a scene by itself, for hands that do not meet. */
export function handByHandShapes(
  figure: MovementFigure,
  stage: Stage,
): Readonly<Record<Hand, readonly FigureShape[]>> {
  const { hands, camera } = sceneHands(figure, stage);
  const [groundL = [], groundR = []] = groundParts(figure, stage, hands, camera).map((part) => [part]);
  const one = (hand: Hand, ground: readonly Part[]) => {
    const seen = projectHand(hands[hand], camera);
    const works = stage.working === 'both' || stage.working === hand;
    const held = figure.prop && works ? propInHand(figure.prop, seen, stage.poses[hand]) : [];
    return painted([...handParts(seen), ...held, ...ground]);
  };
  return { L: one('L', groundL), R: one('R', groundR) };
}

/** Where each hand's cuff is on the screen, mm from the middle: a name stands under its own sleeve. */
export function cuffsX(figure: MovementFigure, stage: Stage): Readonly<Record<Hand, number>> {
  const { hands, camera } = sceneHands(figure, stage);
  const middle = (hand: Hand): number => {
    const [a, b] = projectHand(hands[hand], camera).forearm;
    return (a[0] + b[0]) / 2;
  };
  return { L: middle('L'), R: middle('R') };
}

/** Where the two hands are in the scene, before any camera. */
export function sceneHands(
  figure: MovementFigure,
  { poses, working, swapped, order }: Stage,
): { hands: Readonly<Record<Hand, SeenHand>>; camera: Camera } {
  const spec = specOf(figure);
  const facing = order[0] === 'R';
  if (spec.helper)
    return {
      hands: helpedHands(figure, spec.helper, poses, working === 'both' ? 'R' : working),
      camera: turned(spec.camera, facing),
    };
  const one = (hand: Hand): SeenHand => {
    const place = placeOf(figure, poses[hand]);
    const [x, y, z] = spec.offset ?? [0, 0, 0];
    const leads = (hand === 'R') === !swapped;
    const sign = leads ? 1 : -1;
    const at: Vec = [place.at[0] + sign * x, place.at[1] + sign * y, place.at[2] + sign * z];
    const inward = spec.meeting ? meetingMm(poses[hand], place, spec.meeting) : 0;
    return placedHand(poses[hand], { ...place, at: [at[0] + inward, at[1], at[2]] }, hand === 'L');
  };
  const hands = { L: one('L'), R: one('R') };
  if (facing && (isApart(figure) || spec.ground)) return { hands: exchanged(hands), camera: spec.camera };
  return { hands, camera: turned(spec.camera, facing) };
}

/** The working hand in its place, the other brought to where its spot lies on the working hand's. */
function helpedHands(
  figure: MovementFigure,
  { pose, place, spot, on, off = [0, 0, 0] }: Helper,
  poses: Stage['poses'],
  worker: Hand,
): Readonly<Record<Hand, SeenHand>> {
  const helper: Hand = worker === 'R' ? 'L' : 'R';
  const works = placedHand(poses[worker], placeOf(figure, poses[worker]), worker === 'L');
  const lies = placedHand(fullPose(pose), { ...place, at: [0, 0, 0] }, helper === 'L');
  // What the helping hand does of its own: along, up, and nearer or further.
  const own = poses[helper];
  const [x, y, z] = add(off, [own['stage.aside'], own['stage.lift'], own['stage.gap']]);
  const aside: Vec = worker === 'R' ? [x, y, z] : [-x, y, z];
  const helps = shifted(lies, add(sub(spotOf(works, on), spotOf(lies, spot)), aside));
  return worker === 'R' ? { R: works, L: helps } : { L: works, R: helps };
}

/** Seen from the other side. */
const turned = (camera: Camera, facing: boolean): Camera =>
  facing ? { ...camera, yaw: camera.yaw + 180 } : camera;

/** Each hand where the other was. */
function exchanged({ L, R }: Readonly<Record<Hand, SeenHand>>): Readonly<Record<Hand, SeenHand>> {
  const middle = (hand: SeenHand) => between(hand.wrist[0], hand.wrist[1], 0.5)[0];
  return {
    L: shifted(L, [middle(R) - middle(L), 0, 0]),
    R: shifted(R, [middle(L) - middle(R), 0, 0]),
  };
}

/** The place of a right hand in this figure, carried by the pose's stage axes. */
function placeOf(figure: MovementFigure, pose: FullPose): Place {
  const { place } = specOf(figure);
  const view = isApart(figure) ? VIEWS[figure.view] : place;
  return {
    frame: place.frame,
    yaw: view.yaw + pose['stage.roll'],
    tip: view.tip,
    lean: view.lean + pose['stage.tilt'],
    at: [
      place.at[0] + pose['stage.gap'] + pose['stage.aside'],
      place.at[1] + pose['stage.lift'],
      place.at[2],
    ],
  };
}

/** How far out a hand must stand for its spot to meet its mirror's in the middle, mm. */
function meetingMm(pose: FullPose, place: Place, spot: Spot): number {
  const reach = spotOf(placedHand(pose, { ...place, at: [0, 0, 0] }, false), spot);
  return 7 - reach[0];
}

const mean = (points: readonly Vec[]): Vec =>
  scale(
    points.reduce((a, b) => add(a, b)),
    1 / points.length,
  );

export function spotOf({ digits, wrist, forearm, palmNormal }: SeenHand, spot: Spot): Vec {
  const palmMiddle = between(digits.middle[0]!, digits.middle[1]!, 0.6);
  switch (spot) {
    case 'palm':
      return add(palmMiddle, scale(palmNormal, 12));
    case 'back':
      return add(palmMiddle, scale(palmNormal, -12));
    case 'fingers':
      return mean(FINGER_NAMES.map((f) => digits[f][2]!));
    case 'fingertips':
      return mean(FINGER_NAMES.map((f) => digits[f].at(-1)!));
    case 'wrist':
      return between(wrist[0], wrist[1], 0.5);
    case 'forearm':
      return between(between(wrist[0], wrist[1], 0.5), between(forearm[0], forearm[1], 0.5), 0.6);
    case 'thumb':
      return between(digits.index[0]!, digits.index[1]!, 0.8);
    case 'ball of the thumb':
      return add(between(digits.thumb[0]!, digits.thumb[1]!, 0.55), scale(palmNormal, 14));
    case 'web':
      return between(digits.thumb[1]!, digits.index[1]!, 0.5);
    case 'pad of the thumb':
      return digits.thumb.at(-1)!;
    case 'knuckle':
      return digits.index[1]!;
    case 'pinch':
      return between(digits.thumb.at(-1)!, digits.index.at(-1)!, 0.5);
    case 'little edge':
      return between(digits.little[0]!, digits.little[1]!, 0.6);
  }
}

function shifted(hand: SeenHand, by: Vec): SeenHand {
  const move = (v: Vec) => add(v, by);
  return {
    ...hand,
    digits: Object.fromEntries(
      Object.entries(hand.digits).map(([d, chain]) => [d, chain.map(move)]),
    ) as unknown as SeenHand['digits'],
    wrist: [move(hand.wrist[0]), move(hand.wrist[1])],
    forearm: [move(hand.forearm[0]), move(hand.forearm[1])],
  };
}

function propParts(
  { prop, scene }: MovementFigure,
  { poses, working }: Stage,
  seen: Readonly<Record<Hand, SeenHand>>,
): readonly Part[] {
  if (!prop) return [];
  if (SHARED.has(prop)) return propBetween(prop, seen);
  const helped = SCENES[scene ?? 'apart'].helper !== undefined;
  const holding: readonly Hand[] = working === 'both' ? (helped ? ['R'] : ['L', 'R']) : [working];
  return holding.flatMap((h) => propInHand(prop, seen[h], poses[h]));
}

/** The middle of a resting palm, mm from its wrist. */
const PALM_FROM_WRIST_MM = 62;

function groundParts(
  figure: MovementFigure,
  { order }: Stage,
  hands: Readonly<Record<Hand, SeenHand>>,
  camera: Camera,
): readonly Part[] {
  const { ground, place } = specOf(figure);
  if (!ground) return [];
  const facing = order[0] === 'R';
  return (['L', 'R'] as const).flatMap((hand) => {
    const outward = hand === 'R' ? 1 : -1;
    // What carries a hand stays where the hand rests, whatever it does there; a wall is where the palm meets it.
    const stays = (facing ? -outward : outward) * place.at[0];
    const x = ground === 'wall' ? seeing(camera)(spotOf(hands[hand], 'wrist'))[0] : stays;
    const carries = groundUnder(ground, x, 0, outward);
    const palmX = x - (facing ? -outward : outward) * PALM_FROM_WRIST_MM;
    const under = figure.prop ? propUnder(figure.prop, palmX, 15, carries.depth + 1) : [];
    return [{ depth: carries.depth, shapes: [...under.flatMap((p) => p.shapes), ...carries.shapes] }];
  });
}
