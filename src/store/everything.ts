import type { Db } from './db';
import { findPerson } from './people';

/** All that is held about one person, table by table; null when there is no such person. */
export async function everythingAbout(db: Db, id: string): Promise<Record<string, unknown> | null> {
  const person = await findPerson(db, id);
  if (!person) return null;
  const rows = (sql: string) => db.query<Record<string, unknown>>(sql, [id]);
  return {
    person,
    changes: await rows('select changed_at::text, what from person_change where person_id = $1 order by id'),
    classes: await rows(
      `select s.name, c.day::text, c.week from class_person cp join class c on c.id = cp.class_id
         join series s on s.id = c.series_id where cp.person_id = $1 order by c.day`,
    ),
    attendance: await rows(
      `select c.day::text, to_jsonb(a) - 'class_id' - 'person_id' as line
       from attendance a join class c on c.id = a.class_id where a.person_id = $1 order by c.day`,
    ),
    marks: await rows(
      `select c.day::text, m.row_id, m.mark, m.hand from mark m join class c on c.id = m.class_id
       where m.person_id = $1 order by c.day, m.at_ms`,
    ),
    whileTeaching: await rows(
      `select c.day::text, e.kind, e.row_id, e.words from teach_event e join class c on c.id = e.class_id
       where e.person_id = $1 order by c.day, e.seq`,
    ),
    checkIns: await rows(
      `select c.day::text, to_jsonb(k) - 'class_id' - 'person_id' as said
       from check_in k join class c on c.id = k.class_id where k.person_id = $1 order by c.day`,
    ),
    answersInClass: await rows(
      `select c.day::text, k.check_in as said from class_answer k join class c on c.id = k.class_id
       where k.person_id = $1 order by c.day, k.stored_at`,
    ),
    askedAfterwards: await rows(
      `select c.day::text, a.slot, a.worse from call_answer a join class c on c.id = a.class_id
       where a.person_id = $1 order by c.day, a.asked_at`,
    ),
    gripTests: await rows(
      'select day::text, trials, simulated, instrument from grip_test where person_id = $1 order by day',
    ),
    homePractice: await rows(
      `select c.day::text, h.rows, h.times_a_day,
         (select coalesce(json_agg(json_build_object('day', d.day::text, 'times', d.times) order by d.day), '[]'::json)
          from home_day d where d.card_id = h.id) as told
       from home_card h join class c on c.id = h.class_id where h.person_id = $1 order by c.day`,
    ),
    measuringDays: await rows(
      `select c.day::text, v.station, v.started_at::text, v.ended_at::text from station_visit v
       join class c on c.id = v.class_id where v.person_id = $1 order by v.started_at`,
    ),
    decisions: await rows(
      `select c.day::text, d.family, d.kind, d.reasons, d.taken, d.taken_rungs from decision d
       join class c on c.id = d.class_id where d.person_id = $1 order by c.day, d.family`,
    ),
    ownRungs: await rows(
      'select movement_id, rung, best, since::text from own_rung where person_id = $1 order by movement_id',
    ),
    incidents: await rows(
      'select at::text, happened_at, sign, what, done, called from incident where person_id = $1 order by at',
    ),
    typedAndNotSaved: await rows(
      `select form, typed_at::text, body from unsaved_form where form = 'person.' || $1::text`,
    ),
    classesTakenAway: await rows(
      `select name, day::text, taken_at::text, rows from taken_away where strpos(rows::text, $1::text) > 0
       order by taken_at`,
    ),
    recordsInTaughtClasses: await rows(
      `select c.day::text, p.value as record from taught t join class c on c.id = t.class_id
         cross join jsonb_array_elements(t.snapshot -> 'people') p
       where p.value ->> 'id' = $1::text order by c.day`,
    ),
  };
}

/** Erase a person: the record and all that hangs on it, and their copy in every taught class. False when there is none. */
export async function erasePerson(db: Db, id: string): Promise<boolean> {
  return db.transaction(async (tx) => {
    await tx.query(
      `update taught set snapshot = jsonb_set(snapshot, '{people}',
         (select coalesce(jsonb_agg(p.value), '[]'::jsonb) from jsonb_array_elements(snapshot -> 'people') p
          where p.value ->> 'id' <> $1))
       where snapshot -> 'people' @> jsonb_build_array(jsonb_build_object('id', $1::text))`,
      [id],
    );
    await tx.query(
      `update taught set state = jsonb_set(state, '{rungShifts}',
         (select coalesce(jsonb_agg(w.value), '[]'::jsonb) from jsonb_array_elements(state -> 'rungShifts') w
          where w.value ->> 'personId' <> $1))
       where state -> 'rungShifts' @> jsonb_build_array(jsonb_build_object('personId', $1::text))`,
      [id],
    );
    await tx.query('delete from incident where person_id = $1::uuid', [id]);
    // A class that was taken away with them in it cannot be put back any more.
    await tx.query('delete from taken_away where strpos(rows::text, $1) > 0', [id]);
    await tx.query("delete from unsaved_form where form = 'person.' || $1 or strpos(body::text, $1) > 0", [
      id,
    ]);
    return (await tx.query('delete from person where id = $1::uuid returning id', [id])).length > 0;
  });
}
