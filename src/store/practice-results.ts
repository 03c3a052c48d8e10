import { practiceResultSchema, type PracticeResult } from '@/core/practice';
import type { Db } from './db';

export type KeptPractice = {
  readonly id: string;
  readonly day: string;
  /** What was taught. */
  readonly name: string;
  readonly result: PracticeResult;
};

const MINE = 'owner_id is not distinct from oskil_me()';
/** So many are kept of one instructor; the oldest go. */
const MOST_KEPT = 500;

/** Newest first; what a backup brought in another shape is left out. */
export async function listPractices(db: Db): Promise<KeptPractice[]> {
  const kept = await db.query<KeptPractice>(
    `select id, day::text, name, result from practice_result where ${MINE} order by kept_at desc, id`,
  );
  return kept.filter((k) => practiceResultSchema.safeParse(k.result).success);
}

/** Sent twice it is kept once. */
export async function keepPractice(db: Db, { id, day, name, result }: KeptPractice): Promise<void> {
  await db.query(
    `insert into practice_result (id, day, name, result) values ($1, $2, $3, $4) on conflict do nothing`,
    [id, day, name, JSON.stringify(result)],
  );
  await db.query(
    `delete from practice_result where ${MINE} and id in
       (select id from practice_result where ${MINE} order by kept_at desc, id offset $1)`,
    [MOST_KEPT],
  );
}

export async function dropPractices(db: Db): Promise<void> {
  await db.query(`delete from practice_result where ${MINE}`);
}
