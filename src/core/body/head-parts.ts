import {
  add,
  between,
  disc,
  hullOfDiscs,
  outlined,
  unit,
  type FigureShape,
  type Part,
  type Vec,
} from '../draw';
import type { Build } from './build';
import { BODY_INK_MM, joined, piece, type See } from './piece';
import { inFrame, type Skeleton } from './posture';

/** Neck, face, hair, and enough of a face to see where it looks. */
export function headParts(
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
