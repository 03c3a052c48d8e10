import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { nobodyKnown, personFieldsSchema } from '@/core/people';
import { fail, ok, type Result } from '@/core/result';
import type { ClassAnswer, Reports, SentMark } from '@/core/teach';
import { addAnswer } from '@/store/check-ins';
import type { Db } from '@/store/db';
import { findPerson, namesOfPeople, peopleOfClass, savePerson, type PersonName } from '@/store/people';
import { addMark, joinTaught, loadReports, loadTaught, reportsMark } from '@/store/teaching';
import { idFrom, newId } from '../shell/ids';

const NOT_BEGUN = 'This class has not begun.';
const NOT_IN_CLASS = 'That person is not in this class.';

export async function storeMark(db: Db, rawId: string | undefined, mark: SentMark): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  if (!taught) return fail('not-found', NOT_BEGUN);
  if (!taught.snapshot.people.some((p) => p.id === mark.personId)) return fail('not-found', NOT_IN_CLASS);
  await addMark(db, id.value, mark);
  return ok({});
}

/** Keep what somebody said once the class had begun; it is open until the class is over. */
export async function storeAnswer(
  db: Db,
  rawId: string | undefined,
  answer: ClassAnswer,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  if (!taught) return fail('not-found', NOT_BEGUN);
  // One that was given in time and comes late is kept all the same.
  if (taught.writtenUp) return fail('written-up', 'This class is written up already.');
  if (!taught.snapshot.people.some((p) => p.id === answer.personId)) {
    // Put on the list after the class began: who is asked is there.
    const person = (await peopleOfClass(db, id.value)).find((p) => p.id === answer.personId);
    if (!person) return fail('not-found', NOT_IN_CLASS);
    await db.transaction((tx) => joinTaught(tx, id.value, person));
  }
  await addAnswer(db, id.value, answer);
  return ok({});
}

export const joinSchema = z
  .strictObject({
    personId: z.uuid('That is not a person').optional(),
    guest: personFieldsSchema.pick({ firstName: true, initial: true }).optional(),
  })
  .refine((who) => (who.personId === undefined) !== (who.guest === undefined), 'Say who has come');

/** Somebody who was not expected comes to a class that has begun; a guest is put on record with it. */
export async function joinClass(
  db: Db,
  rawId: string | undefined,
  who: Immutable<z.infer<typeof joinSchema>>,
): Promise<Result<{ personId: string }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  if (!taught) return fail('not-found', NOT_BEGUN);
  if (taught.ended) return fail('over', 'This class is over.');
  return db.transaction(async (tx) => {
    const personId = who.personId ?? newId();
    if (who.guest) await savePerson(tx, personId, nobodyKnown(who.guest));
    const person = await findPerson(tx, personId);
    if (!person) return fail('not-found', 'There is no such person.');
    await joinTaught(tx, id.value, person);
    return ok({ personId });
  });
}

/** Everybody on record who is not in the class. */
export async function whoCouldJoin(
  db: Db,
  rawId: string | undefined,
): Promise<Result<{ readonly people: readonly PersonName[] }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  if (!taught) return fail('not-found', NOT_BEGUN);
  const inClass = new Set(taught.snapshot.people.map((p) => p.id));
  return ok({ people: (await namesOfPeople(db)).filter((p) => !inClass.has(p.id)) });
}

/** What was reported of a class, by whichever screen; nothing of it where it is as it was `seen`. */
export async function reportsNow(
  db: Db,
  rawId: string | undefined,
  seen: string | null,
): Promise<Result<{ readonly seen: string; readonly reports?: Reports }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const now = await reportsMark(db, id.value);
  if (now === null) return fail('not-found', NOT_BEGUN);
  if (now === seen) return ok({ seen: now });
  return ok({ seen: now, reports: await loadReports(db, id.value) });
}
