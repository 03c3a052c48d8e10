import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { doseSchema } from '@/core/dose';
import { edit, withoutMutes, type PlanHistory } from '@/core/plan';
import { fail, ok, type Result } from '@/core/result';
import { carrySteps, termClasses, termSchema, termSpan, weekPlan, type Term } from '@/core/term';
import { addClass, classesOfSeries, findClass, listSeries, setWeek, type ClassInfo } from '@/store/classes';
import type { Db } from '@/store/db';
import { peopleOfClass } from '@/store/people';
import { loadPlan, savePlan } from '@/store/plans';
import { deleteTerm, findTerm, listTerms, saveTerm, type StoredTerm } from '@/store/terms';
import { catalogueNow } from '../catalogue/catalogue';
import { idFrom, newId } from '../shell/ids';
import { planOf } from '../classes/plans';

export const newTermSchema = z.strictObject({ seriesId: z.uuid('That is not a series'), term: termSchema });

/** Plan a term for a series. Classes that are there already on its days take their place in it. */
export async function createTerm(
  db: Db,
  { seriesId, term }: Immutable<z.infer<typeof newTermSchema>>,
): Promise<Result<{ id: string }>> {
  if (!(await listSeries(db)).some((s) => s.id === seriesId))
    return fail('not-found', 'There is no such series of classes.');
  const clash = await overlapping(db, seriesId, term, null);
  if (clash) return clash;
  const id = newId();
  await db.transaction(async (tx) => {
    await saveTerm(tx, id, seriesId, term);
    await numberWeeks(tx, seriesId, term);
  });
  return ok({ id });
}

/** Change weeks, days or holidays; classes that are there keep their day and plan, and take the number of their week. */
export async function changeTerm(db: Db, rawId: string | undefined, term: Term): Promise<Result<object>> {
  const stored = await termFrom(db, rawId);
  if (!stored.ok) return stored;
  const { id, seriesId } = stored.value;
  const clash = await overlapping(db, seriesId, term, id);
  if (clash) return clash;
  await db.transaction(async (tx) => {
    await saveTerm(tx, id, seriesId, term);
    await numberWeeks(tx, seriesId, term);
  });
  return ok({});
}

/** Take a term away; its classes stay as they are. The term comes back as it was, so that it can be planned again. */
export async function removeTerm(
  db: Db,
  rawId: string | undefined,
): Promise<Result<{ seriesId: string; term: Term }>> {
  const stored = await termFrom(db, rawId);
  if (!stored.ok) return stored;
  const { id, seriesId, ...term } = stored.value;
  await deleteTerm(db, id);
  return ok({ seriesId, term });
}

/** A class belongs to one term: another that has days in common is said. */
async function overlapping(db: Db, seriesId: string, term: Term, exceptId: string | null) {
  const [from, to] = termSpan(term);
  const other = (await listTerms(db)).find((t) => {
    if (t.seriesId !== seriesId || t.id === exceptId) return false;
    const [start, end] = termSpan(t);
    return start <= to && from <= end;
  });
  return other
    ? fail('exists', `${other.name} has days in common with this term. Change it, or begin after it.`)
    : null;
}

async function numberWeeks(db: Db, seriesId: string, term: Term): Promise<void> {
  const weekOn = new Map(termClasses(term).map((c) => [c.day, c.week]));
  for (const info of await classesInTerm(db, { ...term, seriesId })) {
    const week = weekOn.get(info.day);
    if (week && week !== info.week) await setWeek(db, info.id, week);
  }
}

/** The classes of a term's series from its first day to its last. */
export function classesInTerm(db: Db, term: Term & { readonly seriesId: string }): Promise<ClassInfo[]> {
  return classesOfSeries(db, term.seriesId, ...termSpan(term));
}

/** The class that others are best made from: the latest that is not in a lighter week, or the latest there is. */
export const usualPattern = (weeks: Term['weeks'], classes: readonly ClassInfo[]): ClassInfo | null =>
  classes.findLast((c) => !weeks[c.week - 1]?.lighter) ?? classes.at(-1) ?? null;

export const generateSchema = z.strictObject({ patternId: z.uuid('That is not a class') });

/** Put in every class of the term that is not there yet, made from the plan of one of the series. */
export async function generateClasses(
  db: Db,
  rawId: string | undefined,
  { patternId }: Immutable<z.infer<typeof generateSchema>>,
): Promise<Result<{ made: number }>> {
  const stored = await termFrom(db, rawId);
  if (!stored.ok) return stored;
  const term = stored.value;
  const pattern = await findClass(db, patternId);
  if (!pattern || pattern.seriesId !== term.seriesId)
    return fail('not-found', 'Choose a class of the same series to make the others from.');
  const plan = await planOf(db, patternId);
  if (!plan.ok) return plan;
  const { catalogue } = await catalogueNow(db);
  const there = new Set((await classesInTerm(db, term)).map((c) => c.day));
  const missing = termClasses(term).filter((c) => !there.has(c.day));
  const personIds = (await peopleOfClass(db, patternId)).map((p) => p.id);
  await db.transaction(async (tx) => {
    for (const { week, day, startsAt } of missing)
      await addClass(tx, {
        id: newId(),
        seriesId: term.seriesId,
        day,
        startsAt,
        week,
        helpers: pattern.helpers,
        fromClassId: pattern.id,
        personIds,
        plan: weekPlan(withoutMutes(plan.value.plan), term.weeks, week, catalogue),
      });
  });
  return ok({ made: missing.length });
}

export const itemChangeSchema = z.strictObject({
  movementId: z.string().min(1).max(60),
  nth: z.number().int().min(0).max(60),
  /** The class the change is made in, and the last one it is carried to; the same where it is not carried. */
  classId: z.uuid('That is not a class'),
  untilClassId: z.uuid('That is not a class'),
  rung: z.number().int().min(0).max(11).optional(),
  dose: doseSchema.optional(),
});

export type ItemChanged = {
  readonly changed: readonly { readonly classId: string; readonly version: number }[];
};

/** Change an item in one class, or carry it on to later ones; what is taught or under way stays as it is. All or nothing. */
export async function changeItem(
  db: Db,
  rawId: string | undefined,
  { movementId, nth, classId, untilClassId, rung, dose }: Immutable<z.infer<typeof itemChangeSchema>>,
): Promise<Result<ItemChanged>> {
  const stored = await termFrom(db, rawId);
  if (!stored.ok) return stored;
  const { catalogue } = await catalogueNow(db);
  const movement = catalogue.movement(movementId);
  if (!movement) return fail('not-found', 'That movement is not in the catalogue.');
  const all = await classesInTerm(db, stored.value);
  const [from, until] = [classId, untilClassId].map((id) => all.findIndex((c) => c.id === id)) as [
    number,
    number,
  ];
  if (from < 0 || until < from)
    return fail('not-found', 'That class is not in this term. Reload to see what is.');
  if (all[from]!.status !== 'planned') return fail('taught', 'A class that was taught stays as it was.');
  const reached = all.slice(from, until + 1).filter((c) => c.status === 'planned');
  const plans = await Promise.all(reached.map((c) => loadPlan(db, c.id)));
  const steps = carrySteps(
    reached.map((c, i) => ({
      plan: plans[i]!.history.plan,
      lighter: stored.value.weeks[c.week - 1]?.lighter ?? false,
    })),
    { movementId, nth },
    { rung, dose },
    catalogue,
  );
  const edits: Edited[] = [];
  for (const [i, step] of steps.entries()) {
    if (!step) continue;
    const done = edit(plans[i]!.history, step, `${movement.name}, from the term`);
    if (!done.ok) return done;
    edits.push({ classId: reached[i]!.id, history: done.value, version: plans[i]!.version });
  }
  return saveAll(db, edits);
}

type Edited = { readonly classId: string; readonly history: PlanHistory; readonly version: number };

/** Every plan or none: one that was changed meanwhile stops them all. */
async function saveAll(db: Db, edits: readonly Edited[]): Promise<Result<ItemChanged>> {
  try {
    return ok(
      await db.transaction(async (tx) => {
        const changed: { classId: string; version: number }[] = [];
        for (const { classId, history, version } of edits) {
          const entry = history.entries.at(-1) ?? null;
          const saved = await savePlan(
            tx,
            classId,
            { plan: history.plan, done: history.done, entry },
            version,
          );
          if (saved === null) throw new ChangedMeanwhile();
          changed.push({ classId, version: saved });
        }
        return { changed };
      }),
    );
  } catch (error) {
    if (!(error instanceof ChangedMeanwhile)) throw error;
    return fail(
      'changed-elsewhere',
      'One of these plans was changed in another window. Reload and do it again.',
    );
  }
}

class ChangedMeanwhile extends Error {}

export async function termFrom(db: Db, rawId: string | undefined): Promise<Result<StoredTerm>> {
  const id = idFrom(rawId, 'term');
  if (!id.ok) return id;
  const term = await findTerm(db, id.value);
  return term ? ok(term) : fail('not-found', 'There is no such term.');
}
