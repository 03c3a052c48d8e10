import {
  add,
  between,
  disc,
  hullOfDiscs,
  meanDepth,
  outlined,
  scale,
  sub,
  unit,
  type FigureShape,
  type Fill,
  type Part,
  type Vec,
} from '../draw';
import type { Build } from './build';
import { SIDES, inFrame, type Leg, type Side, type Skeleton } from './posture';

/** The outline of a person, mm: they are drawn at a fifth of a hand's scale. */
export const BODY_INK_MM = 6;

type See = (v: Vec) => Vec;
type Ball = readonly [at: Vec, r: number];

/** A rounded piece of the body as seen; nearer ones lie over it. */
function piece(see: See, balls: readonly Ball[], fill: Fill, toward = 0, inkMm = BODY_INK_MM): Part {
  const seen = balls.map(([at, r]) => ({ at: see(at), r }));
  return {
    depth: meanDepth(...seen.map((b) => b.at)) + toward,
    shapes: outlined(
      seen.map((b) => disc(b.at, b.r)),
      fill,
      inkMm,
    ),
  };
}

/** Several pieces under one outline, at one depth. */
function joined(pieces: readonly Part[], toward = 0): Part {
  const inks = pieces.flatMap((p) => p.shapes.filter((s) => s.part === 'ink'));
  const fills = pieces.flatMap((p) => p.shapes.filter((s) => s.part !== 'ink'));
  return {
    depth: pieces.reduce((n, p) => n + p.depth, 0) / pieces.length + toward,
    shapes: [...inks, ...fills],
  };
}

/** Arms that lie on something lie so far over it, mm; of the legs only the thighs where all above the knees is shown. */
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

/** Neck, face, hair, and enough of a face to see where it looks. */
function headParts(
  { neck, head, headFrame, chest }: Skeleton,
  { headHeight }: Build,
  see: See,
): readonly Part[] {
  const r = headHeight * 0.43;
  const on = (x: number, y: number, z: number): Vec => add(head, inFrame(headFrame, [x * r, y * r, z * r]));
  const depth = see(head)[2];
  const at = (part: Part, toward: number): Part => ({ ...part, depth: depth + toward });
  const facing = see(add(head, headFrame.z))[2] - depth;
  const face = piece(
    see,
    [
      [on(0, 0.2, 0), r * 0.96],
      [on(0, -0.45, 0.16), r * 0.66],
    ],
    'skin',
  );
  const back = piece(
    see,
    [
      [on(0, 0.4, -0.28), r * 0.9],
      [on(0, -0.02, -0.44), r * 0.78],
    ],
    'hair',
  );
  const fringe = piece(
    see,
    [
      [on(-0.5, 0.74, 0.36), r * 0.32],
      [on(0.5, 0.76, 0.34), r * 0.3],
      [on(0, 0.92, 0.2), r * 0.34],
      [on(0, 0.78, -0.2), r * 0.4],
    ],
    'hair',
  );
  const ears = ([-1, 1] as const).map((s) => piece(see, [[on(s * 0.96, -0.02, -0.08), r * 0.2]], 'skin'));
  const nose: Part = {
    depth: depth + (facing > -0.3 ? 4 : -12),
    shapes: noseShapes(see(on(0, -0.14, 1.0)), see(on(0, 0.1, 0.92)), r),
  };
  const eyes = ([-1, 1] as const).flatMap((s): Part[] => {
    const outward = inFrame(headFrame, unit([s * 0.36, 0.14, 0.9]));
    const eye = on(s * 0.35, 0.14, 0.9);
    const looks = see(add(eye, outward))[2] - see(eye)[2];
    return looks > 0.18
      ? [{ depth: depth + 5, shapes: [{ part: 'ink', d: hullOfDiscs([disc(see(eye), 5.4)]) }] }]
      : [];
  });
  return [
    piece(
      see,
      [
        [neck, 44],
        [between(neck, head, 0.5), 42],
        [between(chest, neck, 0.5), 50],
      ],
      'skin',
      -30,
    ),
    at(face, 0),
    ...ears.map((ear) => at(ear, see(head)[2] > ear.depth ? -4 : 7)),
    // From the front the hair is behind the face and a fringe over it; from the side and from behind it is one.
    ...(facing > 0.35 ? [at(back, -6), at(fringe, 6)] : [at(joined([back, fringe]), 6)]),
    nose,
    ...eyes,
  ];
}

const noseShapes = (tip: Vec, bridge: Vec, r: number): readonly FigureShape[] =>
  outlined([disc(tip, r * 0.13), disc(bridge, r * 0.08)], 'skin', BODY_INK_MM * 0.6);

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
  if (upper) return [thigh];
  const hem = between(knee, foot.ankle, 0.88);
  return [
    joined([
      thigh,
      piece(
        see,
        [
          [knee, 62 * g],
          [hem, 48],
        ],
        'cloth',
      ),
    ]),
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
