import {
  isOfWholePerson,
  MEASURE_KINDS,
  type Clearance,
  type Measure,
  type Person,
  type PersonCondition,
  type PersonFields,
} from '@/core/people';
import type { Db } from './db';

type PersonRow = {
  id: string;
  first_name: string;
  initial: string;
  dominant_hand: 'L' | 'R';
  screened: boolean;
  assistance: number;
  wanted_task: string;
  notes: string;
  archived: boolean;
  positions: Person['positions'];
  props_out: string[];
  props_home: string[];
  measures: Measure[];
  height_cm: number | null;
  mass_kg: number | null;
  contact: string;
  agreed_on: string | null;
  conditions: (PersonCondition & { readonly settledOn: string | null })[];
  clearances: Clearance[];
};

/** Measures of a person: all there ever were, the newest of each kind and hand, which is all that a plan asks of, or none for a list. */
type Measured = 'all' | 'newest' | 'none';

const HANDS_AND_KINDS = MEASURE_KINDS.flatMap((kind) =>
  (isOfWholePerson(kind) ? ['both'] : ['L', 'R']).map((hand) => `('${hand}', '${kind}')`),
).join(', ');

/** The newest of each kind and hand of a person `p`: a look into the index for each, however many years of them there are. */
const NEWEST = `(select n.* from (values ${HANDS_AND_KINDS}) of_each (h, k) cross join lateral
    (select * from measure n where n.person_id = p.id and n.hand = h and n.kind = k
       and n.simulated is distinct from 'own' order by n.on_day desc limit 1) n) m`;

const MEASURES: Readonly<Record<Measured, string>> = {
  all: 'measure m where m.person_id = p.id',
  newest: NEWEST,
  none: 'measure m where false',
};

const select = (measured: Measured): string => `
select p.id, p.first_name, p.initial, p.dominant_hand, p.screened, p.assistance, p.wanted_task, p.notes,
  p.positions, p.props_out, p.props_home, p.height_cm, p.mass_kg,
  p.contact, p.agreed_on::text, p.archived_at is not null as archived,
  coalesce((select json_agg(json_build_object('conditionId', c.condition_id, 'side', c.side, 'state', c.state,
      'since', c.since::text, 'settledOn', c.settled_on::text, 'spots', c.spots) order by c.condition_id, c.side)
    from person_condition c where c.person_id = p.id), '[]'::json) as conditions,
  coalesce((select json_agg(json_build_object('scope', l.scope, 'side', l.side, 'by', l.by_whom, 'on', l.on_day::text,
      'until', l.until_day::text, 'what', l.what) order by l.on_day, l.id)
    from clearance l where l.person_id = p.id), '[]'::json) as clearances,
  coalesce((select json_agg(json_strip_nulls(json_build_object('hand', m.hand, 'kind', m.kind, 'value', m.value,
      'on', m.on_day::text, 'simulated', m.simulated, 'instrument', m.instrument))
      order by m.on_day desc, m.kind, m.hand)
    from ${MEASURES[measured]}), '[]'::json) as measures
from person p`;
const SELECT = select('all');

const personOf = (r: PersonRow): Person => ({
  id: r.id,
  firstName: r.first_name,
  initial: r.initial,
  dominantHand: r.dominant_hand,
  screened: r.screened,
  assistance: r.assistance,
  wantedTask: r.wanted_task,
  notes: r.notes,
  archived: r.archived,
  positions: r.positions,
  propsOut: r.props_out,
  measures: r.measures,
  conditions: r.conditions.map(({ settledOn, ...c }) => (settledOn ? { ...c, settledOn } : c)),
  clearances: r.clearances,
  ...(r.props_home.length === 0 ? {} : { propsHome: r.props_home }),
  ...(r.contact === '' ? {} : { contact: r.contact }),
  ...(r.agreed_on === null ? {} : { agreedOn: r.agreed_on }),
  ...(r.height_cm === null ? {} : { heightCm: r.height_cm }),
  ...(r.mass_kg === null ? {} : { massKg: r.mass_kg }),
});

const IN_ORDER = 'order by lower(p.first_name), p.initial, p.id';

export async function listPeople(
  db: Db,
  which: 'current' | 'archived' = 'current',
  measured: Measured = 'all',
): Promise<Person[]> {
  const where = which === 'current' ? 'p.archived_at is null' : 'p.archived_at is not null';
  return (await db.query<PersonRow>(`${select(measured)} where ${where} ${IN_ORDER}`)).map(personOf);
}

export type PersonName = Pick<Person, 'id' | 'firstName' | 'initial'>;

/** Everybody's name, without what is recorded of them. */
export const namesOfPeople = (db: Db): Promise<PersonName[]> =>
  db.query<PersonName>(
    `select p.id, p.first_name as "firstName", p.initial from person p where p.archived_at is null ${IN_ORDER}`,
  );

/** People who have a clearance. */
export async function peopleCleared(db: Db): Promise<Person[]> {
  const rows = await db.query<PersonRow>(
    `${select('none')} where p.archived_at is null
       and exists (select 1 from clearance l where l.person_id = p.id) ${IN_ORDER}`,
  );
  return rows.map(personOf);
}

/** People who have a clearance that ends by a day. */
export async function peopleClearedUntil(db: Db, day: string): Promise<Person[]> {
  const rows = await db.query<PersonRow>(
    `${select('newest')} where p.archived_at is null
       and exists (select 1 from clearance l where l.person_id = p.id and l.until_day <= $1) ${IN_ORDER}`,
    [day],
  );
  return rows.map(personOf);
}

/** Whether there is neither a person nor a class yet. */
export async function isEmpty(db: Db): Promise<boolean> {
  const [row] = await db.query<{ empty: boolean }>(
    'select not exists (select from person) and not exists (select from class) as empty',
  );
  return row!.empty;
}

export async function findPerson(db: Db, id: string): Promise<Person | null> {
  const [row] = await db.query<PersonRow>(`${SELECT} where p.id = $1`, [id]);
  return row ? personOf(row) : null;
}

/** People expected at a class, archived ones left out. */
export async function peopleOfClass(
  db: Db,
  classId: string,
  measured: Measured = 'newest',
): Promise<Person[]> {
  const rows = await db.query<PersonRow>(
    `${select(measured)} join class_person cp on cp.person_id = p.id
     where cp.class_id = $1 and p.archived_at is null order by lower(p.first_name), p.initial, p.id`,
    [classId],
  );
  return rows.map(personOf);
}

/** Add or change a person with all they have on record. */
export async function savePerson(db: Db, id: string, fields: PersonFields): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.query(
      `insert into person (id, first_name, initial, dominant_hand, screened, assistance, wanted_task, notes,
         positions, props_out, height_cm, mass_kg, props_home, contact, agreed_on)
       values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15)
       on conflict (id) do update set first_name = $2, initial = $3, dominant_hand = $4, screened = $5,
         assistance = $6, wanted_task = $7, notes = $8, positions = $9, props_out = $10,
         height_cm = $11, mass_kg = $12, props_home = $13, contact = $14, agreed_on = $15`,
      [
        id,
        fields.firstName,
        fields.initial,
        fields.dominantHand,
        fields.screened,
        fields.assistance,
        fields.wantedTask,
        fields.notes,
        fields.positions,
        fields.propsOut,
        fields.heightCm ?? null,
        fields.massKg ?? null,
        fields.propsHome ?? [],
        fields.contact ?? '',
        fields.agreedOn ?? null,
      ],
    );
    await tx.query('delete from person_condition where person_id = $1', [id]);
    for (const c of fields.conditions)
      await tx.query(
        'insert into person_condition (person_id, condition_id, side, state, since, spots, settled_on) values ($1, $2, $3, $4, $5, $6, $7)',
        [id, c.conditionId, c.side, c.state, c.since, c.spots, c.settledOn ?? null],
      );
    await tx.query('delete from clearance where person_id = $1', [id]);
    for (const c of fields.clearances)
      await tx.query(
        'insert into clearance (person_id, scope, side, by_whom, on_day, until_day, what) values ($1, $2, $3, $4, $5, $6, $7)',
        [id, c.scope, c.side ?? null, c.by, c.on, c.until, c.what],
      );
    await tx.query(
      `delete from measure where person_id = $1
         and (hand, kind, on_day) not in (select m.hand, m.kind, m."on" from ${MEASURES_GIVEN})`,
      [id, JSON.stringify(fields.measures)],
    );
    await putMeasures(tx, id, fields.measures);
  });
}

/** Add people who are not there yet, a table at a time, so that a long list is in quickly. Only inside a transaction. */
export async function addPeople(
  tx: Db,
  people: readonly { readonly id: string; readonly fields: PersonFields }[],
): Promise<void> {
  const put = (into: string, given: string, rows: readonly object[]) =>
    rows.length > 0 &&
    tx.query(`insert into ${into} select r.* from jsonb_to_recordset($1::text::jsonb) as r (${given})`, [
      JSON.stringify(rows),
    ]);
  await put(
    `person (id, first_name, initial, dominant_hand, screened, assistance, wanted_task, notes, positions, props_out,
       height_cm, mass_kg, props_home, contact, agreed_on)`,
    `id uuid, "firstName" text, initial text, "dominantHand" text, screened boolean, assistance int, "wantedTask" text,
       notes text, positions text[], "propsOut" text[], "heightCm" real, "massKg" real, "propsHome" text[], contact text,
       "agreedOn" date`,
    people.map(({ id, fields }) => ({
      ...fields,
      id,
      propsHome: fields.propsHome ?? [],
      contact: fields.contact ?? '',
    })),
  );
  const of = <T extends object>(list: (fields: PersonFields) => readonly T[]) =>
    people.flatMap(({ id, fields }) => list(fields).map((one) => ({ ...one, id })));
  await put(
    'person_condition (person_id, condition_id, side, state, since, spots, settled_on)',
    'id uuid, "conditionId" text, side text, state text, since date, spots text[], "settledOn" date',
    of((f) => f.conditions),
  );
  await put(
    'clearance (person_id, scope, side, by_whom, on_day, until_day, what)',
    'id uuid, scope text, side text, by text, "on" date, until date, what text',
    of((f) => f.clearances),
  );
  await put(
    'measure (person_id, hand, kind, value, on_day, simulated, instrument)',
    'id uuid, hand text, kind text, value real, "on" date, simulated text, instrument jsonb',
    of((f) => f.measures),
  );
}

const MEASURES_GIVEN =
  'jsonb_to_recordset($2::text::jsonb) as m (hand text, kind text, value real, "on" date, simulated text, instrument jsonb)';

/** Put measures on a record beside what is there; what was measured of the same hand on the same day is replaced. */
export async function putMeasures(db: Db, personId: string, measures: readonly Measure[]): Promise<void> {
  await db.query(
    `insert into measure as old (person_id, hand, kind, value, on_day, simulated, instrument)
     select $1, m.hand, m.kind, m.value, m."on", m.simulated, m.instrument from ${MEASURES_GIVEN}
     on conflict (person_id, hand, kind, on_day) do update
       set value = excluded.value, simulated = excluded.simulated, instrument = excluded.instrument
       where (old.value, old.simulated, old.instrument) is distinct from (excluded.value, excluded.simulated, excluded.instrument)`,
    [personId, JSON.stringify(measures)],
  );
}

/**
 * What a look back asks of these people, whose newest measures are at hand: the first of each kind and hand, and every grip, whose
 * threshold is told by all its days.
 */
export async function measuresLookedBackOn(
  db: Db,
  people: readonly Pick<Person, 'id' | 'measures'>[],
): Promise<ReadonlyMap<string, readonly Measure[]>> {
  const newest = people.flatMap((p) => p.measures.map(({ hand, kind }) => ({ id: p.id, hand, kind })));
  // A list of each person's: thousands of short rows would take longer to come than to look up.
  const rows = await db.query<{ id: string; measures: readonly Measure[] }>(
    `select id, json_agg(json_strip_nulls(json_build_object('hand', hand, 'kind', kind, 'value', value, 'on', on_day,
         'simulated', simulated, 'instrument', instrument))) as measures
     from (
       select p.id, p.hand, p.kind, m.value, m.on_day, m.simulated, m.instrument
       from jsonb_to_recordset($1::text::jsonb) p (id uuid, hand text, kind text) cross join lateral
         (select value, on_day, simulated, instrument from measure m where m.person_id = p.id and m.hand = p.hand
            and m.kind = p.kind and m.simulated is distinct from 'own' order by m.on_day limit 1) m
       where p.kind <> 'grip'
       union all
       select person_id, hand, kind, value, on_day, simulated, instrument from measure
       where person_id = any ($2::uuid[]) and kind = 'grip' and simulated is distinct from 'own'
     ) looked group by id`,
    [JSON.stringify(newest), people.map((p) => p.id)],
  );
  return new Map(rows.map(({ id, measures }) => [id, measures]));
}

/** A person's record as it is now, which nobody else changes before the transaction ends. */
export async function lockPerson(tx: Db, id: string): Promise<Person | null> {
  await tx.query('select 1 from person where id = $1 for update', [id]);
  return findPerson(tx, id);
}

/** What was changed on a record, newest first, and the other instructor who did; null for one's own, and where there are no names. */
export async function loadChanges(
  db: Db,
  personId: string,
): Promise<{ day: string; what: string; by: string | null }[]> {
  return db.query(
    `select changed_at::date::text as day, what,
       (select i.name from instructor i where i.id = by_id and i.id is distinct from oskil_me()) as by
     from person_change where person_id = $1 order by id desc limit 60`,
    [personId],
  );
}

export async function addChanges(db: Db, personId: string, changes: readonly string[]): Promise<void> {
  for (const what of changes)
    await db.query('insert into person_change (person_id, what) values ($1, $2)', [
      personId,
      what.slice(0, 300),
    ]);
}

/** Archive or bring back. Returns false when there is no such person. */
export async function setArchived(db: Db, id: string, archived: boolean): Promise<boolean> {
  const rows = await db.query<{ id: string }>(
    `update person set archived_at = case when $2 then coalesce(archived_at, now()) end where id = $1 returning id`,
    [id, archived],
  );
  return rows.length > 0;
}
