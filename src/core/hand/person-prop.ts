import { BODY_INK_MM, inFrame, type Arm, type See, type Side, type Skeleton } from '../body';
import {
  add,
  cross,
  disc,
  meanDepth,
  outlined,
  scale,
  sub,
  type FigureShape,
  type Part,
  type Vec,
} from '../draw';
import { SHARED, type PropShape } from './prop-shape';

const round = (see: See, points: readonly Vec[], r: number): readonly FigureShape[] =>
  outlined(
    points.map((v) => disc(see(v), r)),
    'prop',
    BODY_INK_MM * 0.8,
  );

/** What a person holds in the working hand or between both, as small as their hands are. */
export function heldParts(
  prop: PropShape,
  skeleton: Skeleton,
  working: Side | 'both',
  see: See,
): readonly Part[] {
  if (prop === 'jar' || prop === 'tub' || prop === 'tap') return [lidded(prop, skeleton, see)];
  const { arms } = skeleton;
  const palmOf = ({ hand }: Arm): Vec => add(hand.wrist, add(scale(hand.fingers, 70), scale(hand.palm, 34)));
  const solid = (points: readonly Vec[], r: number): Part => ({
    depth: meanDepth(...points.map(see)) + 60,
    shapes: round(see, points, r),
  });
  if (SHARED.has(prop)) return [solid([palmOf(arms.L), palmOf(arms.R)], prop === 'bottle across' ? 36 : 14)];
  return holding(prop, working).map((side) => {
    const palm = palmOf(arms[side]);
    if (prop !== 'bar' && prop !== 'weight') return solid([palm], 38);
    const along = scale(cross(arms[side].hand.fingers, arms[side].hand.palm), 60);
    return solid([add(palm, along), sub(palm, along)], 26);
  });
}

/** One thing that is passed or carried is in one hand at a time. */
function holding(prop: PropShape, working: Side | 'both'): readonly Side[] {
  if (working !== 'both') return [working];
  return prop === 'bag' ? ['R'] : ['L', 'R'];
}

/** What one hand holds while the other turns its lid, before the body, mm from the chest: half as wide, from top to foot. */
const LIDDED = { jar: [50, -142, -300], tub: [76, -142, -225], tap: [22, -142, -290] } as const;
const BEFORE_MM = 275;

function lidded(prop: keyof typeof LIDDED, { chest, chestFrame }: Skeleton, see: See): Part {
  const [r, top, foot] = LIDDED[prop];
  const at = (x: number, y: number): Vec => add(chest, inFrame(chestFrame, [x, y, BEFORE_MM]));
  const inside = r - 10;
  const corners = [-inside, inside].flatMap((x) => [at(x, top - 10), at(x, foot + 10)]);
  const halfLid = prop === 'tap' ? 34 : r;
  const spout = prop === 'tap' ? round(see, [at(-60, -200), at(0, -200)], 16) : [];
  return {
    depth: see(at(0, top))[2] - 20,
    shapes: [...spout, ...round(see, corners, 12), ...round(see, [at(-halfLid, top), at(halfLid, top)], 12)],
  };
}
