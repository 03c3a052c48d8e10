import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { factsOf } from '@/catalogue/class-facts';
import type { Catalogue } from '@/core/catalogue';
import type { Person } from '@/core/people';
import { checkPlan, mapMovementRows, movementRows, verdictOnRow, type Finding, type Plan } from '@/core/plan';
import { effortTarget, type OwnRung } from '@/core/progress';
import {
  addTermVolumes,
  doneByPerson,
  holidayOn,
  NO_TERM_VOLUME,
  termClasses,
  volumeOf,
  type TermClass,
  type TermVolume,
  type VerdictOn,
} from '@/core/term';
import type { ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { loadOwnRungs } from '@/store/progress';
import type { StoredTerm } from '@/store/terms';
import { catalogueNow } from '../catalogue/catalogue';
import { loadPlannedClass, type PlannedClass } from '../classes/classroom';
import { classesInTerm, termFrom } from './terms';
import { wholeClass } from '../teaching/taught-class';

/** One class of the term as a column. */
export type TermColumn = {
  readonly info: ClassInfo;
  /** As planned, or as it began for a class that was taught. */
  readonly plan: Plan;
  readonly lighter: boolean;
  /** What the rules across weeks (G1 to G3) say of it; nothing of a class that was taught. */
  readonly findings: readonly Finding[];
};

export type WeekLine = {
  readonly week: number;
  readonly phase: string;
  readonly lighter: boolean;
  /** Most effort of ten asked this week, for people with and without precautions. */
  readonly effortMost: number;
  readonly effortMostPrecaution: number;
  readonly planned: TermVolume;
  /** Null until a class of the week was taught. */
  readonly done: TermVolume | null;
};

export type TermView = {
  readonly term: StoredTerm;
  readonly columns: readonly TermColumn[];
  readonly weeks: readonly WeekLine[];
  /** Days on which the term has a class and none is there. */
  readonly missing: readonly TermClass[];
  /** Classes on days that are no days of the term, in a sentence each. */
  readonly offCalendar: readonly { readonly classId: string; readonly words: string }[];
  readonly people: readonly Person[];
  readonly person: Person | null;
  readonly ownRungs: readonly OwnRung[];
  readonly catalogue: Catalogue;
};

type Taught = { readonly done: Plan; readonly doneBy: (personId: string) => Plan | null };
type ClassOfTerm = { readonly room: PlannedClass; readonly plan: Plan; readonly taught: Taught | null };

/** A term with its classes, what they ask for and what was done, for the group or for one person. */
export async function loadTerm(db: Db, rawId: string, personId: string | null): Promise<TermView | null> {
  const stored = await termFrom(db, rawId);
  if (!stored.ok) return null;
  const term = stored.value;
  const { catalogue } = await catalogueNow(db);
  const infos = await classesInTerm(db, term);
  const gone = (await Promise.all(infos.map((info) => goneThrough(db, info)))).filter((g) => g !== null);
  const people = distinct(gone.flatMap((g) => g.room.people));
  const person = people.find((p) => p.id === personId) ?? null;
  const ownRungs = person
    ? (await loadOwnRungs(db, term.seriesId)).filter((o) => o.personId === person.id)
    : [];
  const days = termClasses(term);
  return {
    term,
    columns: columnsOf(term, gone),
    weeks: weeksOf(term, gone, person, ownRungs, catalogue),
    missing: days.filter((d) => infos.every((c) => c.day !== d.day)),
    offCalendar: infos
      .filter((c) => days.every((d) => d.day !== c.day))
      .map((c) => ({ classId: c.id, words: offCalendarWords(term, c) })),
    people,
    person,
    ownRungs,
    catalogue,
  };
}

async function goneThrough(db: Db, info: ClassInfo): Promise<ClassOfTerm | null> {
  const room = await loadPlannedClass(db, info.id);
  if (!room) return null;
  const whole = await wholeClass(db, info.id);
  if (!whole) return { room, plan: room.stored.history.plan, taught: null };
  const { taught, done, marks, attendance } = whole;
  const came = new Set(attendance.filter((a) => a.present).map((a) => a.personId));
  return {
    room,
    plan: taught.snapshot.plan,
    taught: { done, doneBy: (id) => (came.has(id) ? doneByPerson(done, marks, id) : null) },
  };
}

/** Each class judged against the one before it that was not lighter, be that taught or only planned. */
function columnsOf(term: StoredTerm, gone: readonly ClassOfTerm[]): readonly TermColumn[] {
  const shown = new Set(gone[0]?.room.shown);
  return gone.map(({ room, plan, taught }, i) => {
    const earlier = gone.slice(0, i);
    const before = earlier.findLast((g) => !isLighter(term, g)) ?? earlier.at(-1);
    const baseline = before
      ? { plan: before.taught?.done ?? before.plan, isLastTaught: before === earlier.at(-1) }
      : room.baseline;
    const planned = earlier.filter((g) => !g.taught).length;
    const attended = Object.fromEntries(room.people.map((p) => [p.id, (room.attended[p.id] ?? 0) + planned]));
    const facts = { ...factsOf(room), shown: [...shown], baseline, attended };
    for (const row of movementRows(plan)) shown.add(row.movementId);
    return {
      info: room.info,
      plan,
      lighter: isLighter(term, gone[i]!),
      findings: taught ? [] : checkPlan(plan, facts).findings.filter((f) => f.code.startsWith('G')),
    };
  });
}

const isLighter = ({ weeks }: StoredTerm, { room }: ClassOfTerm): boolean =>
  weeks[room.info.week - 1]?.lighter ?? false;

function weeksOf(
  term: StoredTerm,
  gone: readonly ClassOfTerm[],
  person: Person | null,
  ownRungs: readonly OwnRung[],
  catalogue: Catalogue,
): readonly WeekLine[] {
  return term.weeks.map(({ phase, lighter }, i): WeekLine => {
    const week = i + 1;
    const classes = gone.filter((g) => g.room.info.week === week);
    const volume = (plan: Plan, day: string) => volumeOf(plan, catalogue, verdictsOf(person, day, catalogue));
    const taught = classes.flatMap(({ taught: t, room }) => {
      if (!t) return [];
      const plan = person ? t.doneBy(person.id) : t.done;
      return [plan ? volume(plan, room.info.day) : NO_TERM_VOLUME];
    });
    return {
      week,
      phase,
      lighter,
      effortMost: effortTarget(week, false),
      effortMostPrecaution: effortTarget(week, true),
      planned: addTermVolumes(
        classes.map(({ plan, taught: t, room }) =>
          volume(t ? plan : onOwnRungs(plan, ownRungs), room.info.day),
        ),
      ),
      done: taught.length > 0 ? addTermVolumes(taught) : null,
    };
  });
}

/** A plan to come as somebody with rungs of their own will do it. */
const onOwnRungs = (plan: Plan, own: readonly OwnRung[]): Plan =>
  mapMovementRows(plan, (row) => {
    const rung = own.find((o) => o.movementId === row.movementId)?.rung;
    return rung === undefined ? row : { ...row, rung };
  });

/** As one person does it; nothing for the group as a whole. */
function verdictsOf(person: Person | null, today: string, catalogue: Catalogue): VerdictOn {
  if (!person) return () => null;
  const screening = { table: CAUTIONS, catalogue, today };
  return (movement, row) => verdictOnRow(person, row, movement, screening);
}

const offCalendarWords = (term: StoredTerm, { name, day, week }: ClassInfo): string => {
  const holiday = holidayOn(term, day);
  const why = holiday
    ? `falls in a holiday${holiday.what && ` (${holiday.what})`}`
    : 'is on no day of this term';
  return `${name}, week ${week}, on ${day}, ${why}.`;
};

const distinct = (people: readonly Person[]): readonly Person[] => {
  const byId = new Map(people.map((p) => [p.id, p]));
  return [...byId.values()].sort((a, b) => a.firstName.localeCompare(b.firstName));
};
