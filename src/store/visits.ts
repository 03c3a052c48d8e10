import type { StationId } from '@/core/measure';
import type { Db } from './db';

/** Visits as they are kept, times in ms since 1970; the first comes first. */
export type StoredVisit = {
  readonly personId: string;
  readonly station: StationId;
  readonly startedAt: number;
  readonly endedAt: number | null;
};

export const loadVisits = (db: Db, classId: string): Promise<StoredVisit[]> =>
  db.query<StoredVisit>(
    `select person_id as "personId", station, extract(epoch from started_at)::float8 * 1000 as "startedAt",
       extract(epoch from ended_at)::float8 * 1000 as "endedAt"
     from station_visit where class_id = $1 order by started_at, person_id`,
    [classId],
  );

export async function beginVisit(
  db: Db,
  classId: string,
  personId: string,
  station: StationId,
): Promise<void> {
  await db.query(
    `insert into station_visit (class_id, person_id, station, started_at) values ($1, $2, $3, now())
     on conflict do nothing`,
    [classId, personId, station],
  );
}

export async function endVisit(db: Db, classId: string, personId: string, station: StationId): Promise<void> {
  await db.query(
    `update station_visit set ended_at = now()
     where class_id = $1 and person_id = $2 and station = $3 and ended_at is null`,
    [classId, personId, station],
  );
}

/** As if it had not begun. */
export async function dropVisit(
  db: Db,
  classId: string,
  personId: string,
  station: StationId,
): Promise<void> {
  await db.query('delete from station_visit where class_id = $1 and person_id = $2 and station = $3', [
    classId,
    personId,
    station,
  ]);
}
