import { addDays } from '@/core/days';
import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { chosenChanges, taughtPlan } from '@/core/teach';
import { emptyPlan, withoutMutes, type NewClassFields } from '@/core/plan';
import { fail, ok, type Result } from '@/core/result';
import { wayInFor } from '@/core/venue';
import { setBag } from '@/store/bag';
import {
  addClass,
  addSeries,
  classOfSeriesOn,
  findClass,
  setDetails,
  setHelpers,
  setRoster,
} from '@/store/classes';
import type { Db } from '@/store/db';
import { listPeople, peopleOfClass } from '@/store/people';
import { loadTaught } from '@/store/teaching';
import { PROPS } from '@/catalogue/props';
import { idFrom, newId } from '../shell/ids';
import { settingsNow } from '../shell/settings';

/** So many people a class can expect. */
export const MOST_IN_CLASS = 60;

export const rosterSchema = z.strictObject({
  personIds: z.array(z.uuid('That is not a person')).max(MOST_IN_CLASS, `At most ${MOST_IN_CLASS} people`),
  helpers: z
    .array(
      z.string().trim().min(1, 'A helper needs a name').max(40, 'Keep a helper’s name under 40 characters'),
    )
    .max(10, 'At most 10 helpers'),
});

export const bagSchema = z.strictObject({
  propId: z.string().max(60),
  pieces: z
    .number('Pieces is a number')
    .int('Pieces is a whole number')
    .min(0, 'Pieces cannot be less than none')
    .max(500, 'At most 500 pieces'),
});

export async function createClass(db: Db, fields: NewClassFields): Promise<Result<{ id: string }>> {
  const [seriesId, id] = [newId(), newId()];
  await db.transaction(async (tx) => {
    await addSeries(tx, {
      id: seriesId,
      name: fields.name,
      place: fields.place,
      slotMinutes: fields.slotMinutes,
    });
    await addClass(tx, {
      id,
      seriesId,
      day: fields.day,
      startsAt: fields.startsAt,
      week: 1,
      helpers: [],
      fromClassId: null,
      personIds: [],
      plan: { ...emptyPlan(), wayIn: wayInFor(await settingsNow(tx)) },
    });
  });
  return ok({ id });
}

/** Change a class's details; two classes of a series never share a day. */
export async function changeDetails(
  db: Db,
  rawId: string | undefined,
  fields: NewClassFields,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const info = await findClass(db, id.value);
  if (!info) return fail('not-found', 'There is no such class.');
  const other = await classOfSeriesOn(db, info.seriesId, fields.day);
  if (other && other !== id.value) return fail('exists', 'This series has a class on that day already.');
  await setDetails(db, id.value, fields);
  return ok({});
}

export const nextSchema = z.strictObject({
  /** Which of the changes made while teaching the next class starts with, by their place. */
  carry: z.array(z.number().int().min(0)).max(100).default([]),
});

/** The same class a week on: the plan it began with, the changes that are to stay, people and helpers carry over. */
export async function createNext(
  db: Db,
  rawId: string | undefined,
  { carry }: Immutable<z.infer<typeof nextSchema>> = { carry: [] },
): Promise<Result<{ id: string }>> {
  const classId = idFrom(rawId, 'class');
  if (!classId.ok) return classId;
  const info = await findClass(db, classId.value);
  const taught = await loadTaught(db, classId.value);
  if (!info) return fail('not-found', 'There is no such class.');
  if (!taught?.ended) return fail('not-taught', 'Teach this class first; the next one starts from it.');
  const day = addDays(info.day, 7);
  const existing = await classOfSeriesOn(db, info.seriesId, day);
  if (existing) return ok({ id: existing });
  const id = newId();
  await addClass(db, {
    id,
    seriesId: info.seriesId,
    day,
    startsAt: info.startsAt,
    week: Math.min(60, info.week + 1),
    helpers: info.helpers,
    fromClassId: info.id,
    personIds: (await peopleOfClass(db, info.id)).map((p) => p.id),
    plan: withoutMutes(taughtPlan(taught.snapshot.plan, chosenChanges(taught.state, carry))),
  });
  return ok({ id });
}

export async function changeRoster(
  db: Db,
  rawId: string | undefined,
  { personIds, helpers }: Immutable<z.infer<typeof rosterSchema>>,
): Promise<Result<{ expected: number }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  if (!(await findClass(db, id.value))) return fail('not-found', 'There is no such class.');
  const known = new Set((await listPeople(db)).map((p) => p.id));
  if (personIds.some((p) => !known.has(p)))
    return fail('not-found', 'One of these people is no longer on the list. Reload to see who is.');
  await db.transaction(async (tx) => {
    await setRoster(tx, id.value, personIds);
    await setHelpers(tx, id.value, helpers);
  });
  return ok({ expected: new Set(personIds).size });
}

export async function changeBag(
  db: Db,
  { propId, pieces }: Immutable<z.infer<typeof bagSchema>>,
): Promise<Result<object>> {
  if (!PROPS.some((p) => p.id === propId)) return fail('not-found', 'There is no such prop.');
  await setBag(db, propId, pieces);
  return ok({});
}
