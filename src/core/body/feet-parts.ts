import { add, between, scale, sub, unit, type Part, type Vec } from '../draw';
import { joined, piece, type See } from './piece';
import { SIDES, type Leg, type Skeleton } from './posture';

/** Feet alone are drawn larger. */
const FEET_INK_MM = 3;

/** The feet, bare, and the shins above them, for movements of nothing else. */
export const feetParts = (skeleton: Skeleton, see: See): readonly Part[] =>
  SIDES.flatMap((side) => {
    const { knee, foot } = skeleton.legs[side];
    const up = (share: number) => between(foot.ankle, knee, share);
    return [
      joined([
        piece(
          see,
          [
            [up(0.34), 44],
            [foot.ankle, 33],
          ],
          'skin',
          0,
          FEET_INK_MM,
        ),
        piece(
          see,
          [
            [up(0.3), 56],
            [up(0.5), 60],
          ],
          'cloth',
          0,
          FEET_INK_MM,
        ),
      ]),
      bareFoot(skeleton.legs[side], see),
    ];
  });

/** How far each toe stands to the big toe's side, mm, and how thick and how short it is. */
const TOES = [
  [25, 14, 0],
  [8, 10, 2],
  [-5, 9.5, 7],
  [-17, 9, 13],
  [-28, 8.5, 20],
] as const;

/** A foot with its toes, the big one inward. */
function bareFoot({ foot }: Leg, see: See): Part {
  const { ankle, heel, ball, toe, inward } = foot;
  const across = (v: Vec, mm: number): Vec => add(v, scale(inward, mm));
  const arch = piece(
    see,
    [
      [add(heel, [0, 10, 0]), 31],
      [ankle, 31],
      [across(ball, 20), 20],
      [across(ball, -20), 18],
    ],
    'skin',
    0,
    FEET_INK_MM,
  );
  const along = unit(sub(toe, ball));
  const toes = TOES.map(([mm, r, short]) =>
    piece(
      see,
      [
        [add(across(ball, mm * 0.95), scale(along, -short * 0.6)), r + 2],
        [add(across(toe, mm * 1.12), scale(along, 12 - short)), r],
      ],
      'skin',
      0,
      FEET_INK_MM,
    ),
  );
  const [inks, fills] = [toes.map((t) => t.shapes[0]!), toes.map((t) => t.shapes[1]!)];
  return {
    depth: arch.depth + 20,
    shapes: [...toes.flatMap((_, i) => [inks[i]!, fills[i]!]), ...arch.shapes],
  };
}
