import { around, boundsOfShapes, disc, grownBy, hullOfDiscs, type Box, type FigureShape } from '../draw';
import { isSeated, type BodyPose } from '../body';
import {
  figureInPass,
  fullPose,
  handWorks,
  personShapes,
  poseOfHand,
  REST,
  whereOf,
  type FullPose,
  type MovementFigure,
  type PersonIn,
  type Showing,
} from '../hand';
import { COUNTED, type Hand } from '../dose';
import { groupBy } from '../group';
import type { TaughtRow } from '../teach';
import { verdictOf } from './circumstance';
import { wayOfHands } from './hands-of-small';
import { formAt, slipsAt, type Course, type Slip } from './course';
import type { MadeUpPerson } from './group';
import type { PracticeClass } from './log';
import type { ClassMoment } from './moment';
import { SLIPS, type SlipKind } from './slips';

/** What of a course is seen. */
type Seen = Pick<Course, 'slips' | 'forms'>;

/** Air round each person, mm. */
const AIR_MM = 30;
/** The tallest and the stoutest of the drawn people. */
const LARGEST = [3, 2];
/** Who falls behind is so far behind, ms. */
const BEHIND_MS = 1_300;
/** A wrist that sags drops the hand, and where the hand is placed, its way and height too. */
const SAGGED = { 'wrist.flexion': 58, 'reach.turn': 40, 'reach.up': -55 } as const;
const AT_REST: PersonIn = { stance: 'on a chair', hands: 'in the lap', from: 'front', shows: 'upper' };
/** A dropped prop beside the feet, mm. */
const DROPPED_MM = 46;

/** The shapes of one person at a moment, as whoever leads them sees them: mm, y down. */
export function personNow(
  cls: PracticeClass,
  course: Seen,
  moment: ClassMoment,
  who: MadeUpPerson,
): readonly FigureShape[] {
  const slips = slipsAt(course, who.person.id, moment.atMs);
  const has = (kind: SlipKind): boolean => slips.some((s) => s.kind === kind);
  const figure = figureFor(cls, course, moment, who);
  const strained = poseOfSlips(slips);
  const idle =
    !figure || !moment.beat || has('stopped') || has('light-headed') || has('talking') || has('dropped');
  const ring = has('ring') ? ({ ring: true } as const) : {};
  if (idle) {
    const held = { ...fullPose({}), ...strained };
    const shapes = personShapes({ ...AT_REST, build: who.build, ...ring }, stageFor(held, held));
    return [...paler(shapes, has('light-headed')), ...(has('dropped') ? droppedProp(shapes) : [])];
  }
  const showing = showingFor(moment, who, has);
  const inPass = showing ? figureInPass(figure, showing.beat.pass) : figure;
  const pose = (hand: Hand): FullPose => {
    const shown = has('other hand') ? otherHand(hand) : hand;
    const reached = followed(inPass, shown, showing, who.range);
    return { ...reached, ...added(reached, { ...strained, ...(has('wrist') && SAGGED) }) };
  };
  const prop = moment.movement?.propId ? inPass.prop : undefined;
  return personShapes(
    { ...seatOf(inPass), build: who.build, ...ring },
    stageFor(pose('L'), pose('R'), showing),
    prop,
  );
}

/** What somebody is seen doing, in words, for those who do not see it. */
export function seenWords(course: Seen, personId: string, atMs: number): string {
  const slips = slipsAt(course, personId, atMs);
  return slips.length === 0 ? '' : slips.map((s) => SLIPS[s.kind].seen).join(', ');
}

/** The pose of a hand that goes so far of the way, as somebody small shows it. */
function followed(figure: MovementFigure, hand: Hand, showing: Showing | null, range = 1): FullPose {
  const start = poseOfHand(figure, hand, null);
  const reached = towards(start, poseOfHand(figure, hand, showing), range);
  return { ...reached, ...added(reached, wayOfHands(figure, start, reached)) };
}

/** The room for anybody of the group in a row, mm. */
export function roomForRow({ catalogue }: Pick<PracticeClass, 'catalogue'>, row: TaughtRow | null): Box {
  const rest = LARGEST.map((build) => personShapes({ ...AT_REST, build }, stageFor(REST, REST)));
  const figure = row?.row.kind === 'movement' ? catalogue.figure(row.row.movementId) : undefined;
  if (!row || !figure) return grownBy(around(rest.map(boundsOfShapes)), AIR_MM);
  const seat = seatOf(figure);
  const shown = LARGEST.flatMap((build) =>
    momentsOfRow(row).map((showing) =>
      personShapes(
        { ...seat, build },
        stageFor(followed(figure, 'L', showing), followed(figure, 'R', showing), showing),
        figure.prop,
      ),
    ),
  );
  return grownBy(around([...rest, ...shown].map(boundsOfShapes)), AIR_MM);
}

/** One beat of each side, way and step, there and all the way there, and before anything begins. */
function momentsOfRow({ beats }: TaughtRow): readonly (Showing | null)[] {
  const kinds = groupBy(
    beats.map((beat, i) => ({ beat, before: beats[i - 1] ?? null })),
    ({ beat }) => `${beat.side} ${beat.pass.name} ${beat.step} ${COUNTED.has(beat.kind)}`,
  );
  return [
    null,
    ...[...kinds.values()].flatMap((same) =>
      [0.3, 0.6].map((share) => {
        const { beat, before } = same.at(-1)!;
        return { beat, before, offsetMs: beat.startMs + beat.durationMs * share };
      }),
    ),
  ];
}

/** What they do: the movement of the row, what stands in for it, or nothing. */
function figureFor(
  cls: PracticeClass,
  course: Seen,
  moment: ClassMoment,
  { person }: MadeUpPerson,
): MovementFigure | null {
  const { row } = moment;
  if (row?.row.kind !== 'movement') return null;
  const shown = cls.catalogue.figure(row.row.movementId) ?? null;
  const form = formAt(course, person.id, moment.atMs);
  if (form === 'rests') return null;
  const verdict = verdictOf(moment, person.id);
  if (form === 'as shown' || !verdict) return shown;
  const [L, R] = [verdict.L, verdict.R];
  const isOut = (kind: string) => kind === 'swap' || kind === 'leaveOut';
  if (!isOut(L.kind) || !isOut(R.kind)) return shown;
  const instead = L.swapTo ?? R.swapTo;
  return instead ? (cls.catalogue.figure(instead) ?? null) : null;
}

/** Where they sit or stand for it, seen from before them. */
function seatOf(figure: MovementFigure): PersonIn {
  const { stance, hands, shows } = figure.person ?? whereOf(figure)!.person;
  return {
    stance,
    hands,
    from: 'front',
    ...(isSeated(stance) && shows !== 'feet' && { shows: 'upper' as const }),
  };
}

/** The moment of the count that they are at. */
function showingFor(
  { beats, offsetMs, beat }: ClassMoment,
  who: MadeUpPerson,
  has: (kind: SlipKind) => boolean,
): Showing | null {
  const late = who.lagMs + (has('behind') ? BEHIND_MS : 0);
  const shift = has('other way') ? beat!.durationMs / 2 : has('finger') ? beat!.durationMs : 0;
  const at = Math.max(beats[0]?.startMs ?? 0, offsetMs - late + shift);
  const place = beats.findIndex((b) => b.startMs <= at && at < b.startMs + b.durationMs);
  return place < 0 ? null : { beat: beats[place]!, before: beats[place - 1] ?? null, offsetMs: at };
}

const otherHand = (hand: Hand): Hand => (hand === 'L' ? 'R' : 'L');

const poseOfSlips = (slips: readonly Slip[]): Partial<BodyPose> =>
  Object.assign({}, ...slips.map((s) => SLIPS[s.kind].pose)) as Partial<BodyPose>;

/** What strain adds to the way they sit. */
const added = (pose: FullPose, strained: Partial<FullPose>): Partial<FullPose> =>
  Object.fromEntries(
    Object.entries(strained).map(([axis, by]) => [axis, pose[axis as keyof FullPose] + by]),
  ) as Partial<FullPose>;

const towards = (from: FullPose, to: FullPose, share: number): FullPose =>
  share >= 1
    ? to
    : (Object.fromEntries(
        Object.entries(to).map(([axis, angle]) => {
          const start = from[axis as keyof FullPose];
          return [axis, start + (angle - start) * share];
        }),
      ) as FullPose);

/** As seen from before them their right is on the left. */
function stageFor(L: FullPose, R: FullPose, showing: Showing | null = null) {
  const works = (hand: Hand) => showing === null || handWorks(showing.beat, hand);
  const working =
    works('L') === works('R') ? ('both' as const) : works('L') ? ('L' as const) : ('R' as const);
  return {
    poses: { L, R },
    working,
    swapped: Boolean(showing?.beat.pass.swapped),
    order: ['R', 'L'] as const,
  };
}

/** The colour goes out of a face. */
const paler = (shapes: readonly FigureShape[], isPale: boolean): readonly FigureShape[] =>
  isPale ? shapes.map((s) => (SKINS.has(s.part) ? { part: 'nail' as const, d: s.d } : s)) : shapes;
const SKINS: ReadonlySet<string> = new Set(['skin', 'skin-2', 'skin-3']);

function droppedProp(shapes: readonly FigureShape[]): readonly FigureShape[] {
  const { x, y, w, h } = boundsOfShapes(shapes);
  const at = [x + w * 0.93, y + h - DROPPED_MM, 0] as const;
  return [
    { part: 'ink', d: hullOfDiscs([disc(at, DROPPED_MM)]) },
    { part: 'prop', d: hullOfDiscs([disc(at, DROPPED_MM - 6)]) },
  ];
}
