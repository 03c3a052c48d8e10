import { handWorks } from '../hand';
import { COUNTED, type Hand } from '../dose';
import { propDemandOn } from '../load';
import type { Verdict } from '../screening';
import type { MadeUpPerson } from './group';
import type { PracticeClass } from './log';
import type { ClassMoment } from './moment';

/** What one hand of one person is asked at a moment. */
export type HandAsked = {
  /** It works, or would if the person did as all do. */
  readonly works: boolean;
  /** Share of its strength that grip asks of it, 0 to 1. */
  readonly grip: number;
  /** What the plan says of it, where the person does it as shown all the same. */
  readonly against: 'adapt' | 'swap' | 'leaveOut' | null;
};

/** How a person does the row under way. */
export type OwnForm = {
  /** They take the way that suits them. */
  readonly ownWay: boolean;
  readonly resting: boolean;
  /** A rung easier, for them alone. */
  readonly easier: boolean;
};

/** Of grip work that is eased for one person, so much is asked. */
const EASED = 0.75;

/** What the class asks of each hand of somebody at a moment, as they do the row. */
export function askedOf(
  cls: PracticeClass,
  { person }: MadeUpPerson,
  moment: ClassMoment,
  form: OwnForm,
): Readonly<Record<Hand, HandAsked>> {
  const verdict = verdictOf(moment, person.id);
  const of = (hand: Hand): HandAsked => {
    const { beat, movement } = moment;
    const mayWork =
      beat !== null && movement !== undefined && COUNTED.has(beat.kind) && handWorks(beat, hand);
    if (!mayWork || form.resting) return { works: false, grip: 0, against: null };
    const own = verdict?.[hand] ?? null;
    const rests = own?.kind === 'swap' || own?.kind === 'leaveOut';
    if (form.ownWay && rests) return { works: false, grip: 0, against: null };
    return {
      works: true,
      grip: moment.isGrip ? gripOf(cls, moment, hand, person, form, verdict) : 0,
      against: form.ownWay || own === null || own.kind === 'do' ? null : own.kind,
    };
  };
  return { L: of('L'), R: of('R') };
}

export const verdictOf = (moment: ClassMoment, personId: string): Verdict | null =>
  (moment.row && moment.verdicts.get(moment.row.rowId)?.get(personId)) ?? null;

/** The larger of what the effort stands for and what the prop takes, as a plan has it. */
function gripOf(
  cls: PracticeClass,
  { movement }: ClassMoment,
  hand: Hand,
  person: MadeUpPerson['person'],
  form: OwnForm,
  verdict: Verdict | null,
): number {
  if (!movement) return 0;
  const prop = movement.propId ? cls.catalogue.prop(movement.propId) : undefined;
  const demand = prop ? propDemandOn(prop, person, hand, verdict?.[hand] ?? null, cls.week) : 0;
  const most = form.ownWay ? (verdict?.[hand].adaptation.effortMost ?? 10) / 10 : 1;
  const asked = Math.min(Math.max(movement.effortOf10 / 10, demand), most, 1);
  return form.easier ? asked * EASED : asked;
}

/** In the half of a repetition in which the hand works. */
export function isInWork({ beat, offsetMs, movement }: ClassMoment, atMs: number, fromMs: number): boolean {
  if (!beat || !movement) return false;
  if (beat.kind === 'hold') return true;
  const inside = offsetMs + (atMs - fromMs) - beat.startMs;
  return inside < beat.durationMs * movement.phases.workShare;
}
