import type { Hand } from '../dose';
import { DIGITS, type DigitName } from './joints';
import { loopPose, startPose, tellingPose, type MovementFigure } from './motion';
import { projectHand } from './place';
import { blend, type FullPose } from './pose';
import { sceneHands, type Stage } from './scene';
import { sub, type Vec } from './vector';

/** The path of a movement as an arrow, mm, y down; null when nothing travels far enough to show. */
export type Arrow = { readonly shaft: string; readonly head: string };

const SAMPLES = 12;
const SHORTEST_MM = 16;
const HEAD_MM = 13;

/** The arrow of one hand: the way of the fingertip, or the wrist, that travels furthest. */
export function motionArrow(
  figure: MovementFigure,
  hand: Hand,
  stage: Omit<Stage, 'poses'>,
  still: FullPose,
): Arrow | null {
  const path = posesOnTheWay(figure).map((pose) => {
    const poses = hand === 'L' ? { L: pose, R: still } : { L: still, R: pose };
    const { hands, camera } = sceneHands(figure, { ...stage, poses });
    return projectHand(hands[hand], camera);
  });
  const tracks = DIGITS.map((d: DigitName) => path.map((seen) => seen.digits[d].at(-1)!));
  const longest = tracks.sort((a, b) => lengthOf(b) - lengthOf(a))[0]!;
  return lengthOf(longest) < SHORTEST_MM ? null : arrowAlong(longest);
}

/** From where the movement begins to where it turns back: between the two far ends where it sways. */
function posesOnTheWay({ motion }: MovementFigure): readonly FullPose[] {
  const shares = Array.from({ length: SAMPLES + 1 }, (_, i) => i / SAMPLES);
  if (motion.kind !== 'loop') {
    const [from, to] = [startPose(motion), tellingPose(motion)];
    return shares.map((s) => blend(from, to, s));
  }
  const { keys } = motion;
  const first = keys[1]?.share ?? 1;
  const [from, to] =
    keys.length === 4 ? [first, first + keys[2]!.share + keys[3]!.share] : [0, Math.max(first, 0.5)];
  return shares.map((s) => loopPose(keys, from + (to - from) * s * 0.999));
}

const flat = (v: Vec): Vec => [v[0], v[1], 0];
function lengthOf(path: readonly Vec[]): number {
  return path.slice(1).reduce((n, p, i) => {
    const [x, y] = sub(flat(p), flat(path[i]!));
    return n + Math.hypot(x, y);
  }, 0);
}

function arrowAlong(path: readonly Vec[]): Arrow {
  const tip = path.at(-1)!;
  const before =
    [...path].reverse().find((p) => Math.hypot(p[0] - tip[0], p[1] - tip[1]) > HEAD_MM) ?? path[0]!;
  const l = Math.hypot(tip[0] - before[0], tip[1] - before[1]) || 1;
  const [ux, uy] = [(tip[0] - before[0]) / l, (tip[1] - before[1]) / l];
  const corner = (side: number) =>
    `${n(tip[0] - ux * HEAD_MM - uy * side * 8)} ${n(tip[1] - uy * HEAD_MM + ux * side * 8)}`;
  const upTo = path.filter((p) => Math.hypot(p[0] - tip[0], p[1] - tip[1]) > HEAD_MM * 0.6);
  return {
    shaft: `M${upTo.map((p) => `${n(p[0])} ${n(p[1])}`).join('L')}`,
    head: `M${n(tip[0])} ${n(tip[1])}L${corner(1)}L${corner(-1)}Z`,
  };
}

const n = (v: number): string => v.toFixed(1);
