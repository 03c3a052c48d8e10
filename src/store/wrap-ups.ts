import { groupBy } from '@/core/group';
import { CLASSES_LOOKED_AT } from '@/core/measure';
import type { ClassLine } from '@/core/people';
import type { WrapUp, WrapUpPerson } from '@/core/teach';
import type { Db } from './db';

export const loadAttendance = async (db: Db, classId: string): Promise<readonly WrapUpPerson[]> =>
  (await attendanceOf(db, [classId])).get(classId) ?? [];

/** Who came to each of these classes, and what was said. */
export async function attendanceOf(
  db: Db,
  classIds: readonly string[],
): Promise<ReadonlyMap<string, readonly WrapUpPerson[]>> {
  const rows = await db.query<WrapUpPerson & { id: string }>(
    `select class_id as id, person_id as "personId", present, pain_before_left as "painBeforeLeft",
       pain_before_right as "painBeforeRight", pain_after_left as "painAfterLeft",
       pain_after_right as "painAfterRight", effort, enjoyed, adapted, notes
     from attendance where class_id = any ($1::uuid[])`,
    [classIds],
  );
  return new Map(
    [...groupBy(rows, (r) => r.id)].map(([id, of]) => [id, of.map(({ id: _, ...line }) => line)]),
  );
}

/** Write a class up: attendance and notes, all or nothing. Writing up again replaces what was there. */
export async function saveWrapUp(db: Db, classId: string, wrapUp: WrapUp): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query('delete from attendance where class_id = $1', [classId]);
    for (const p of wrapUp.people)
      await tx.query(
        `insert into attendance (class_id, person_id, present, pain_before_left, pain_before_right,
           pain_after_left, pain_after_right, effort, enjoyed, adapted, notes)
         values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)`,
        [
          classId,
          p.personId,
          p.present,
          p.painBeforeLeft,
          p.painBeforeRight,
          p.painAfterLeft,
          p.painAfterRight,
          p.effort,
          p.enjoyed,
          p.adapted,
          p.notes,
        ],
      );
    await tx.query(
      'update taught set notes = $2, written_up_at = now(), ended_at = coalesce(ended_at, greatest(now(), started_at)) where class_id = $1',
      [classId, wrapUp.notes],
    );
  });
}

/** Every written-up class of one person, oldest first. */
export async function classLinesOf(db: Db, personId: string): Promise<ClassLine[]> {
  return db.query<ClassLine>(`select ${LINE} from attendance a where a.person_id = $1 order by a.day`, [
    personId,
  ]);
}

const LINE = `a.day::text as day, a.present, json_build_array(a.pain_before_left, a.pain_before_right) as "painBefore",
  json_build_array(a.pain_after_left, a.pain_after_right) as "painAfter", a.effort, a.adapted,
  (select s.slot_minutes from class c join series s on s.id = c.series_id where c.id = a.class_id) as minutes`;

/** Of several people what a look back asks of, however many years they have come: their first and last classes, oldest first. */
export async function classEnds(
  db: Db,
  personIds: readonly string[],
): Promise<ReadonlyMap<string, readonly ClassLine[]>> {
  const came = 'from attendance a where a.person_id = p.id and a.present';
  const told = `${came} and (a.pain_before_left is not null or a.pain_before_right is not null)`;
  const ends = [
    `${came} order by a.day limit 1`,
    `${came} order by a.day desc limit $2`,
    `${told} order by a.day limit $2`,
    `${told} order by a.day desc limit $2`,
  ].map((from) => `(select a.* ${from})`);
  const rows = await db.query<ClassLine & { id: string }>(
    `select p.id, ${LINE} from unnest($1::uuid[]) p (id) cross join lateral (${ends.join(' union ')}) a order by a.day`,
    [personIds, CLASSES_LOOKED_AT],
  );
  return groupBy(rows, (r) => r.id);
}

/** How many classes of a series before a day each of these people has come to, as written up; no more than `most` are counted. */
export async function timesAttended(
  db: Db,
  personIds: readonly string[],
  seriesId: string,
  beforeDay: string,
  most: number,
): Promise<Record<string, number>> {
  const rows = await db.query<{ id: string; times: number }>(
    `select p.id, count(*)::int as times from unnest($1::uuid[]) p (id) cross join lateral
       (select from attendance a join class c on c.id = a.class_id
        where a.person_id = p.id and a.present and a.day < $3 and c.series_id = $2 order by a.day desc limit $4) a
     group by 1`,
    [personIds, seriesId, beforeDay, most],
  );
  return Object.fromEntries(rows.map((r) => [r.id, r.times]));
}

/** The day of the first class of each of these people. */
export async function firstDays(db: Db, personIds: readonly string[]): Promise<Record<string, string>> {
  const rows = await db.query<{ id: string; day: string }>(
    `select p.id, a.day::text from unnest($1::uuid[]) p (id) cross join lateral
       (select day from attendance a where a.person_id = p.id and a.present order by a.day limit 1) a`,
    [personIds],
  );
  return Object.fromEntries(rows.map((r) => [r.id, r.day]));
}
