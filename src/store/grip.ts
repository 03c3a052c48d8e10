import { groupBy } from '@/core/group';
import type { GripTest } from '@/core/measure';
import { withoutNulls, type Db } from './db';

/** A person's grip tests, oldest first. */
export const loadGripTests = async (db: Db, personId: string): Promise<readonly GripTest[]> =>
  (await gripTestsOf(db, [personId])).get(personId) ?? [];

/** Those of several people, oldest first. */
export async function gripTestsOf(
  db: Db,
  personIds: readonly string[],
): Promise<ReadonlyMap<string, readonly GripTest[]>> {
  const rows = await db.query<GripTest & { of: string }>(
    `select person_id as "of", day::text, trials, simulated, instrument from grip_test
     where person_id = any ($1::uuid[]) order by day, at, id`,
    [personIds],
  );
  const byPerson = groupBy(rows, (r) => r.of);
  return new Map(
    [...byPerson].map(([id, tests]) => [id, tests.map(({ of: _, ...test }) => withoutNulls(test))]),
  );
}

export async function addGripTest(
  db: Db,
  id: string,
  personId: string,
  { day, trials, simulated, instrument }: GripTest,
): Promise<void> {
  await db.query(
    'insert into grip_test (id, person_id, day, trials, simulated, instrument) values ($1, $2, $3, $4, $5, $6)',
    [
      id,
      personId,
      day,
      JSON.stringify(trials),
      simulated ?? null,
      instrument ? JSON.stringify(instrument) : null,
    ],
  );
}
