import {
  bodyParts,
  BUILDS,
  feetParts,
  floorUnder,
  furnitureParts,
  onFloor,
  otherSide,
  skeletonOf,
  type BodyAxis,
  type BodyPose,
  type Build,
  type HandPlace,
  type See,
  type Skeleton,
  type StanceKind,
} from '../body';
import { painted, seeing, type Camera, type FigureShape } from '../draw';
import { smallHand } from './person-hand';
import { heldParts } from './person-prop';
import type { PropShape } from './prop-shape';
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
  /** They wear a ring, on the hand on the left of the page. */
  readonly ring?: true;
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

/** A person at one moment: their points and, for each side of the page, its hand's pose and whether it works. */
type PersonAt = {
  readonly body: Skeleton;
  readonly poses: Stage['poses'];
  readonly working: Stage['working'];
};

/** As in a mirror the person's left is on the left of the page; as seen it is on the right. */
export function personAt(person: PersonIn, { poses, working, order }: Stage): PersonAt {
  const asSeen = order[0] === 'R';
  const onPage = asSeen ? { L: poses.R, R: poses.L } : poses;
  const leads = working === 'both' || !asSeen ? working : otherSide(working);
  const own = working === 'L' ? poses.L : poses.R;
  const turnsLeft = (working === 'L') !== asSeen;
  const mirrored = Object.fromEntries(TO_A_SIDE.map((a) => [a, -own[a]])) as Partial<BodyPose>;
  const body = skeletonOf({
    stance: person.stance,
    hands: person.hands,
    whole: turnsLeft ? { ...own, ...mirrored } : own,
    sides: onPage,
    working: leads,
    build: buildOf(person),
  });
  return { body, poses: onPage, working: leads };
}

const buildOf = ({ build = 0 }: PersonIn) => BUILDS[build % BUILDS.length]!;

export const personCamera = ({ from, shows }: PersonIn): See =>
  seeing(shows === 'feet' ? FEET_CAMERA : CAMERAS[from]);

/** A person at one moment, in painting order, mm with y down and the floor under the middle of the body at 0. */
export function personShapes(person: PersonIn, stage: Stage, prop?: PropShape): readonly FigureShape[] {
  const see = personCamera(person);
  const build = buildOf(person);
  const { body, poses, working } = personAt(person, stage);
  if (person.shows === 'feet') return coloured(painted(feetParts(body, see)), build);
  const upper = person.shows === 'upper';
  const over = person.hands.endsWith('on the support') ? OVER_SUPPORT_MM : 0;
  const parts = [
    ...bodyParts(body, build, see, { over, upper }),
    ...furnitureParts(person.stance, build, see, upper),
    ...(['L', 'R'] as const).map((side) =>
      smallHand(body.arms[side], side, poses[side], see, over, person.ring && side === 'L'),
    ),
    ...(prop ? heldParts(prop, body, working, see) : []),
  ];
  const floor = onFloor(person.stance) && !upper ? [floorUnder(body, build, see)] : [];
  return coloured(painted([...parts, ...floor]), build);
}

/** In the skin and hair of this person. */
const coloured = (shapes: readonly FigureShape[], { skin, hair }: Build): readonly FigureShape[] =>
  shapes.map((s) =>
    s.part === 'skin' ? { ...s, part: skin } : s.part === 'hair' ? { ...s, part: hair } : s,
  );
