import { fail, ok, type Result } from '@/core/result';
import { type Incident } from '@/core/teach';
import type { Db } from '@/store/db';
import { saveIncident } from '@/store/incidents';
import { loadTaught } from '@/store/teaching';
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
