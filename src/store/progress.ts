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

/** One that is stored; it can be taken back where it is known how the rungs stood before it. */
export type StoredDecision = TakenDecision & { readonly canTakeBack: boolean };

/** A rung of one's own as it is stored; null where there was none. */
export type StoredRung = {
  readonly movementId: string;
  readonly was: { readonly rung: number; readonly best: number; readonly since: string } | null;
};

export const loadDecisions = (db: Db, classId: string): Promise<StoredDecision[]> =>
  db.query<StoredDecision>(
    `select person_id as "personId", family, kind, rungs, reasons, taken, taken_rungs as "takenRungs",
       stood is not null as "canTakeBack"
     from decision where class_id = $1 order by at, person_id, family`,
    [classId],
  );

/** The first answer to a proposal stands; a second changes nothing. False when there was one. */
export async function addDecision(
  db: Db,
  classId: string,
  d: TakenDecision,
  stood: readonly StoredRung[],
): Promise<boolean> {
  const added = await db.query(
    `insert into decision (class_id, person_id, family, kind, rungs, reasons, taken, taken_rungs, stood)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9) on conflict do nothing returning class_id`,
    [
      classId,
      d.personId,
      d.family,
      d.kind,
      d.rungs,
      JSON.stringify(d.reasons),
      d.taken,
      d.takenRungs,
      JSON.stringify(stood),
    ],
  );
  return added.length > 0;
}

/** Take a decision out; how the rungs stood before it, or null where there is none or that is not known. */
export async function removeDecision(
  db: Db,
  classId: string,
  personId: string,
  family: string,
): Promise<readonly StoredRung[] | null> {
  const [removed] = await db.query<{ stood: readonly StoredRung[] }>(
    `delete from decision where class_id = $1 and person_id = $2 and family = $3 and stood is not null returning stood`,
    [classId, personId, family],
  );
  return removed?.stood ?? null;
}

/** Whether something was decided about somebody after a later class of the series. */
export async function decidedSince(
  db: Db,
  seriesId: string,
  day: string,
  personId: string,
  family: string,
): Promise<boolean> {
  const later = await db.query(
    `select 1 from decision d join class c on c.id = d.class_id
     where c.series_id = $1 and c.day > $2 and d.person_id = $3 and d.family = $4 limit 1`,
    [seriesId, day, personId, family],
  );
  return later.length > 0;
}

/** How somebody's rungs are stored for these movements. */
export async function storedRungs(
  db: Db,
  seriesId: string,
  personId: string,
  movementIds: readonly string[],
): Promise<readonly StoredRung[]> {
  const rows = await db.query<NonNullable<StoredRung['was']> & { movementId: string }>(
    `select movement_id as "movementId", rung, best, since::text from own_rung
     where series_id = $1 and person_id = $2 and movement_id = any ($3)`,
    [seriesId, personId, movementIds],
  );
  return movementIds.map((movementId) => {
    const row = rows.find((r) => r.movementId === movementId);
    return { movementId, was: row ? { rung: row.rung, best: row.best, since: row.since } : null };
  });
}

/** Put somebody's rungs back as they stood. */
export async function putRungsBack(
  db: Db,
  seriesId: string,
  personId: string,
  stood: readonly StoredRung[],
): Promise<void> {
  for (const { movementId, was } of stood)
    if (was)
      await db.query(
        `update own_rung set rung = $4, best = $5, since = $6
         where series_id = $1 and person_id = $2 and movement_id = $3`,
        [seriesId, personId, movementId, was.rung, was.best, was.since],
      );
    else
      await db.query('delete from own_rung where series_id = $1 and person_id = $2 and movement_id = $3', [
        seriesId,
        personId,
        movementId,
      ]);
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
