import { z } from 'zod';
import { CONDITIONS } from '@/catalogue/conditions';
import { personFieldsSchema, type PersonFields } from '@/core/people/person';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { findPerson, savePerson, setArchived } from '@/store/people';
import { idFrom, newId } from './ids';

export { personFieldsSchema };
export const archiveSchema = z.strictObject({ archived: z.boolean() });

export async function addPerson(db: Db, fields: PersonFields): Promise<Result<{ id: string }>> {
  const problem = conditionProblem(fields);
  if (problem) return problem;
  const id = newId();
  await savePerson(db, id, fields);
  return ok({ id });
}

export async function changePerson(
  db: Db,
  rawId: string | undefined,
  fields: PersonFields,
): Promise<Result<{ id: string }>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const problem = conditionProblem(fields);
  if (problem) return problem;
  if (!(await findPerson(db, id.value)))
    return fail('not-found', 'There is no such person. What you typed is still here.');
  await savePerson(db, id.value, fields);
  return ok({ id: id.value });
}

export async function archivePerson(
  db: Db,
  rawId: string | undefined,
  archived: boolean,
): Promise<Result<{ archived: boolean }>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  return (await setArchived(db, id.value, archived))
    ? ok({ archived })
    : fail('not-found', 'There is no such person.');
}

/** Conditions are known ones, on a hand when they belong to a hand, and listed once a side. */
function conditionProblem(fields: PersonFields) {
  const seen = new Set<string>();
  for (const c of fields.conditions) {
    const known = CONDITIONS.find((k) => k.id === c.conditionId);
    if (!known) return fail('bad-input', 'One of the conditions is not in the list. Choose it again.');
    if (known.sided === (c.side === 'none')) return fail('bad-input', `Say which hand for ${known.name}.`);
    const key = `${c.conditionId} ${c.side}`;
    if (seen.has(key)) return fail('bad-input', `${known.name} is listed twice for the same hand.`);
    seen.add(key);
  }
  return null;
}
