import { z } from 'zod';
import { CONDITIONS } from '@/catalogue/conditions';
import { mergedFields, MOST_PEOPLE, writePeopleFile } from '@/core/formats/people-csv';
import { personFieldsSchema } from '@/core/people/person';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { findPerson, listPeople } from '@/store/people';
import { addPerson, changePerson } from './people';

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
    .max(MOST_PEOPLE, 'At most 5,000 people at once'),
});

/** Bring people in, all of them or none. */
export async function importPeople(
  db: Db,
  { rows }: z.infer<typeof importSchema>,
): Promise<Result<{ added: number; merged: number }>> {
  let added = 0;
  let merged = 0;
  try {
    await db.transaction(async (tx) => {
      for (const { fields, mergeInto } of rows) {
        const before = mergeInto && (await findPerson(tx, mergeInto));
        if (mergeInto && !before) throw new Refused('Somebody to merge with is no longer on the list.');
        const result = before
          ? await changePerson(tx, before.id, mergedFields(fieldsOf(before), fields))
          : await addPerson(tx, fields);
        if (!result.ok) throw new Refused(result.message);
        if (before) merged += 1;
        else added += 1;
      }
    });
  } catch (error) {
    if (error instanceof Refused) return fail('bad-input', `${error.message} Nobody was brought in.`);
    throw error;
  }
  return ok({ added, merged });
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
