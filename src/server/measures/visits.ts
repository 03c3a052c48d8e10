import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { STATION_IDS } from '@/core/measure';
import { fail, ok, type Result } from '@/core/result';
import { findClass } from '@/store/classes';
import type { Db } from '@/store/db';
import { peopleOfClass } from '@/store/people';
import { beginVisit, dropVisit, endVisit, loadVisits, type StoredVisit } from '@/store/visits';
import { idFrom } from '../shell/ids';

export const visitSchema = z.strictObject({
  personId: z.uuid('That is not a person'),
  station: z.enum(STATION_IDS, 'There is no such station'),
  what: z.enum(['begin', 'end', 'take back']),
});

/** Somebody sits down at a station, is done there, or was not there after all; one at a time at each. */
export async function changeVisit(
  db: Db,
  rawId: string | undefined,
  { personId, station, what }: Immutable<z.infer<typeof visitSchema>>,
): Promise<Result<{ visits: StoredVisit[] }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  if (!(await findClass(db, id.value))) return fail('not-found', 'There is no such class.');
  if (!(await peopleOfClass(db, id.value)).some((p) => p.id === personId))
    return fail('not-found', 'That person is not in this class.');
  const busy = await loadVisits(db, id.value);
  if (what === 'begin' && busy.some((v) => v.station === station && v.endedAt === null))
    return fail('busy', 'Somebody is at that station. Mark them done first.');
  if (what === 'begin' && busy.some((v) => v.personId === personId && v.endedAt === null))
    return fail('busy', 'That person is at another station.');
  await { begin: beginVisit, end: endVisit, 'take back': dropVisit }[what](db, id.value, personId, station);
  return ok({ visits: await loadVisits(db, id.value) });
}
