import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { fullName } from '@/core/people';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { rememberErased } from '@/store/erased';
import { erasePerson, everythingAbout } from '@/store/everything';
import { ownership } from '@/store/instructors';
import { findPerson } from '@/store/people';
import { idFrom } from '../shell/ids';

/** The name typed again, so that nobody is erased by a slip. */
export const eraseSchema = z.strictObject({ name: z.string().trim().max(80) });

/**
 * `seen` is the data as the instructor sees it, `whole` all of it: somebody who is erased is so from the classes of every
 * instructor.
 */
export async function eraseForGood(
  seen: Db,
  whole: Db,
  rawId: string | undefined,
  { name }: Immutable<z.infer<typeof eraseSchema>>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const person = await findPerson(seen, id.value);
  if (!person) return fail('not-found', 'There is no such person.');
  if (name.toLowerCase() !== fullName(person).toLowerCase())
    return fail('bad-input', `Type ${fullName(person)} to erase this record. Nothing was erased.`);
  if (!(await ownership(seen, 'person', id.value))?.mine)
    return fail('not-yours', 'Only the instructor whose record it is can erase it. Nothing was erased.');
  await whole.transaction(async (tx) => {
    await erasePerson(tx, id.value);
    await rememberErased(tx, id.value);
  });
  return ok({});
}

/** All for the instructor whose record it is; for others what they see. */
export async function allThatIsHeld(seen: Db, whole: Db, rawId: string | undefined): Promise<Result<object>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const isMine = (await ownership(seen, 'person', id.value))?.mine;
  const all = await everythingAbout(isMine ? whole : seen, id.value);
  return all ? ok(all) : fail('not-found', 'There is no such person.');
}
