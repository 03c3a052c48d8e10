import {
  bodyParts,
  BODY_INK_MM,
  BUILDS,
  feetParts,
  floorLine,
  furnitureParts,
  onFloor,
  outwardOf,
  skeletonOf,
  type BodyAxis,
  type BodyPose,
  type Build,
  type Arm,
  type HandAt,
  type HandPlace,
  type Side,
  type Skeleton,
  type StanceKind,
} from '../body';
import {
  add,
  boundsOfShapes,
  cross,
  disc,
  meanDepth,
  outlined,
  painted,
  scale,
  seeing,
  type Camera,
  type FigureShape,
  type Part,
  type Vec,
} from '../draw';
import { DIGITS, FINGER_NAMES } from './joints';
import { handPoints, type HandPoints } from './kinematics';
import type { FullPose } from './pose';
import { SHARED, type PropShape } from './prop-shape';
import { RADII } from './radii';
import type { Stage } from './scene';

/** How a person is seen. */
export const PERSON_VIEWS = ['front', 'side', 'corner', 'above'] as const;
export const PERSON_SHOWS = ['feet', 'upper'] as const;
export type PersonView = (typeof PERSON_VIEWS)[number];

/** The person of a movement: how they sit or stand, where their hands are, and from where they are seen. */
export type PersonIn = {
  readonly stance: StanceKind;
  readonly hands: HandPlace;
  readonly from: PersonView;
  /** The person is the picture; where not said, the hands are, and the person is small beside them. */
  readonly main?: true;
  /** Only the feet and shins, or all above the knees, larger. */
  readonly shows?: (typeof PERSON_SHOWS)[number];
  /** Which of the people who are drawn. */
  readonly build?: number;
};

/** A person faces the left of the page from the side, their right side toward whoever looks on. */
const CAMERAS: Readonly<Record<PersonView, Camera>> = {
  front: { yaw: 0, tip: 8 },
  side: { yaw: -90, tip: 5 },
  corner: { yaw: -42, tip: 10 },
  above: { yaw: -50, tip: 34 },
};
/** What lies on a table or a seat is nearer than it, however far it reaches, mm. */
const OVER_SUPPORT_MM = 420;
const FEET_CAMERA: Camera = { yaw: -14, tip: 46 };

/** What turns and bends to one side does so to the other where the left works. */
const TO_A_SIDE: readonly BodyAxis[] = [
  'trunk.side',
  'trunk.turn',
  'head.turn',
  'head.side',
  'hips.side',
  'knees.sway',
  'reach.side',
];

export function personSkeleton(person: PersonIn, { poses, working }: Stage): Skeleton {
  const own = working === 'L' ? poses.L : poses.R;
  const mirrored = Object.fromEntries(TO_A_SIDE.map((a) => [a, -own[a]])) as Partial<BodyPose>;
  return skeletonOf({
    stance: person.stance,
    hands: person.hands,
    whole: working === 'L' ? { ...own, ...mirrored } : own,
    sides: poses,
    working,
    build: buildOf(person),
  });
}

const buildOf = ({ build = 0 }: PersonIn) => BUILDS[build % BUILDS.length]!;

export const personCamera = ({ from, shows }: PersonIn): ((v: Vec) => Vec) =>
  seeing(shows === 'feet' ? FEET_CAMERA : CAMERAS[from]);

/** A person at one moment, in painting order, mm with y down and the floor under the middle of the body at 0. */
export function personShapes(person: PersonIn, stage: Stage, prop?: PropShape): readonly FigureShape[] {
  const see = personCamera(person);
  const build = buildOf(person);
  const skeleton = personSkeleton(person, stage);
  if (person.shows === 'feet') return coloured(painted([...feetParts(skeleton, see)]), build);
  const upper = person.shows === 'upper';
  const over = person.hands.endsWith('on the support') ? OVER_SUPPORT_MM : 0;
  const parts = [
    ...bodyParts(skeleton, build, see, { over, upper }),
    ...furnitureParts(person.stance, build, see, upper),
    ...(['L', 'R'] as const).map((side) => handPart(skeleton.arms[side], side, stage.poses[side], see, over)),
    ...(prop ? heldParts(prop, skeleton, stage, see) : []),
  ];
  const { x, w } = boundsOfShapes(parts.flatMap((p) => p.shapes));
  const floor =
    onFloor(person.stance) && !upper ? [floorLine(x - 20, x + w + 20, see([0, 0, 0])[1] + 8)] : [];
  return coloured(painted([...parts, ...floor]), build);
}

/** In the skin and hair of this person. */
const coloured = (shapes: readonly FigureShape[], { skin, hair }: Build): readonly FigureShape[] =>
  shapes.map((s) =>
    s.part === 'skin' ? { ...s, part: skin } : s.part === 'hair' ? { ...s, part: hair } : s,
  );

/** What one hand holds while the other turns its lid, before the body, mm from the chest: half as wide, from top to foot. */
const LIDDED = { jar: [50, -142, -300], tub: [76, -142, -225], tap: [22, -142, -290] } as const;

function lidded(prop: keyof typeof LIDDED, { chest, chestFrame }: Skeleton, see: (v: Vec) => Vec): Part {
  const [r, top, foot] = LIDDED[prop];
  const at = (x: number, y: number, z = 275): Vec =>
    add(chest, add(add(scale(chestFrame.x, x), scale(chestFrame.y, y)), scale(chestFrame.z, z)));
  const corners = [-1, 1].flatMap((s) => [at(s * (r - 10), top - 10), at(s * (r - 10), foot + 10)]);
  const lid = prop === 'tap' ? [at(-34, top), at(34, top)] : [at(-r, top), at(r, top)];
  const spout =
    prop === 'tap'
      ? outlined(
          [at(-60, -200), at(0, -200)].map((v) => disc(see(v), 16)),
          'prop',
          BODY_INK_MM * 0.8,
        )
      : [];
  return {
    depth: see(at(0, top))[2] - 20,
    shapes: [
      ...spout,
      ...outlined(
        corners.map((v) => disc(see(v), 12)),
        'prop',
        BODY_INK_MM * 0.8,
      ),
      ...outlined(
        lid.map((v) => disc(see(v), 12)),
        'prop',
        BODY_INK_MM * 0.8,
      ),
    ],
  };
}

/** What is held, in the working hand or between both, as small as a person's hands are. */
function heldParts(
  prop: PropShape,
  skeleton: Skeleton,
  { working }: Stage,
  see: (v: Vec) => Vec,
): readonly Part[] {
  if (prop === 'jar' || prop === 'tub' || prop === 'tap') return [lidded(prop, skeleton, see)];
  const { arms } = skeleton;
  const palmOf = ({ hand }: Arm): Vec => add(hand.wrist, add(scale(hand.fingers, 70), scale(hand.palm, 34)));
  const solid = (points: readonly Vec[], r: number): Part => ({
    depth: meanDepth(...points.map(see)) + 60,
    shapes: outlined(
      points.map((v) => disc(see(v), r)),
      'prop',
      BODY_INK_MM * 0.8,
    ),
  });
  if (SHARED.has(prop)) return [solid([palmOf(arms.L), palmOf(arms.R)], prop === 'bottle across' ? 36 : 14)];
  // One thing that is passed or carried is in one hand at a time.
  const holding =
    working !== 'both' ? ([working] as const) : prop === 'bag' ? (['R'] as const) : (['L', 'R'] as const);
  return holding.map((side) => {
    const palm = palmOf(arms[side]);
    if (prop === 'bar' || prop === 'weight') {
      const along = scale(cross(arms[side].hand.fingers, arms[side].hand.palm), 60);
      return solid([add(palm, along), add(palm, scale(along, -1))], 26);
    }
    return solid([palm], 38);
  });
}

/** The tip of the middle finger of a person's hand. */
export const fingertipOf = (skeleton: Skeleton, side: Side, pose: FullPose): Vec =>
  handAt(skeleton.arms[side].hand, side, pose).digits.middle.at(-1)!;

/** The points of a hand at the end of a person's arm. */
function handAt(at: HandAt, side: Side, pose: FullPose): HandPoints {
  const points = handPoints({ ...pose, 'forearm.pronation': 0 }, at.by);
  // Seen from the front a person's hand on the left of the page is shaped as a right one.
  const thumb = scale(cross(at.fingers, at.palm), -outwardOf(side));
  const aim = ([x, y, z]: Vec): Vec => add(add(scale(thumb, x), scale(at.fingers, y)), scale(at.palm, z));
  const place = (v: Vec): Vec => add(at.wrist, aim(v));
  return {
    digits: Object.fromEntries(
      DIGITS.map((d) => [d, points.digits[d].map(place)]),
    ) as unknown as HandPoints['digits'],
    padNormals: points.padNormals,
    wrist: [place(points.wrist[0]), place(points.wrist[1])],
    forearm: [place(points.forearm[0]), place(points.forearm[1])],
    palmNormal: aim(points.palmNormal),
  };
}

/** A hand as small as a person's is drawn: its shape, without nails and creases. */
function handPart(
  { elbow, hand: at }: Arm,
  side: Side,
  pose: FullPose,
  see: (v: Vec) => Vec,
  toward: number,
): Part {
  const { digits, wrist } = handAt(at, side, pose);
  const seen = Object.fromEntries(DIGITS.map((d) => [d, digits[d].map(see)])) as unknown as Record<
    (typeof DIGITS)[number],
    readonly Vec[]
  >;
  const palm = [
    ...wrist.map((v) => disc(see(v), 16)),
    disc(seen.thumb[0]!, 17),
    ...FINGER_NAMES.map((f) => disc(seen[f][1]!, 14)),
  ];
  const rods = DIGITS.flatMap((d) =>
    seen[d]
      .slice(1)
      .map((to, i) => [disc(seen[d][i]!, RADII[d][Math.max(0, i - 1)]! + 1), disc(to, RADII[d][i]! + 1)]),
  );
  const shapes = [palm, ...rods].map((discs) => outlined(discs, 'skin', BODY_INK_MM * 0.7));
  return {
    // Over the sleeve it comes out of.
    depth: Math.max(meanDepth(...seen.middle) + 45, meanDepth(see(elbow), see(at.wrist)) + 12) + toward,
    shapes: [...shapes.map(([ink]) => ink), ...shapes.map(([, skin]) => skin)],
  };
}
