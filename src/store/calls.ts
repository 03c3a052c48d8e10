import type { FollowUpAnswer } from '@/core/teach';
import type { Db } from './db';

/** What people answered after a class. */
export const loadCalls = (db: Db, classId: string): Promise<FollowUpAnswer[]> =>
  db.query<FollowUpAnswer>(
    'select person_id as "personId", slot, worse from call_answer where class_id = $1 order by asked_at, person_id',
    [classId],
  );

/** Keep an answer; asking again replaces it. */
export async function saveCall(
  db: Db,
  classId: string,
  { personId, slot, worse }: FollowUpAnswer,
): Promise<void> {
  await db.query(
    `insert into call_answer (class_id, person_id, slot, worse) values ($1, $2, $3, $4)
     on conflict (class_id, person_id, slot) do update set worse = excluded.worse, asked_at = now()`,
    [classId, personId, slot, worse],
  );
}
