import { AVERAGE, type SidePoint } from './body';
import type { StanceLoad } from './stance';

/** A rounded limb from the side: its two ends and their radii, metres. Clothed limbs are soft. */
export type Limb = {
  readonly name: string;
  readonly from: SidePoint;
  readonly to: SidePoint;
  readonly fromM: number;
  readonly toM: number;
  readonly soft: boolean;
};

/** The limbs of a body in a stance, furthest first. Widths are for looks; ends are the points that are computed with. */
export function limbsOf(points: StanceLoad['points'], statureM: number): readonly Limb[] {
  const { toe, knee, hip, shoulder, hand } = points;
  const w = (share: number) => share * statureM;
  const elbow = elbowOf(shoulder, hand, AVERAGE.arm * statureM);
  const neck = beyond(hip, shoulder, w(0.05));
  const head = beyond(hip, shoulder, w(0.11));
  const limb = (
    name: string,
    from: SidePoint,
    to: SidePoint,
    fromM: number,
    toM: number,
    soft: boolean,
  ): Limb => ({
    name,
    from,
    to,
    fromM: w(fromM),
    toM: w(toM),
    soft,
  });
  return [
    limb('lower leg', knee, toe, 0.028, 0.018, true),
    limb('thigh', hip, knee, 0.05, 0.034, true),
    limb('neck', shoulder, neck, 0.024, 0.022, false),
    limb('head', head, head, 0.056, 0.056, false),
    limb('trunk', hip, shoulder, 0.058, 0.05, true),
    limb('upper arm', shoulder, elbow, 0.027, 0.02, false),
    limb('forearm', elbow, hand, 0.02, 0.014, false),
  ];
}

/** A bent arm's elbow hangs below the line from shoulder to hand; a straight arm's lies on it. */
function elbowOf(shoulder: SidePoint, hand: SidePoint, armM: number): SidePoint {
  const [dx, dy] = [hand[0] - shoulder[0], hand[1] - shoulder[1]];
  const far = Math.hypot(dx, dy);
  const middle: SidePoint = [shoulder[0] + dx / 2, shoulder[1] + dy / 2];
  const off = Math.sqrt(Math.max(0, (armM / 2) ** 2 - (far / 2) ** 2));
  if (far === 0) return [middle[0], middle[1] - off];
  const side = dx >= 0 ? 1 : -1;
  return [middle[0] + (side * off * dy) / far, middle[1] - (side * off * dx) / far];
}

function beyond(from: SidePoint, to: SidePoint, byM: number): SidePoint {
  const far = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  return [to[0] + ((to[0] - from[0]) / far) * byM, to[1] + ((to[1] - from[1]) / far) * byM];
}
