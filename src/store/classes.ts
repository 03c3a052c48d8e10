import type { Plan, PlanStep } from '@/core/plan';
import { taughtPlan } from '@/core/teach';
import type { Db } from './db';

export type ClassStatus = 'planned' | 'teaching' | 'taught' | 'written up';

/** A class with its series. Days are ISO days, times "HH:MM", both local to the venue. */
export type ClassInfo = {
  readonly id: string;
  readonly seriesId: string;
  readonly name: string;
  readonly place: string;
  readonly slotMinutes: number;
  readonly day: string;
  readonly startsAt: string;
  readonly week: number;
  readonly helpers: readonly string[];
  readonly fromClassId: string | null;
  readonly status: ClassStatus;
  readonly expected: number;
  /** How long it was planned for and took, ms; null until it has ended. */
  readonly times: { readonly plannedMs: number; readonly actualMs: number } | null;
};

type ClassRow = {
  id: string;
  series_id: string;
  name: string;
  place: string;
  slot_minutes: number;
  day: string;
  starts_at: string;
  week: number;
  helpers: string[];
  from_class_id: string | null;
  status: ClassStatus;
  expected: number;
  planned_ms: number | null;
  actual_ms: number | null;
};

const select = (classes: string): string => `
select c.id, c.series_id, s.name, s.place, s.slot_minutes, c.day::text, to_char(c.starts_at, 'HH24:MI') as starts_at,
  c.week, c.helpers, c.from_class_id, t.planned_ms, t.actual_ms,
  case when t.class_id is null then 'planned' when t.written_up_at is not null then 'written up'
    when t.ended_at is not null then 'taught' else 'teaching' end as status,
  (select count(*)::int from class_person cp where cp.class_id = c.id
    and cp.person_id <> all (array(select p.id from person p where p.archived_at is not null))) as expected
from ${classes} c join series s on s.id = c.series_id left join taught t on t.class_id = c.id`;
const SELECT = select('class');

const classOf = (r: ClassRow): ClassInfo => ({
  id: r.id,
  seriesId: r.series_id,
  name: r.name,
  place: r.place,
  slotMinutes: r.slot_minutes,
  day: r.day,
  startsAt: r.starts_at,
  week: r.week,
  helpers: r.helpers,
  fromClassId: r.from_class_id,
  status: r.status,
  expected: r.expected,
  times:
    r.planned_ms === null || r.actual_ms === null ? null : { plannedMs: r.planned_ms, actualMs: r.actual_ms },
});

export async function findClass(db: Db, id: string): Promise<ClassInfo | null> {
  const [row] = await db.query<ClassRow>(`${SELECT} where c.id = $1`, [id]);
  return row ? classOf(row) : null;
}

/** So many classes stand on one page of a list. */
export const CLASSES_A_PAGE = 100;

/** The newest classes first, from one place of the whole list on. */
export async function listClasses(db: Db, from = 0): Promise<ClassInfo[]> {
  const rows = await db.query<ClassRow>(
    // First which classes, then all about them.
    `${select('(select * from class order by day desc, starts_at desc, id limit $1 offset $2)')}
     order by c.day desc, c.starts_at desc, c.id`,
    [CLASSES_A_PAGE, from],
  );
  return rows.map(classOf);
}

/** Every class that is written up, oldest first. */
export async function writtenUpClasses(db: Db): Promise<ClassInfo[]> {
  const rows = await db.query<ClassRow>(
    `${SELECT} where t.written_up_at is not null order by c.day, c.starts_at, c.id`,
  );
  return rows.map(classOf);
}

/** Every class from a day on, planned or not, earliest first. */
export async function classesFrom(db: Db, day: string): Promise<ClassInfo[]> {
  const rows = await db.query<ClassRow>(`${SELECT} where c.day >= $1 order by c.day, c.starts_at, c.id`, [
    day,
  ]);
  return rows.map(classOf);
}

/** Classes from a day on, and any before it that are under way, earliest first. */
export async function upcomingClasses(db: Db, day: string): Promise<ClassInfo[]> {
  const rows = await db.query<ClassRow>(
    `${SELECT} where t.written_up_at is null and c.id in (select id from class where day >= $1
       union select class_id from taught where written_up_at is null and ended_at is null)
     order by c.day, c.starts_at, c.id limit 20`,
    [day],
  );
  return rows.map(classOf);
}

/** The last class of each series that was written up since a day and has none after it, the latest first. */
export async function endsOfSeries(db: Db, since: string): Promise<ClassInfo[]> {
  const rows = await db.query<ClassRow>(
    `${SELECT} where t.written_up_at is not null and c.day >= $1
       and not exists (select 1 from class later where later.series_id = c.series_id and later.day > c.day)
     order by c.day desc, c.starts_at desc, c.id`,
    [since],
  );
  return rows.map(classOf);
}

/** Taught but not written up, oldest first. */
export async function openWrapUps(db: Db): Promise<ClassInfo[]> {
  return (
    await db.query<ClassRow>(
      `${SELECT} where t.ended_at is not null and t.written_up_at is null order by c.day, c.starts_at`,
    )
  ).map(classOf);
}

export type NewSeries = { id: string; name: string; place: string; slotMinutes: number };

export async function addSeries(db: Db, series: NewSeries): Promise<void> {
  await db.query('insert into series (id, name, place, slot_minutes) values ($1, $2, $3, $4)', [
    series.id,
    series.name,
    series.place,
    series.slotMinutes,
  ]);
}

export type NewClass = {
  id: string;
  seriesId: string;
  day: string;
  startsAt: string;
  week: number;
  helpers: readonly string[];
  fromClassId: string | null;
  personIds: readonly string[];
  plan: Plan;
};

/** Add a class with its people and its plan at version 0. */
export async function addClass(db: Db, c: NewClass): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query(
      `insert into class (id, series_id, day, starts_at, week, helpers, from_class_id)
       values ($1, $2, $3, $4, $5, $6, $7)`,
      [c.id, c.seriesId, c.day, c.startsAt, c.week, c.helpers, c.fromClassId],
    );
    await tx.query('insert into plan (class_id, current) values ($1, $2)', [c.id, JSON.stringify(c.plan)]);
    await setRoster(tx, c.id, c.personIds);
  });
}

export type ClassDetails = Omit<NewSeries, 'id'> & { day: string; startsAt: string };

/** Change when and where a class is, and how its series is called. */
export async function setDetails(db: Db, classId: string, d: ClassDetails): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query(
      `update series set name = $2, place = $3, slot_minutes = $4
       where id = (select series_id from class where id = $1)`,
      [classId, d.name, d.place, d.slotMinutes],
    );
    await tx.query('update class set day = $2, starts_at = $3, revision = revision + 1 where id = $1', [
      classId,
      d.day,
      d.startsAt,
    ]);
  });
}

/** The class of the same series after this one; null where none is made yet. */
export async function nextOfSeries(
  db: Db,
  { seriesId, day }: Pick<ClassInfo, 'seriesId' | 'day'>,
): Promise<Pick<ClassInfo, 'id' | 'day'> | null> {
  const [next] = await db.query<Pick<ClassInfo, 'id' | 'day'>>(
    'select id, day::text from class where series_id = $1 and day > $2 order by day, starts_at limit 1',
    [seriesId, day],
  );
  return next ?? null;
}

/** Who is expected. People that do not exist are refused by the database. */
export async function setRoster(db: Db, classId: string, personIds: readonly string[]): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query('delete from class_person where class_id = $1', [classId]);
    for (const personId of new Set(personIds))
      await tx.query('insert into class_person (class_id, person_id) values ($1, $2)', [classId, personId]);
  });
}

export async function setHelpers(db: Db, classId: string, helpers: readonly string[]): Promise<void> {
  await db.query('update class set helpers = $2 where id = $1', [classId, helpers]);
}

/** Classes of a series from a day to another, both counted, earliest first. */
export async function classesOfSeries(
  db: Db,
  seriesId: string,
  from: string,
  to: string,
): Promise<ClassInfo[]> {
  const rows = await db.query<ClassRow>(
    `${SELECT} where c.series_id = $1 and c.day between $2 and $3 order by c.day, c.starts_at, c.id`,
    [seriesId, from, to],
  );
  return rows.map(classOf);
}

/** How often the day, time or name of each class was changed, by class id. */
export async function revisions(db: Db): Promise<Record<string, number>> {
  const rows = await db.query<{ id: string; revision: number }>('select id, revision from class');
  return Object.fromEntries(rows.map((r) => [r.id, r.revision]));
}

export type Series = { readonly id: string; readonly name: string; readonly place: string };

/** Every series, by name. */
export const listSeries = (db: Db): Promise<Series[]> =>
  db.query<Series>('select id, name, place from series order by lower(name), id');

export async function setWeek(db: Db, classId: string, week: number): Promise<void> {
  await db.query('update class set week = $2 where id = $1', [classId, week]);
}

/** Taught classes of a series up to a day, oldest first; the newest so many. */
export async function taughtOfSeries(
  db: Db,
  seriesId: string,
  upToDay: string,
  most: number,
): Promise<ClassInfo[]> {
  const rows = await db.query<ClassRow>(
    `${SELECT} where c.series_id = $1 and c.day <= $2 and t.written_up_at is not null order by c.day desc limit $3`,
    [seriesId, upToDay, most],
  );
  return rows.map(classOf).reverse();
}

/** The class of the same series on a day, if there is one. */
export async function classOfSeriesOn(db: Db, seriesId: string, day: string): Promise<string | null> {
  const [row] = await db.query<{ id: string }>('select id from class where series_id = $1 and day = $2', [
    seriesId,
    day,
  ]);
  return row?.id ?? null;
}

/** Movements in the taught classes of a series before a day: what the group has been shown. */
export async function shownMovements(db: Db, seriesId: string, beforeDay: string): Promise<string[]> {
  const rows = await db.query<{ id: string }>(
    // Most classes show what another did: first which lists there are, then what is in them.
    `select distinct m.id from (select distinct t.movements from class c join taught t on t.class_id = c.id
       where c.series_id = $1 and c.day < $2 and t.ended_at is not null) t cross join unnest(t.movements) m (id)
     order by m.id`,
    [seriesId, beforeDay],
  );
  return rows.map((r) => r.id);
}

/** The last day from one to another, both counted, on which each movement was in a class that was taught; ISO days. */
export async function lastDoneDays(db: Db, from: string, until: string): Promise<Record<string, string>> {
  const rows = await db.query<{ id: string; day: string }>(
    `select m.id, max(c.day)::text as day
     from class c join taught t on t.class_id = c.id cross join unnest(t.movements) m (id)
     where c.day between $1 and $2 and t.ended_at is not null group by m.id order by m.id`,
    [from, until],
  );
  return Object.fromEntries(rows.map((r) => [r.id, r.day]));
}

/** A class as it was taught: the plan it began with and what was changed on the way. */
type Done = { plan: Plan; changes: PlanStep[] };
const DONE = `t.snapshot -> 'plan' as plan, coalesce(t.state -> 'changes', '[]'::jsonb) as changes`;
const planDone = ({ plan, changes }: Done): Plan => taughtPlan(plan, changes);

/** The taught class of the series nearest before a day. */
export async function lastTaught(
  db: Db,
  seriesId: string,
  beforeDay: string,
): Promise<{ id: string; day: string; plan: Plan } | null> {
  const [row] = await db.query<{ id: string; day: string } & Done>(
    `select c.id, c.day::text, ${DONE} from class c join taught t on t.class_id = c.id
     where c.series_id = $1 and c.day < $2 and t.ended_at is not null order by c.day desc limit 1`,
    [seriesId, beforeDay],
  );
  return row ? { id: row.id, day: row.day, plan: planDone(row) } : null;
}

/**
 * The class that increases are measured against: of the taught classes nearest before a day, the first that was not in a
 * lighter week of a term. Coming back from a lighter week is no increase.
 */
export async function baselineClass(
  db: Db,
  seriesId: string,
  beforeDay: string,
): Promise<{ readonly id: string; readonly plan: Plan } | null> {
  const rows = await db.query<{ id: string; lighter: boolean } & Done>(
    `select c.id, ${DONE}, coalesce((select w.lighter from term m join term_week w on w.term_id = m.id and w.week = c.week
         where m.series_id = c.series_id and m.first_day <= c.day order by m.first_day desc limit 1), false) as lighter
     from class c join taught t on t.class_id = c.id
     where c.series_id = $1 and c.day < $2 and t.ended_at is not null order by c.day desc limit 6`,
    [seriesId, beforeDay],
  );
  const usual = rows.find((r) => !r.lighter) ?? rows[0];
  return usual ? { id: usual.id, plan: planDone(usual) } : null;
}

/** Plans of the taught classes of a series from a day up to another, newest first. */
export async function taughtPlans(
  db: Db,
  seriesId: string,
  fromDay: string,
  beforeDay: string,
): Promise<Plan[]> {
  const rows = await db.query<Done>(
    `select ${DONE} from class c join taught t on t.class_id = c.id
     where c.series_id = $1 and c.day >= $2 and c.day < $3 and t.ended_at is not null order by c.day desc`,
    [seriesId, fromDay, beforeDay],
  );
  return rows.map(planDone);
}
