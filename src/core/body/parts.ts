import { add, between, type Part } from '../draw';
import type { Build } from './build';
import { headParts } from './head-parts';
import { joined, piece, type See } from './piece';
import { SIDES, inFrame, type Leg, type Side, type Skeleton } from './posture';

/** Shares of the shin: as far as the trousers reach, and what says that somebody sits where little below the knees is shown. */
const [TO_THE_HEM, BELOW_THE_KNEE] = [0.88, 0.35];

/** Arms that lie on something lie so far over it, mm; of the legs no more than the tops of the shins where the upper body is shown. */
type Shown = { readonly over: number; readonly upper: boolean };

/** Trunk, head, arms to the wrist, and legs; the hands are drawn by whoever knows them. */
export function bodyParts(
  skeleton: Skeleton,
  build: Build,
  see: See,
  { over, upper }: Shown,
): readonly Part[] {
  return [
    trunkPart(skeleton, build, see),
    ...headParts(skeleton, build, see),
    ...SIDES.flatMap((side) => [
      armPart(skeleton, side, build, see, over),
      ...legParts(skeleton.legs[side], build, see, upper),
    ]),
  ];
}

function trunkPart(
  { pelvis, waist, chest, chestFrame, legs }: Skeleton,
  { halfShoulders, girth }: Build,
  see: See,
): Part {
  const at = (x: number, y: number, z: number) => add(chest, inFrame(chestFrame, [x, y, z]));
  const wide = halfShoulders - 34;
  const upper = piece(
    see,
    [
      [at(0, 4, 0), 62],
      [at(-wide, -46, 0), 46],
      [at(wide, -46, 0), 46],
      [at(-wide * 0.62, -150, 18), 84 * girth],
      [at(wide * 0.62, -150, 18), 84 * girth],
      [add(waist, [-55 * girth, 0, 12]), 92 * girth],
      [add(waist, [55 * girth, 0, 12]), 92 * girth],
    ],
    'sleeve',
  );
  const lower = piece(
    see,
    [
      [add(waist, [-55 * girth, 0, 12]), 92 * girth],
      [add(waist, [55 * girth, 0, 12]), 92 * girth],
      [add(legs.L.hip, [-10, -4, -8]), 84 * girth],
      [add(legs.R.hip, [10, -4, -8]), 84 * girth],
      [pelvis, 90 * girth],
    ],
    'sleeve',
  );
  return joined([upper, lower]);
}

/** A sleeve to below the elbow, then the arm to the wrist. */
function armPart({ arms }: Skeleton, side: Side, { girth }: Build, see: See, toward: number): Part {
  const { shoulder, elbow, hand } = arms[side];
  const g = 0.6 + 0.4 * girth;
  const cuff = between(elbow, hand.wrist, 0.5);
  return joined(
    [
      piece(
        see,
        [
          [elbow, 38 * g],
          [hand.wrist, 25],
        ],
        'skin',
      ),
      piece(
        see,
        [
          [shoulder, 54 * g],
          [elbow, 46 * g],
        ],
        'sleeve',
      ),
      piece(
        see,
        [
          [elbow, 46 * g],
          [cuff, 43 * g],
        ],
        'sleeve',
      ),
    ],
    toward,
  );
}

function legParts({ hip, knee, foot }: Leg, { girth }: Build, see: See, upper: boolean): readonly Part[] {
  const g = 0.7 + 0.3 * girth;
  const thigh = piece(
    see,
    [
      [hip, 86 * girth],
      [knee, 62 * g],
    ],
    'cloth',
  );
  const shin = (share: number) =>
    piece(
      see,
      [
        [knee, 62 * g],
        [between(knee, foot.ankle, share), 62 * g + (48 - 62 * g) * share],
      ],
      'cloth',
    );
  if (upper) return [joined([thigh, shin(BELOW_THE_KNEE)])];
  return [
    joined([thigh, shin(TO_THE_HEM)]),
    piece(
      see,
      [
        [add(foot.heel, [0, 12, 0]), 34],
        [foot.ankle, 38],
        [foot.ball, 30],
        [foot.toe, 24],
      ],
      'ground',
      -10,
    ),
  ];
}
