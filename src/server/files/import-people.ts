import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { CONDITIONS } from '@/catalogue/conditions';
import { mergedFields, MAX_PEOPLE, writePeopleFile } from '@/core/formats';
import { personFieldsSchema } from '@/core/people';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { findClass, setRoster } from '@/store/classes';
import { addPeople, findPerson, listPeople, peopleOfClass } from '@/store/people';
import { newId } from '../shell/ids';
import { MOST_IN_CLASS } from '../classes/classes';
import { changePerson, conditionProblem } from '../people/people';

export const importSchema = z.strictObject({
  rows: z
    .array(
      z.strictObject({
        fields: personFieldsSchema,
        /** Whose record it is added to; null for somebody new. */
        mergeInto: z.uuid('That is not a person').nullable(),
      }),
    )
    .min(1, 'There is nobody to bring in')
    .max(MAX_PEOPLE, 'At most 5,000 people at once'),
  /** The class that all of them come to, beside whoever comes already. */
  comeTo: z.uuid('That is not a class').nullish(),
});

/** So many are put in at once; then whatever else waits has its turn. */
const AT_ONCE = 200;
const othersFirst = () => new Promise((resolve) => setImmediate(resolve));

/** Bring people in, all of them or none. */
export async function importPeople(
  db: Db,
  { rows, comeTo }: Immutable<z.infer<typeof importSchema>>,
): Promise<Result<{ added: number; merged: number }>> {
  try {
    await db.transaction(async (tx) => {
      for (const { fields, mergeInto } of rows.filter((r) => r.mergeInto !== null)) {
        const before = await findPerson(tx, mergeInto!);
        if (!before) throw new Refused('Somebody to merge with is no longer on the list.');
        const result = await changePerson(tx, before.id, mergedFields(fieldsOf(before), fields));
        if (!result.ok) throw new Refused(result.message);
      }
      const fresh = rows.filter((r) => r.mergeInto === null).map((r) => ({ id: newId(), fields: r.fields }));
      for (const { fields } of fresh) {
        const problem = conditionProblem(fields);
        if (problem) throw new Refused(problem.message);
      }
      for (let i = 0; i < fresh.length; i += AT_ONCE) {
        await addPeople(tx, fresh.slice(i, i + AT_ONCE));
        await othersFirst();
      }
      if (comeTo)
        await come(tx, comeTo, [...rows.flatMap((r) => r.mergeInto ?? []), ...fresh.map((p) => p.id)]);
    });
  } catch (error) {
    if (error instanceof Refused) return fail('bad-input', `${error.message} Nobody was brought in.`);
    throw error;
  }
  const merged = rows.filter((r) => r.mergeInto !== null).length;
  return ok({ added: rows.length - merged, merged });
}

/** On the roster of a class, beside whoever is there. */
async function come(tx: Db, classId: string, personIds: readonly string[]): Promise<void> {
  if (!(await findClass(tx, classId))) throw new Refused('The class they come to is gone.');
  const there = (await peopleOfClass(tx, classId, 'none')).map((p) => p.id);
  const all = [...new Set([...there, ...personIds])];
  if (all.length > MOST_IN_CLASS) throw new Refused(`A class takes at most ${MOST_IN_CLASS} people.`);
  await setRoster(tx, classId, all);
}

/** Ends the transaction with a sentence. */
class Refused extends Error {}

const fieldsOf = ({
  id: _id,
  archived: _archived,
  ...fields
}: NonNullable<Awaited<ReturnType<typeof findPerson>>>) => fields;

export const exportPeople = async (db: Db): Promise<string> =>
  writePeopleFile(await listPeople(db), CONDITIONS);
