import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { changesBetween, withConditions, type PersonCondition } from '@/core/people';
import { fail, ok, type Result } from '@/core/result';
import { impliedBy, type Incident } from '@/core/teach';
import type { Db } from '@/store/db';
import { findIncident, saveIncident } from '@/store/incidents';
import { addChanges, lockPerson, savePerson } from '@/store/people';
import { addConditionToTaught, loadTaught } from '@/store/teaching';
import { NAMES } from '../people/people';
import { idFrom } from '../shell/ids';

export async function recordIncident(
  db: Db,
  rawId: string | undefined,
  incident: Incident,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  if (!taught) return fail('not-found', 'This class has not begun.');
  const known = incident.personId === null || taught.snapshot.people.some((p) => p.id === incident.personId);
  if (!known) return fail('bad-input', 'This person is not in the class.');
  await saveIncident(db, id.value, incident);
  return ok({});
}

export const impliedSchema = z.strictObject({
  incidentId: z.uuid('That is not an incident'),
  side: z.enum(['L', 'R', 'both', 'none']),
});

/** Put on somebody's record what an incident proposes; where the class is still under way it counts in it at once. */
export async function recordImplied(
  db: Db,
  rawId: string | undefined,
  { incidentId, side }: Immutable<z.infer<typeof impliedSchema>>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const incident = await findIncident(db, id.value, incidentId);
  if (!incident?.personId) return fail('not-found', 'There is no such record of somebody in this class.');
  const implied = impliedBy(incident.sign);
  if (!implied) return fail('bad-input', 'This record proposes nothing. Change the person’s record instead.');
  if (implied.sided === (side === 'none')) return fail('bad-input', 'Say which hand.');
  const { personId } = incident;
  const condition: PersonCondition = {
    conditionId: implied.conditionId,
    side,
    state: implied.state,
    since: incident.day,
    spots: [],
  };
  return db.transaction(async (tx) => {
    const stored = await lockPerson(tx, personId);
    if (!stored) return fail('not-found', 'There is no such person.');
    const { id: _id, archived: _archived, ...before } = stored;
    const after = { ...before, conditions: withConditions(before.conditions, [condition]) };
    await savePerson(tx, personId, after);
    await addChanges(tx, personId, changesBetween(before, after, NAMES));
    await addConditionToTaught(tx, id.value, personId, condition);
    return ok({});
  });
}
