import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { rungNoteOf, strongerOf, withOwn, type Catalogue } from '@/core/catalogue';
import { atRung, movementOfRow, rungOf } from '@/core/plan';
import { fullName, lastSettled, type Person } from '@/core/people';
import {
  decide,
  effortTarget,
  familyRows,
  groupMovesOn,
  isInFlare,
  notShownTo,
  outcomeOf,
  type Decision,
  type Family,
  type TaughtClass,
} from '@/core/progress';
import { isLeftOut, verdictFor } from '@/core/screening';
import { peopleNow, recordByRow, standingMarks, taughtPlan } from '@/core/teach';
import { loadCalls } from '@/store/calls';
import { findClass, taughtOfSeries, type ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { listOwn } from '@/store/own-movements';
import { listPeople } from '@/store/people';
import { loadDecisions, type StoredDecision } from '@/store/progress';
import { loadEvents, loadReports, loadTaught } from '@/store/teaching';
import { loadAttendance } from '@/store/wrap-ups';

/** Classes looked back on. */
const CLASSES = 12;

export type ProposalFor = {
  readonly personId: string;
  readonly family: Family;
  readonly decision: Decision;
  /** Names of the movements it is about, where it is not all of the family. */
  readonly only: readonly string[];
  readonly taken: StoredDecision | null;
};

/** What the class as a whole might do with one of its movements. */
export type GroupProposal = {
  readonly title: string;
  readonly moves: boolean;
  readonly reason: string;
  readonly next: string;
};

export type DecisionsOfClass = {
  readonly info: ClassInfo;
  readonly people: readonly Person[];
  readonly proposals: readonly ProposalFor[];
  readonly group: readonly GroupProposal[];
  /** Titles of what somebody has not been there for, by name. */
  readonly notShown: readonly { readonly name: string; readonly titles: readonly string[] }[];
};

export type Known = {
  readonly info: ClassInfo;
  /** The classes of the series so far, oldest first, each with what was decided after it. */
  readonly classes: readonly (TaughtClass & { readonly decided: readonly StoredDecision[] })[];
  readonly people: readonly Person[];
  readonly catalogue: Catalogue;
};

/** Proposals for everyone in every family of a written-up class; null where there is no such class. */
export async function decisionsOf(db: Db, classId: string): Promise<DecisionsOfClass | null> {
  const known = await whatIsKnown(db, classId);
  if (!known) return null;
  const decided = known.classes.at(-1)?.decided ?? [];
  const proposals = proposalsFrom(known).map((p): ProposalFor => ({
    ...p,
    taken: decided.find(isAbout(p.personId, p.family)) ?? null,
  }));
  return {
    info: known.info,
    people: known.people,
    proposals,
    group: groupFrom(known, proposals),
    notShown: notShownIn(known),
  };
}

export async function whatIsKnown(db: Db, classId: string): Promise<Known | null> {
  const info = await findClass(db, classId);
  if (!info || info.status !== 'written up') return null;
  const series = await taughtOfSeries(db, info.seriesId, info.day, CLASSES);
  const classes = (await Promise.all(series.map((c) => taughtClass(db, c)))).filter((c) => c !== null);
  const now = await listPeople(db);
  const then = classes.at(-1)?.people ?? [];
  // Conditions are asked of today's record: a flare that began since the class counts.
  const people = then.flatMap((p) => now.find((n) => n.id === p.id) ?? []);
  return { info, classes, people, catalogue: withOwn(CATALOGUE, await listOwn(db)) };
}

async function taughtClass(db: Db, info: ClassInfo): Promise<Known['classes'][number] | null> {
  const taught = await loadTaught(db, info.id);
  const { marks, answers } = await loadReports(db, info.id);
  return (
    taught && {
      day: info.day,
      plan: taughtPlan(taught.snapshot.plan, taught.state.changes),
      people: peopleNow(taught.snapshot.people, { marks: [], answers }).map((p) => p.person),
      record: recordByRow(await loadEvents(db, info.id)),
      marks: standingMarks(marks),
      attendance: await loadAttendance(db, info.id),
      answers: await loadCalls(db, info.id),
      decided: await loadDecisions(db, info.id),
    }
  );
}

const notShownIn = ({ people, classes, catalogue }: Known): DecisionsOfClass['notShown'] =>
  people.flatMap((person) => {
    const titles = notShownTo(person.id, classes, catalogue).map((m) => m.name);
    return titles.length > 0 ? [{ name: fullName(person), titles }] : [];
  });

/** What the rules propose for everyone in every family of the latest class. */
export function proposalsFrom({ info, classes, people, catalogue }: Known): Omit<ProposalFor, 'taken'>[] {
  const last = classes.at(-1);
  if (!last) return [];
  const screening = { table: CAUTIONS, catalogue, today: info.day };
  return people.flatMap((person) => {
    const own = classes.filter((c) => c.people.some((p) => p.id === person.id));
    const flare = isInFlare(person, info.day);
    const effort = effortTarget(info.week, person.conditions.length > 0);
    return [...familyRows(last.plan, catalogue).keys()].map((family) => {
      const outcomes = own.map((c) => outcomeOf(c, person.id, family, screening));
      const before = own.slice(0, -1);
      const standing = {
        flare,
        flareSettled: !flare && owesRestart(before, person, family),
        effortTarget: effort,
        backWhileAway: backWhileAway(before, person.id, family),
      };
      const decision = decide(outcomes, standing);
      const only = (decision.only ?? []).flatMap((id) => catalogue.movement(id)?.name ?? []);
      return { personId: person.id, family, decision, only };
    });
  });
}

const isAbout =
  (personId: string, family: Family, kind?: Decision['kind']) =>
  (d: StoredDecision): boolean =>
    d.personId === personId && d.family === family && (!kind || d.kind === kind);

/** The restart after somebody's last flare is owed until it is taken, whatever was missed or left unanswered since. */
function owesRestart(before: Known['classes'], person: Person, family: Family): boolean {
  const inFlare = before.findLast(
    (c) =>
      c.people.some((p) => p.id === person.id && isInFlare(p, c.day)) ||
      c.decided.some(isAbout(person.id, family, 'flare')),
  );
  // One that came and went between two classes is on record alone.
  const days = [inFlare?.day, lastSettled(person)].filter((d) => typeof d === 'string');
  if (days.length === 0) return false;
  const last = days.reduce((a, b) => (a > b ? a : b));
  const since = before
    .filter((c) => c.day >= last)
    .flatMap((c) => c.decided.filter(isAbout(person.id, family)));
  return !since.some((d) => d.kind === 'start over' || (d.takenRungs ?? 0) <= -2);
}

/** Rungs taken back after the classes somebody missed just before this one. */
function backWhileAway(before: Known['classes'], personId: string, family: Family): number {
  const cameLast = before.findLastIndex((c) =>
    c.attendance.some((a) => a.personId === personId && a.present),
  );
  return before
    .slice(cameLast + 1)
    .flatMap((c) => c.decided.filter(isAbout(personId, family)))
    .reduce((n, d) => n + Math.max(0, -(d.takenRungs ?? 0)), 0);
}

function groupFrom(
  { info, classes, people, catalogue }: Known,
  proposals: readonly ProposalFor[],
): GroupProposal[] {
  const last = classes.at(-1);
  if (!last) return [];
  const came = people.filter((p) => last.attendance.some((a) => a.personId === p.id && a.present));
  const context = { table: CAUTIONS, catalogue, today: info.day };
  return [...familyRows(last.plan, catalogue)].flatMap(([family, rows]) =>
    rows.flatMap((row): GroupProposal[] => {
      const movement = movementOfRow(row, catalogue);
      const next = movement && strongerOf(movement);
      if (!movement || !next) return [];
      const stronger = atRung(movement, rungOf(movement, row.rung) + 1);
      const out = (m: typeof movement) =>
        new Set(came.filter((p) => isLeftOut(verdictFor(p, m, row.dose, context))).map((p) => p.id));
      const decisions = new Map(
        proposals
          .filter((p) => p.family === family && came.some((c) => c.id === p.personId))
          .map((p) => [p.personId, p.decision]),
      );
      const note = rungNoteOf(movement);
      return [
        {
          title: note ? `${movement.name}, ${note}` : movement.name,
          next,
          ...groupMovesOn(row.movementId, decisions, { now: out(movement), then: out(stronger) }),
        },
      ];
    }),
  );
}
