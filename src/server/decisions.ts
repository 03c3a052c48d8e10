import { z } from 'zod';
import { CAUTIONS } from '@/catalogue/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { withOwn } from '@/core/catalogue/own';
import type { Catalogue } from '@/core/catalogue/movement';
import { rungNoteOf, strongerOf } from '@/core/catalogue/rung';
import { atRung, movementOfRow, rungOf } from '@/core/plan/at-rung';
import type { Person } from '@/core/people/person';
import { decide, effortTarget, groupMovesOn, type Decision } from '@/core/progress/decision';
import { FAMILIES, type Family } from '@/core/progress/family';
import { familyRows, outcomeOf, type TaughtClass } from '@/core/progress/outcomes';
import { rungAfter } from '@/core/progress/own-rung';
import { fail, ok, type Result } from '@/core/result';
import { isLeftOut, verdictFor } from '@/core/screening/verdict';
import { recordByRow } from '@/core/teach/progress';
import { taughtPlan } from '@/core/teach/snapshot';
import { loadCalls } from '@/store/calls';
import { findClass, taughtOfSeries, type ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { listOwn } from '@/store/own-movements';
import { listPeople } from '@/store/people';
import { addDecision, loadDecisions, loadOwnRungs, setOwnRung, type TakenDecision } from '@/store/progress';
import { loadEvents, loadMarks, loadTaught } from '@/store/teaching';
import { loadAttendance } from '@/store/wrap-ups';
import { idFrom } from './ids';

/** Classes looked back on. */
const CLASSES = 12;

export type ProposalFor = {
  readonly personId: string;
  readonly family: Family;
  readonly decision: Decision;
  readonly taken: TakenDecision | null;
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
};

type Known = {
  readonly info: ClassInfo;
  readonly classes: readonly TaughtClass[];
  readonly people: readonly Person[];
  readonly catalogue: Catalogue;
};

/** Proposals for everyone in every family of a written-up class; null where there is no such class. */
export async function decisionsOf(db: Db, classId: string): Promise<DecisionsOfClass | null> {
  const known = await whatIsKnown(db, classId);
  if (!known) return null;
  const taken = await loadDecisions(db, classId);
  const earlier = await flaresBefore(db, known.info);
  const proposals = proposalsFrom(known, earlier).map((p): ProposalFor => ({
    ...p,
    taken: taken.find((t) => t.personId === p.personId && t.family === p.family) ?? null,
  }));
  return { info: known.info, people: known.people, proposals, group: groupFrom(known, proposals) };
}

async function whatIsKnown(db: Db, classId: string): Promise<Known | null> {
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

async function taughtClass(db: Db, info: ClassInfo): Promise<TaughtClass | null> {
  const taught = await loadTaught(db, info.id);
  return (
    taught && {
      day: info.day,
      plan: taughtPlan(taught.snapshot.plan, taught.state.changes),
      people: taught.snapshot.people,
      record: recordByRow(await loadEvents(db, info.id)),
      marks: await loadMarks(db, info.id),
      attendance: await loadAttendance(db, info.id),
      answers: await loadCalls(db, info.id),
    }
  );
}

type Flares = ReadonlySet<string>;

/** Who was told to keep to gentle movement after the class before, as person and family. */
async function flaresBefore(db: Db, info: ClassInfo): Promise<Flares> {
  const before = (await taughtOfSeries(db, info.seriesId, info.day, 2))
    .filter((c) => c.id !== info.id)
    .at(-1);
  const decisions = before ? await loadDecisions(db, before.id) : [];
  return new Set(decisions.filter((d) => d.kind === 'flare').map((d) => `${d.personId} ${d.family}`));
}

function proposalsFrom(
  { info, classes, people, catalogue }: Known,
  flares: Flares,
): Omit<ProposalFor, 'taken'>[] {
  const last = classes.at(-1);
  if (!last) return [];
  const screening = { table: CAUTIONS, catalogue, today: info.day };
  return people.flatMap((person) => {
    const own = classes.filter((c) => c.people.some((p) => p.id === person.id));
    const flare = person.conditions.some((c) => c.state === 'flare');
    const standing = {
      flare,
      effortTarget: effortTarget(info.week, person.conditions.length > 0),
      attended: own.filter((c) => c.attendance.some((a) => a.personId === person.id && a.present)).length,
    };
    return [...familyRows(last.plan, catalogue).keys()].map((family) => {
      const outcomes = own.flatMap((c) => outcomeOf(c, person.id, family, screening) ?? []);
      const flareSettled = !flare && flares.has(`${person.id} ${family}`);
      return { personId: person.id, family, decision: decide(outcomes, { ...standing, flareSettled }) };
    });
  });
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
      const leftOut = came
        .filter((p) => isLeftOut(verdictFor(p, stronger, row.dose, context)))
        .map((p) => p.id);
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
          ...groupMovesOn(decisions, new Set(leftOut)),
        },
      ];
    }),
  );
}

export const answersSchema = z.strictObject({
  answers: z
    .array(
      z.strictObject({
        personId: z.uuid('That is not a person'),
        family: z.enum(FAMILIES, 'There is no such family of movements'),
        /** Rungs up, or back below 0; null for the gentlest. Left out to leave the proposal alone. */
        rungs: z.number().int().min(-2).max(1).nullable().optional(),
      }),
    )
    .min(1)
    .max(400),
});

/** Take, change or leave proposals; each is answered once and kept with what was proposed. All or nothing. */
export async function answerDecisions(
  db: Db,
  rawId: string | undefined,
  { answers }: z.infer<typeof answersSchema>,
): Promise<Result<{ kept: number }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const known = await whatIsKnown(db, id.value);
  if (!known) return fail('not-found', 'Only a class that is written up has proposals to answer.');
  const proposals = proposalsFrom(known, await flaresBefore(db, known.info));
  const pairs = answers.map((answer) => ({
    answer,
    proposal: proposals.find((p) => p.personId === answer.personId && p.family === answer.family),
  }));
  if (pairs.some((p) => !p.proposal))
    return fail('not-found', 'Nothing is proposed for one of these people. Reload to see what is.');
  let kept = 0;
  await db.transaction(async (tx) => {
    for (const { answer, proposal } of pairs) if (await take(tx, known, proposal!, answer.rungs)) kept += 1;
  });
  return ok({ kept });
}

async function take(
  db: Db,
  { info, classes, catalogue }: Known,
  { personId, family, decision }: Omit<ProposalFor, 'taken'>,
  rungs: number | null | undefined,
): Promise<boolean> {
  const left = rungs === undefined;
  const taken = left ? 'left' : rungs === decision.rungs ? 'accepted' : 'changed';
  const added = await addDecision(db, info.id, {
    personId,
    family,
    ...decision,
    taken,
    takenRungs: rungs ?? null,
  });
  if (!added || left) return added;
  const standing = await loadOwnRungs(db, info.seriesId);
  for (const row of familyRows(classes.at(-1)!.plan, catalogue).get(family) ?? []) {
    const movement = movementOfRow(row, catalogue);
    const from =
      standing.find((s) => s.personId === personId && s.movementId === row.movementId)?.rung ?? null;
    if (!movement) continue;
    const rung = rungAfter(movement, from, { rungs });
    await setOwnRung(db, info.seriesId, { personId, movementId: row.movementId, rung }, info.day);
  }
  return true;
}
