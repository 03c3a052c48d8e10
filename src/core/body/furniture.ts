import { disc, meanDepth, outlined, type Part, type Vec } from '../draw';
import type { Build } from './build';
import { BODY_INK_MM, type See } from './piece';
import { isSeated, isStanding, type StanceKind } from './places';
import { seatHeight, SIDES, type Skeleton } from './posture';
import { supportOf } from './support';

type Span = readonly [from: number, to: number];

/** A board or a post with edges along the axes, as seen. */
function block(see: See, [x0, x1]: Span, [y0, y1]: Span, [z0, z1]: Span, toward = 0): Part {
  const corners = [x0, x1].flatMap((x) => [y0, y1].flatMap((y) => [z0, z1].map((z): Vec => see([x, y, z]))));
  return {
    depth: meanDepth(...corners) + toward,
    shapes: outlined(
      corners.map((c) => disc(c, 4)),
      'ground',
      BODY_INK_MM,
    ),
  };
}

/** What a person sits on or leans on; where only what is above the knees is shown, without its legs. */
export function furnitureParts(stance: StanceKind, build: Build, see: See, upper: boolean): readonly Part[] {
  const { topMm, edgeMm } = supportOf(stance, 'R', build);
  const h = build.statureMm;
  switch (stance) {
    case 'on a chair':
      return chair(build, see, upper);
    case 'on a chair with arms':
      return [...chair(build, see, upper), ...chairArms(topMm, build, see)];
    case 'on a chair at a table':
      return [...chair(build, see, upper), ...table(topMm, edgeMm, build, see, upper)];
    case 'standing':
      return [];
    case 'standing at a wall':
      return [block(see, [-0.3 * h, 0.3 * h], [0, topMm], [edgeMm, edgeMm + 40], -400)];
    case 'standing at a worktop':
      return [
        block(see, [-0.3 * h, 0.3 * h], [topMm - 40, topMm], [edgeMm, edgeMm + 330], -60),
        block(see, [-0.28 * h, 0.28 * h], [0, topMm - 40], [edgeMm + 40, edgeMm + 320], -400),
      ];
    case 'standing at a chair seat':
      return facingChair(topMm, edgeMm, see);
    default:
      return [
        block(
          see,
          [-0.28 * h, 0.28 * h],
          [-14, 8],
          stance === 'on hands and feet' ? [-0.15 * h, 0.95 * h] : [-0.36 * h, 0.62 * h],
          -900,
        ),
      ];
  }
}

const HALF_SEAT_MM = 215;

function chair(build: Build, see: See, upper: boolean): readonly Part[] {
  const seat = seatHeight(build);
  const [back, front] = [-190, build.thigh * 0.62];
  const foot = upper ? seat - 36 : 0;
  const legs = ([-1, 1] as const).flatMap((s) => [
    ...(upper
      ? []
      : [block(see, [s * 190 - 16, s * 190 + 16], [0, seat - 36], [front - 40, front - 8], -80)]),
    block(see, [s * 190 - 16, s * 190 + 16], [foot, seat + 470], [back - 16, back + 16], -120),
  ]);
  return [
    ...legs,
    block(see, [-HALF_SEAT_MM, HALF_SEAT_MM], [seat - 36, seat], [back, front], -70),
    block(see, [-205, 205], [seat + 190, seat + 470], [back - 14, back + 14], -130),
  ];
}

function chairArms(topMm: number, build: Build, see: See): readonly Part[] {
  const front = build.thigh * 0.5;
  return ([-1, 1] as const).flatMap((s) => {
    const x = s * 0.165 * build.statureMm;
    return [
      block(see, [x - 30, x + 30], [topMm - 32, topMm], [-180, front], -40),
      block(see, [x - 16, x + 16], [seatHeight(build), topMm - 32], [front - 60, front - 28], -50),
    ];
  });
}

function table(topMm: number, edgeMm: number, build: Build, see: See, upper: boolean): readonly Part[] {
  const wide = 0.3 * build.statureMm;
  const [near, far] = [edgeMm, edgeMm + 460];
  return [
    block(see, [-wide, wide], [topMm - 34, topMm], [near, far], -30),
    ...(upper ? [] : ([-1, 1] as const)).map((s) =>
      block(see, [s * (wide - 40) - 18, s * (wide - 40) + 18], [0, topMm - 34], [far - 60, far - 24], -200),
    ),
  ];
}

/** A chair against a wall, its seat toward whoever stands at it. */
function facingChair(topMm: number, edgeMm: number, see: See): readonly Part[] {
  const far = edgeMm + 400;
  return [
    ...([-1, 1] as const).flatMap((s) => [
      block(see, [s * 190 - 16, s * 190 + 16], [0, topMm - 36], [edgeMm + 8, edgeMm + 40], -60),
      block(see, [s * 190 - 16, s * 190 + 16], [0, topMm + 430], [far - 16, far + 16], -90),
    ]),
    block(see, [-HALF_SEAT_MM, HALF_SEAT_MM], [topMm - 36, topMm], [edgeMm, far], -60),
    block(see, [-205, 205], [topMm + 170, topMm + 430], [far - 14, far + 14], -90),
    block(see, [-300, 300], [0, topMm + 560], [far + 40, far + 70], -600),
  ];
}

/** A line on the floor, as wide as the feet, the seat and the hands need. */
export function floorUnder({ pelvis, arms, legs }: Skeleton, { halfHips, thigh }: Build, see: See): Part {
  const reach = halfHips * 3;
  const points = [
    ...[-reach, reach].flatMap((x) => [-230, thigh].map((z): Vec => [x, 0, z])),
    pelvis,
    ...SIDES.flatMap((side) => [arms[side].hand.wrist, legs[side].foot.toe, legs[side].foot.heel]),
  ].map((v) => see(v)[0]);
  const y = see([0, 0, 0])[1] + 8;
  const [from, to] = [Math.min(...points) - 50, Math.max(...points) + 50];
  return {
    depth: -2000,
    shapes: [{ part: 'line', d: `M${from.toFixed(1)} ${y.toFixed(1)}H${to.toFixed(1)}`, widthMm: 7 }],
  };
}

export const onFloor = (stance: StanceKind): boolean => isSeated(stance) || isStanding(stance);
