import { boundsOfShapes, disc, hullOfDiscs, type FigureShape } from '../draw';
import type { BodyPose } from '../body';
import {
  figureInPass,
  fullPose,
  personShapes,
  type FullPose,
  type MovementFigure,
  type Showing,
} from '../hand';
import type { Hand } from '../dose';
import { verdictOf } from './circumstance';
import { formAt, slipsAt, type Course, type Slip } from './course';
import type { MadeUpPerson } from './group';
import type { PracticeClass } from './log';
import type { ClassMoment } from './moment';
import { added, AT_REST, followed, seatOf, stageFor } from './sitting';
import { SLIPS, type SlipKind } from './slips';

/** What of a course is seen. */
type Seen = Pick<Course, 'slips' | 'forms'>;

/** Who falls behind is so far behind, ms. */
const BEHIND_MS = 1_300;
/** A wrist that sags drops the hand, and where the hand is placed, its way and height too. */
const SAGGED = { 'wrist.flexion': 58, 'reach.turn': 40, 'reach.up': -55 } as const;
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
