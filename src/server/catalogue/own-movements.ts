import { z } from 'zod';
import { CATALOGUE } from '@/catalogue/movements';
import { ownIssues, ownOf, withOwn, type OwnMovementInput } from '@/core/catalogue';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { archiveOwn, findOwn, listOwn, saveOwn } from '@/store/own-movements';
import { newId } from '../shell/ids';

export const archiveOwnSchema = z.strictObject({ archived: z.boolean() });

/** Make a new own movement; the id in the request is only a place-holder. */
export function addOwn(db: Db, input: OwnMovementInput): Promise<Result<{ id: string }>> {
  return save(db, { ...input, movement: { ...input.movement, id: `own-${newId()}` } });
}

export async function changeOwn(
  db: Db,
  id: string | undefined,
  input: OwnMovementInput,
): Promise<Result<{ id: string }>> {
  if (!id || !(await findOwn(db, id)))
    return fail('not-found', 'There is no such movement of yours. What you typed is still here.');
  return save(db, { ...input, movement: { ...input.movement, id } });
}

async function save(db: Db, input: OwnMovementInput): Promise<Result<{ id: string }>> {
  const own = ownOf(input);
  const current = (await listOwn(db)).filter((o) => !o.archived);
  const [issue] = ownIssues(own, withOwn(CATALOGUE, current));
  if (issue) return fail('not-whole', `${issue}. Nothing was saved.`);
  if (!(await saveOwn(db, own))) return fail('exists', 'Another movement has this name already.');
  return ok({ id: own.movement.id });
}

export async function putAway(
  db: Db,
  id: string | undefined,
  archived: boolean,
): Promise<Result<{ archived: boolean }>> {
  return id && (await archiveOwn(db, id, archived))
    ? ok({ archived })
    : fail('not-found', 'There is no such movement of yours, or its name is taken meanwhile.');
}
