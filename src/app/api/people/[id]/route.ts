import { clearErased } from '@/server/backup/daily';
import { database } from '@/server/shell/database';
import { eraseForGood, eraseSchema } from '@/server/people/erase';
import { jsonRoute } from '@/server/shell/http';
import { changePerson, personChangeSchema } from '@/server/people/people';

/** A record with years of measures, twice: as it was and as it is to be. */
const MAX_BYTES = 1024 * 1024;

export const PUT = jsonRoute(
  personChangeSchema,
  (db, change, { id }) => changePerson(db, id, change),
  MAX_BYTES,
);
export const DELETE = jsonRoute(eraseSchema, async (db, body, { id }) => {
  const erased = await eraseForGood(db, await database(), id, body);
  // Their backups take a while; the answer does not wait for it.
  if (erased.ok) void clearErased();
  return erased;
});
