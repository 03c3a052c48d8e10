import { z } from 'zod';
import { fullName } from '@/core/people/person';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { erasePerson, everythingAbout } from '@/store/everything';
import { findPerson } from '@/store/people';
import { idFrom } from './ids';

/** The name typed again, so that nobody is erased by a slip. */
export const eraseSchema = z.strictObject({ name: z.string().trim().max(80) });

export async function eraseForGood(
  db: Db,
  rawId: string | undefined,
  { name }: z.infer<typeof eraseSchema>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const person = await findPerson(db, id.value);
  if (!person) return fail('not-found', 'There is no such person.');
  if (name.toLowerCase() !== fullName(person).toLowerCase())
    return fail('bad-input', `Type ${fullName(person)} to erase this record. Nothing was erased.`);
  await erasePerson(db, id.value);
  return ok({});
}

export async function allThatIsHeld(db: Db, rawId: string | undefined): Promise<Result<object>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const all = await everythingAbout(db, id.value);
  return all ? ok(all) : fail('not-found', 'There is no such person.');
}
