import type { Incident } from '@/core/teach';
import type { Db } from './db';

export type StoredIncident = Incident & {
  /** On the wall clock. */
  readonly at: string;
  readonly called: string;
  readonly day: string;
};

/** Kept once, however often it is sent. */
export async function saveIncident(db: Db, classId: string, i: Incident): Promise<void> {
  await db.query(
    `insert into incident (id, class_id, person_id, sign, what, done, happened_at, called)
     values ($1, $2, $3, $4, $5, $6, $7, $8)
     on conflict (id) do update set sign = $4, what = $5, done = $6, happened_at = $7, called = $8`,
    [i.id, classId, i.personId, i.sign, i.what, i.done, i.happenedAt ?? null, i.called ?? ''],
  );
}

const SELECT = `select i.id, i.person_id as "personId", i.sign, i.what, i.done, i.called,
  coalesce(i.happened_at, to_char(i.at, 'HH24:MI')) as at,
  c.day::text as day from incident i join class c on c.id = i.class_id`;

export const incidentsOfClass = (db: Db, classId: string): Promise<StoredIncident[]> =>
  db.query<StoredIncident>(`${SELECT} where i.class_id = $1 order by i.at`, [classId]);

export const incidentsOfPerson = (db: Db, personId: string): Promise<StoredIncident[]> =>
  db.query<StoredIncident>(`${SELECT} where i.person_id = $1 order by i.at`, [personId]);

export async function findIncident(db: Db, classId: string, id: string): Promise<StoredIncident | null> {
  const [found] = await db.query<StoredIncident>(`${SELECT} where i.class_id = $1 and i.id = $2`, [
    classId,
    id,
  ]);
  return found ?? null;
}
