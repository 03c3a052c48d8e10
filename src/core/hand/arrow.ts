import { outwardOf } from '../body';
import {
  add,
  arrowAlong,
  arrowOfRound,
  atLeastLong,
  lengthOf,
  pressMark,
  scale,
  seeing,
  spanOf,
  sub,
  type Arrow,
  type Vec,
} from '../draw';
import type { Hand } from '../dose';
import { DIGITS } from './joints';
import { momentsOf, type Moment, type MovementFigure } from './motion';
import { personAt, personCamera } from './person';
import { fingertipOf } from './person-hand';
import { projectHand } from './place';
import type { PropShape } from './prop-shape';
import { isLone, sceneHands, specOf, spotOf, type Stage } from './scene';
import { SCENES, type Spot } from './scenes';

/** Shorter ways than this are not shown, mm on the page; a person is drawn smaller. */
const SHORTEST_MM = 12;
/** The arrow of a person beside that of a hand. */
const PERSON_SIZE = 3.6;
/** A hand beside the leading one has an arrow of its own where it goes so much of its way. */
const AS_FAR = 0.5;

export const stageAt = ({ pose, other }: Moment): Stage => ({
  poses: { L: other, R: pose },
  working: 'R',
  swapped: false,
  order: ['L', 'R'],
});

/** What moves, as arrows, or where it presses; none where nothing does. */
export const motionArrows = (figure: MovementFigure): readonly Arrow[] =>
  figure.person?.main ? personArrows(figure) : handArrows(figure);

function handArrows(figure: MovementFigure): readonly Arrow[] {
  const stages = momentsOf(figure).map(stageAt);
  const scenes = stages.map((stage) => sceneHands(figure, stage));
  const longestOf = (hand: Hand): readonly Vec[] => {
    const seen = scenes.map(({ hands, camera }) => projectHand(hands[hand], camera));
    const tracks = [
      ...DIGITS.map((d) => seen.map((s) => s.digits[d].at(-1)!)),
      ...(['palm', 'wrist', 'forearm'] as const).map((spot) => seen.map((s) => spotOf(s, spot))),
    ];
    return longest(tracks);
  };
  const hands: readonly Hand[] = isLone(figure) ? ['R'] : ['R', 'L'];
  const ways = hands.map(longestOf);
  const most = Math.max(...ways.map(spanOf));
  if (most >= SHORTEST_MM)
    return ways
      .filter((w) => spanOf(w) >= Math.max(SHORTEST_MM, most * AS_FAR))
      .map((w) => atLeastLong(w, 30))
      .map((w) => arrowOf(figure, w, sizeFor(w, 1)));
  return isPressing(figure) ? [pressOf(figure, stages.at(-1)!)] : [];
}

/** What goes nowhere and still works: it holds, or squeezes what is between. */
const isPressing = ({ motion, prop, scene = 'apart' }: MovementFigure): boolean =>
  motion.kind === 'held' || prop !== undefined || SCENES[scene].helper !== undefined || scene === 'clasped';

/** Where it presses what it holds, where that is not the palm. */
const PRESSED_IN: Partial<Record<PropShape, Spot>> = { peg: 'pad of the thumb', clip: 'web' };

/** Where a hand presses: in the middle of its palm, the way the palm looks, or where the other hand is on it. */
function pressOf(figure: MovementFigure, stage: Stage): Arrow {
  const { hands, camera } = sceneHands(figure, stage);
  const see = seeing(camera);
  const at = spotOf(hands.R, specOf(figure).helper?.on ?? PRESSED_IN[figure.prop ?? 'ball'] ?? 'palm');
  return pressMark(see(at), sub(see(add(at, hands.R.palmNormal)), see(at)));
}

function personArrows(figure: MovementFigure): readonly Arrow[] {
  const person = figure.person!;
  const see = personCamera(person);
  const moments = momentsOf(figure).map((m) => personAt(person, stageAt(m)));
  const track = (of: (m: (typeof moments)[number]) => Vec) => moments.map((m) => see(of(m)));
  const feet = person.shows === 'feet';
  const legs = (side: Hand) => [
    track(({ body }) => body.legs[side].foot.toe),
    track(({ body }) => body.legs[side].foot.heel),
    track(({ body }) => body.legs[side].knee),
  ];
  const arms = (side: Hand) => [
    track(({ body }) => add(body.arms[side].shoulder, [outwardOf(side) * 30, 45, 0])),
    track(({ body, poses }) => fingertipOf(body.arms[side], side, poses[side])),
    track(({ body }) => body.arms[side].elbow),
  ];
  const [right, left] = (['R', 'L'] as const).map((side) =>
    longest([...(feet ? [] : arms(side)), ...legs(side)]),
  );
  const trunk = feet ? [] : track(({ body: { head, headFrame } }) => add(head, scale(headFrame.y, CROWN_MM)));
  const face = feet ? [] : track(({ body: { head, headFrame } }) => add(head, scale(headFrame.z, FACE_MM)));
  const ways = [right!, left!, trunk, face];
  const most = Math.max(...ways.map(spanOf));
  if (most < SHORTEST_MM * 1.5) return figure.motion.kind === 'held' ? [pressOfPerson(figure)] : [];
  return shownOf(right!, left!, trunk, face)
    .map((way) => atLeastLong(way, feet ? 60 : 110))
    .map((way) => arrowOf(figure, way, sizeFor(way, feet ? PERSON_SIZE * 0.5 : PERSON_SIZE)));
}

/** Over the head, where the trunk's way is shown, and before the face, where the head's is, mm from the middle of the head. */
const [CROWN_MM, FACE_MM] = [185, 150];

/** Of the ways of the sides, the trunk and the face those that tell: what is only carried along needs none. */
function shownOf(...[right, left, trunk, face]: readonly [Way, Way, Way, Way]): readonly Way[] {
  const limbs = Math.max(spanOf(right), spanOf(left));
  if (spanOf(trunk) > limbs * 0.75) return [spanOf(face) > spanOf(trunk) * 1.6 ? face : trunk];
  // Where the trunk turns as well the shoulders tell it.
  if (spanOf(face) > limbs * 2) return [face];
  return [right, left].filter((way) => spanOf(way) >= limbs * AS_FAR);
}
type Way = readonly Vec[];

function pressOfPerson(figure: MovementFigure): Arrow {
  const person = figure.person!;
  const see = personCamera(person);
  const { hand } = personAt(person, stageAt(momentsOf(figure).at(-1)!)).body.arms.R;
  const at = add(hand.wrist, scale(hand.fingers, 60));
  return pressMark(see(at), sub(see(add(at, hand.palm)), see(at)), PERSON_SIZE * 0.8);
}

/** A short way has a slighter arrow, so that there is a shaft between its heads. */
const sizeFor = (way: readonly Vec[], size: number): number =>
  Math.max(size * 0.5, Math.min(size, spanOf(way) / 42));

const longest = (tracks: readonly (readonly Vec[])[]): readonly Vec[] =>
  tracks.reduce((best, t) => (lengthOf(t) > lengthOf(best) * 1.25 ? t : best));

const arrowOf = ({ motion }: MovementFigure, way: readonly Vec[], size: number): Arrow =>
  motion.kind === 'loop' ? arrowOfRound(way, size) : arrowAlong(way, size);
