import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { CONDITIONS } from '@/catalogue/conditions';
import { CATALOGUE } from '@/catalogue/movements';
import { besideWords, metWords } from '@/core/meanwhile';
import {
  changesBetween,
  mergeRecords,
  personFieldsSchema,
  withFlaresSettled,
  type ChangeNames,
  type PersonFields,
} from '@/core/people';
import { fail, ok, type Failure, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { ownership } from '@/store/instructors';
import { addChanges, lockPerson, savePerson, setArchived } from '@/store/people';
import { idFrom, newId } from '../shell/ids';
import { today } from '../shell/today';

/** A record as it is to be; `before` as it was when it was opened, and `over` to win where somebody else changed the same. */
export const personChangeSchema = personFieldsSchema.extend({
  before: personFieldsSchema.optional(),
  over: z.boolean().optional(),
});
type PersonChange = Immutable<z.infer<typeof personChangeSchema>>;

export const archiveSchema = z.strictObject({ archived: z.boolean() });

/** Names for the log of changes. */
export const NAMES: ChangeNames = {
  condition: (id) => CONDITIONS.find((c) => c.id === id)?.name ?? 'A condition',
  prop: (id) => CATALOGUE.prop(id)?.name ?? 'a prop',
};

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
  { before, over, ...mine }: PersonChange,
): Promise<Result<{ id: string; beside?: string }>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const problem = conditionProblem(mine);
  if (problem) return problem;
  return db.transaction(async (tx) => {
    const stored = await lockPerson(tx, id.value);
    if (!stored) return fail('not-found', 'There is no such person. What you typed is still here.');
    const { id: _id, archived: _archived, ...now } = stored;
    const { merged: both, contested } = mergeRecords(before ?? now, mine, now);
    const merged = withFlaresSettled(now, both, today());
    const met = changesBetween(before ?? now, contested, NAMES);
    if (met.length > 0 && !over) return fail('changed-elsewhere', metWords(RECORD, met));
    await savePerson(tx, id.value, merged);
    await addChanges(tx, id.value, changesBetween(now, merged, NAMES));
    const others = changesBetween(contested, now, NAMES);
    return ok({ id: id.value, ...(others.length > 0 && { beside: besideWords(RECORD, others) }) });
  });
}

const RECORD = 'this record';

export async function archivePerson(
  db: Db,
  rawId: string | undefined,
  archived: boolean,
): Promise<Result<{ archived: boolean }>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const whose = await ownership(db, 'person', id.value);
  if (whose && !whose.mine)
    return fail('not-yours', 'Only the instructor whose record it is can put it away. Nothing was changed.');
  return (await setArchived(db, id.value, archived))
    ? ok({ archived })
    : fail('not-found', 'There is no such person.');
}

/** Conditions are known ones, on a hand when they belong to a hand, and listed once a side. */
export function conditionProblem(fields: PersonFields): Failure | null {
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
