import type { Hand } from '../dose';
import { answered, lookedAfter, newlyReported } from './answering';
import type { Act, PracticeClass, PracticeLog, Turn } from './log';
import { momentAt, type ClassMoment } from './moment';
import { atTheStart, SECOND_MS, type PersonInClass } from './person-in-class';
import { afterSecond, formOf } from './person-second';
import type { SlipKind } from './slips';

/** One slip of one person, from its beginning to its end. */
export type Slip = {
  readonly personId: string;
  readonly kind: SlipKind;
  readonly rowId: string;
  readonly why: string;
  readonly fromMs: number;
  /** Null while it goes on. */
  readonly toMs: number | null;
};

/** How much each hand hurts, of ten, every few seconds. */
type PainTrace = Readonly<Record<Hand, readonly number[]>>;

/** How somebody does a row, from a moment on: as shown where nothing is said. */
type FormFrom = { readonly personId: string; readonly atMs: number; readonly form: Form };
export type Form = 'as shown' | 'own way' | 'rests';

/** A practice class up to a moment: how everyone is, and all that happened. */
export type Course = {
  /** Worked out up to here, class clock ms: whole seconds. */
  readonly untilMs: number;
  readonly people: readonly PersonInClass[];
  readonly slips: readonly Slip[];
  readonly pains: readonly PainTrace[];
  /** How each does the row, from when on. */
  readonly forms: readonly FormFrom[];
  /** Seconds of movement and breaks, of talk and explaining, and of waiting, so far. */
  readonly seconds: Readonly<Record<'moving' | 'talking' | 'paused', number>>;
};

/** Pain is kept so often, s. */
export const PAIN_EVERY_S = 5;

export const courseAtStart = ({ group }: PracticeClass): Course => ({
  untilMs: 0,
  people: group.map(atTheStart),
  slips: [],
  pains: group.map(() => ({ L: [], R: [] })),
  forms: [],
  seconds: { moving: 0, talking: 0, paused: 0 },
});

/** The whole of a practice class up to a moment: the same class, log and moment give the same course. */
export const courseOf = (cls: PracticeClass, log: PracticeLog, untilMs: number): Course =>
  withSeconds(cls, log, courseAtStart(cls), untilMs);

/**
 * A course gone on with, second by second, up to a moment. The log may have grown since, by nothing that is earlier than what is
 * worked out already.
 */
export function withSeconds(cls: PracticeClass, log: PracticeLog, from: Course, untilMs: number): Course {
  let course = from;
  let turn = log.turns.findLastIndex((t) => t.atMs <= from.untilMs);
  for (let at = from.untilMs; at + SECOND_MS <= untilMs; at += SECOND_MS) {
    while (turn + 1 < log.turns.length && log.turns[turn + 1]!.atMs <= at) turn += 1;
    const now = log.turns[turn];
    course = now
      ? secondOn(cls, course, now, log.turns[turn - 1], actsIn(log, at - SECOND_MS, at))
      : { ...course, untilMs: at + SECOND_MS };
  }
  return course;
}

const actsIn = ({ acts }: PracticeLog, afterMs: number, untilMs: number): readonly Act[] =>
  acts.filter((a) => a.atMs > afterMs && a.atMs <= untilMs);

function secondOn(
  cls: PracticeClass,
  course: Course,
  turn: Turn,
  before: Turn | undefined,
  acts: readonly Act[],
): Course {
  const atMs = course.untilMs;
  const moment = momentAt(cls, turn, atMs);
  const dealtWith = atMs - turn.atMs < SECOND_MS ? newlyReported(turn, before) : new Set<string>();
  const people = course.people.map((now, i) => {
    const who = cls.group[i]!;
    const told = acts.reduce((p, act) => answered(who, p, act, moment), now);
    const seen = dealtWith.has(who.person.id) ? lookedAfter(told, moment) : told;
    return moment.state.phase === 'done' ? { ...seen, slips: [] } : afterSecond(cls, who, i, seen, moment);
  });
  const untilMs = atMs + SECOND_MS;
  return {
    untilMs,
    people,
    slips: slipsAfter(cls, course, people, untilMs),
    forms: formsAfter(cls, course, people, moment),
    pains: (untilMs / SECOND_MS) % PAIN_EVERY_S === 0 ? painsAfter(course, people) : course.pains,
    seconds: secondsAfter(course, moment),
  };
}

/** What goes on stays open, what has gone is closed, what is new is put at the end. */
function slipsAfter(
  { group }: PracticeClass,
  course: Course,
  people: readonly PersonInClass[],
  untilMs: number,
): readonly Slip[] {
  if (people.every((p, i) => p.slips === course.people[i]!.slips)) return course.slips;
  const place = new Map(group.map((g, i) => [g.person.id, i]));
  const goesOn = (slip: Slip): boolean =>
    people[place.get(slip.personId)!]!.slips.some((s) => s.kind === slip.kind && s.fromMs === slip.fromMs);
  const closed = course.slips.map((slip) =>
    slip.toMs === null && !goesOn(slip) ? { ...slip, toMs: untilMs - SECOND_MS } : slip,
  );
  const begun = people.flatMap((p, i) =>
    p.slips
      .filter((s) => s.fromMs === untilMs - SECOND_MS)
      .map(({ kind, rowId, why, fromMs }): Slip => ({
        personId: group[i]!.person.id,
        kind,
        rowId,
        why,
        fromMs,
        toMs: null,
      })),
  );
  return [...closed, ...begun];
}

function formsAfter(
  cls: PracticeClass,
  course: Course,
  people: readonly PersonInClass[],
  moment: ClassMoment,
): Course['forms'] {
  const changed = people.flatMap((now, i): FormFrom[] => {
    const who = cls.group[i]!;
    const { ownWay, resting } = formOf(cls, who, now, moment);
    const form: Form = resting ? 'rests' : ownWay ? 'own way' : 'as shown';
    return form === formAt(course, who.person.id, moment.atMs)
      ? []
      : [{ personId: who.person.id, atMs: moment.atMs, form }];
  });
  return changed.length === 0 ? course.forms : [...course.forms, ...changed];
}

/** How somebody does the row at a moment. */
export const formAt = ({ forms }: Pick<Course, 'forms'>, personId: string, atMs: number): Form =>
  forms.findLast((f) => f.personId === personId && f.atMs <= atMs)?.form ?? 'as shown';

const painsAfter = ({ pains }: Course, people: readonly PersonInClass[]): readonly PainTrace[] =>
  pains.map(({ L, R }, i) => ({ L: [...L, people[i]!.L.pain], R: [...R, people[i]!.R.pain] }));

function secondsAfter({ seconds }: Course, { state, row }: ClassMoment): Course['seconds'] {
  if (state.phase === 'done') return seconds;
  const what = !state.running
    ? 'paused'
    : state.phase === 'setUp' || row?.kind === 'talk'
      ? 'talking'
      : 'moving';
  return { ...seconds, [what]: seconds[what] + 1 };
}

/** What somebody does at a moment that one should see. */
export const slipsAt = ({ slips }: Pick<Course, 'slips'>, personId: string, atMs: number): readonly Slip[] =>
  slips.filter((s) => s.personId === personId && s.fromMs <= atMs && (s.toMs === null || atMs < s.toMs));

/** What is needed to draw the people at and after a moment, and no more: what goes on, and how each does the row. */
export function seenFrom({ slips, forms }: Course, atMs: number): Pick<Course, 'slips' | 'forms'> {
  const last = new Map(forms.filter((f) => f.atMs <= atMs).map((f) => [f.personId, f]));
  return {
    slips: slips.filter((s) => s.toMs === null || s.toMs > atMs),
    forms: forms.filter((f) => f.atMs > atMs || last.get(f.personId) === f),
  };
}
