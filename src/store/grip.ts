import { groupBy } from '@/core/group';
import type { GripTest } from '@/core/measure';
import type { Db } from './db';

/** A person's grip tests, oldest first. */
export const loadGripTests = (db: Db, personId: string): Promise<GripTest[]> =>
  db.query<GripTest>('select day::text, trials from grip_test where person_id = $1 order by day, at, id', [
    personId,
  ]);

/** Those of several people, oldest first. */
export async function gripTestsOf(
  db: Db,
  personIds: readonly string[],
): Promise<ReadonlyMap<string, readonly GripTest[]>> {
  const rows = await db.query<GripTest & { id: string }>(
    'select person_id as id, day::text, trials from grip_test where person_id = any ($1::uuid[]) order by day, at, id',
    [personIds],
  );
  return groupBy(rows, (r) => r.id);
}

export async function addGripTest(
  db: Db,
  id: string,
  personId: string,
  { day, trials }: GripTest,
): Promise<void> {
  await db.query('insert into grip_test (id, person_id, day, trials) values ($1, $2, $3, $4)', [
    id,
    personId,
    day,
    JSON.stringify(trials),
  ]);
}
