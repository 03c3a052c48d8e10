import type { DecisionKind, OwnRung } from '@/core/progress';
import type { Db } from './db';

/** What was proposed for a person in a family after a class, and what the instructor made of it. */
export type TakenDecision = {
  readonly personId: string;
  readonly family: string;
  readonly kind: DecisionKind;
  readonly rungs: number | null;
  readonly reasons: readonly string[];
  readonly taken: 'accepted' | 'changed' | 'left';
  readonly takenRungs: number | null;
};

export const loadDecisions = (db: Db, classId: string): Promise<TakenDecision[]> =>
  db.query<TakenDecision>(
    `select person_id as "personId", family, kind, rungs, reasons, taken, taken_rungs as "takenRungs"
     from decision where class_id = $1 order by at, person_id, family`,
    [classId],
  );

/** The first answer to a proposal stands; a second changes nothing. False when there was one. */
export async function addDecision(db: Db, classId: string, d: TakenDecision): Promise<boolean> {
  const added = await db.query(
    `insert into decision (class_id, person_id, family, kind, rungs, reasons, taken, taken_rungs)
     values ($1, $2, $3, $4, $5, $6, $7, $8) on conflict do nothing returning class_id`,
    [classId, d.personId, d.family, d.kind, d.rungs, JSON.stringify(d.reasons), d.taken, d.takenRungs],
  );
  return added.length > 0;
}

/** The own rungs of everyone in a series. */
export const loadOwnRungs = (db: Db, seriesId: string): Promise<OwnRung[]> =>
  db.query<OwnRung>(
    `select person_id as "personId", movement_id as "movementId", rung from own_rung where series_id = $1
     order by person_id, movement_id`,
    [seriesId],
  );

/** Put somebody on a rung; the highest they have stood on, `from` among them, is kept for reference. */
export async function setOwnRung(
  db: Db,
  seriesId: string,
  { personId, movementId, rung }: OwnRung,
  from: number,
  day: string,
): Promise<void> {
  await db.query(
    `insert into own_rung (series_id, person_id, movement_id, rung, best, since)
     values ($1, $2, $3, $4, $5, $6)
     on conflict (series_id, person_id, movement_id) do update
       set rung = excluded.rung, best = greatest(own_rung.best, excluded.best), since = excluded.since`,
    [seriesId, personId, movementId, rung, Math.max(rung, from), day],
  );
}

/** Written-up classes from a day on of which nobody has decided anything yet, oldest first. */
export const undecidedClasses = (
  db: Db,
  fromDay: string,
): Promise<{ id: string; name: string; day: string }[]> =>
  db.query(
    `select c.id, s.name, c.day::text from class c join series s on s.id = c.series_id join taught t on t.class_id = c.id
     where t.written_up_at is not null and c.day >= $1
       and not exists (select 1 from decision d where d.class_id = c.id) order by c.day`,
    [fromDay],
  );
