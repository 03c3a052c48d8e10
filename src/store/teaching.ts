import type { TaughtRoll } from '@/core/formats';
import {
  currentClearance,
  currentKind,
  RECORD_DEFAULTS,
  type Measure,
  type Person,
  type PersonCondition,
} from '@/core/people';
import {
  classAnswerSchema,
  markSchema,
  readTeachState,
  standingMarks,
  type Mark,
  type Reports,
  type SentMark,
  type Snapshot,
  type TeachEvent,
  type TeachState,
} from '@/core/teach';
import type { PlanStep } from '@/core/plan';
import type { Db } from './db';

export type Taught = {
  readonly snapshot: Snapshot;
  readonly state: TeachState;
  /** Epoch ms. */
  readonly startedAtMs: number;
  readonly ended: boolean;
  readonly writtenUp: boolean;
  readonly notes: string;
  readonly nextSeq: number;
};

export async function loadTaught(db: Db, classId: string): Promise<Taught | null> {
  const [row] = await db.query<{
    snapshot: Snapshot;
    state: unknown;
    started: number;
    ended: boolean;
    written_up: boolean;
    notes: string;
    next_seq: number;
  }>(
    `select snapshot, state, (extract(epoch from started_at) * 1000)::float8 as started, ended_at is not null as ended,
       written_up_at is not null as written_up, notes,
       (select coalesce(max(seq) + 1, 0)::int from teach_event e where e.class_id = t.class_id) as next_seq
     from taught t where class_id = $1`,
    [classId],
  );
  if (!row) return null;
  return {
    snapshot: complete(row.snapshot),
    state: readTeachState(row.state),
    startedAtMs: Number(row.started),
    ended: row.ended,
    writtenUp: row.written_up,
    notes: row.notes,
    nextSeq: row.next_seq,
  };
}

/** Whoever else writes this class up waits until the transaction is over. */
export async function lockTaught(tx: Db, classId: string): Promise<void> {
  await tx.query('select 1 from taught where class_id = $1 for update', [classId]);
}

/** How far a class has come: the same `seen` for as long as nothing happens in it. */
export type ClassUnderWay = { readonly seen: string; readonly ended: boolean; readonly sinceMs: number };

/** A class that has begun, by the database's clock; null for one that has not, or is written up. */
export async function underWay(db: Db, classId: string): Promise<ClassUnderWay | null> {
  const [row] = await db.query<ClassUnderWay>(
    `select concat((select max(seq) from teach_event e where e.class_id = t.class_id), ' ', ended_at, ' ',
         (select count(*) from mark m where m.class_id = t.class_id), ' ',
         (select count(*) from class_answer a where a.class_id = t.class_id), ' ', md5(t.state::text), ' ',
         jsonb_array_length(snapshot -> 'people'), ' ',
         jsonb_array_length(jsonb_path_query_array(snapshot, '$.people[*].conditions[*]'))) as seen,
       ended_at is not null as ended, (extract(epoch from clock_timestamp() - began_at) * 1000)::float8 as "sinceMs"
     from taught t where class_id = $1 and written_up_at is null`,
    [classId],
  );
  return row ?? null;
}

/** Every class that was taught to its end, with who was in it. */
export async function taughtRolls(db: Db): Promise<TaughtRoll[]> {
  return db.query<TaughtRoll>(
    `select c.id, c.day::text, s.name, jsonb_path_query_array(t.snapshot, '$.people[*].id') as "personIds"
     from taught t join class c on c.id = t.class_id join series s on s.id = c.series_id
     where t.ended_at is not null order by c.day`,
  );
}

/** An own movement that does not say what each hand does is judged at its strictest, and is done with its own prop alone. */
const OWN_BEFORE = { hands: 'joined', help: null, oneHanded: null, alsoWith: [], aids: [] } as const;

/** A snapshot kept before people had positions, props and measures says nothing of them; ranges of the wrist had other names. */
const complete = (snapshot: Snapshot): Snapshot => ({
  ...snapshot,
  ...(snapshot.own && {
    own: snapshot.own.map((o) => ({ ...o, movement: { ...OWN_BEFORE, ...o.movement } })),
  }),
  people: snapshot.people.map((p) => ({
    ...RECORD_DEFAULTS,
    ...p,
    conditions: p.conditions.map((c) => ({ ...c, spots: c.spots ?? [] })),
    clearances: p.clearances.map(currentClearance),
    measures: (p.measures ?? []).map((m) => ({ ...m, kind: currentKind(m.kind) as Measure['kind'] })),
  })),
});

/** Begin teaching. A class that has begun keeps its first beginning. */
export async function startTeaching(
  db: Db,
  classId: string,
  snapshot: Snapshot,
  state: TeachState,
  startedAtMs: number,
  roomCheck: readonly string[] = [],
): Promise<void> {
  await db.query(
    `insert into taught (class_id, started_at, snapshot, state, room_check)
     values ($1, to_timestamp($2::float8 / 1000), $3, $4, $5) on conflict (class_id) do nothing`,
    [classId, startedAtMs, JSON.stringify(snapshot), JSON.stringify(state), roomCheck],
  );
}

/**
 * Store events in their order, each once, and where the class now stands; news that comes late does not set it back. It comes
 * after what it tells of, so that a class began at the latest so long ago as its clock says, `rate` times as fast.
 */
const jsonOrNull = (value: unknown): string | null => (value ? JSON.stringify(value) : null);

export async function recordEvents(
  db: Db,
  classId: string,
  firstSeq: number,
  events: readonly TeachEvent[],
  state: TeachState,
  rate = 1,
): Promise<void> {
  await db.transaction(async (tx) => {
    for (const [i, e] of events.entries())
      await tx.query(
        `insert into teach_event (class_id, seq, kind, row_id, at_ms, person_id, words, counted)
         values ($1, $2, $3, $4, $5, $6, $7, $8) on conflict (class_id, seq) do nothing`,
        [
          classId,
          firstSeq + i,
          e.kind,
          e.rowId,
          e.atMs,
          e.personId ?? null,
          e.words ?? null,
          jsonOrNull(e.counted),
        ],
      );
    const ended = state.phase === 'done';
    await tx.query(
      `update taught set state = $2,
         began_at = least(began_at, clock_timestamp() - make_interval(secs => $5::float8 / 1000)),
         ended_at = case when $3 then coalesce(ended_at, greatest(now(), started_at)) else null end
       where class_id = $1 and written_up_at is null and $4 >=
         (select coalesce(max(seq) + 1, 0) from teach_event e where e.class_id = $1)`,
      [
        classId,
        JSON.stringify(state),
        ended,
        firstSeq + events.length,
        Math.max(0, ...events.map((e) => e.atMs)) / rate,
      ],
    );
  });
}

export async function keepClassTimes(
  db: Db,
  classId: string,
  { plannedMs, actualMs }: { readonly plannedMs: number; readonly actualMs: number },
): Promise<void> {
  await db.query('update taught set planned_ms = $2, actual_ms = $3 where class_id = $1', [
    classId,
    Math.round(plannedMs),
    Math.round(actualMs),
  ]);
}

export const endedWithoutTimes = async (db: Db): Promise<string[]> =>
  (
    await db.query<{ id: string }>(
      'select class_id as id from taught where ended_at is not null and actual_ms is null order by class_id',
    )
  ).map((r) => r.id);

export async function loadEvents(db: Db, classId: string): Promise<TeachEvent[]> {
  const events = await db.query<TeachEvent>(
    `select kind, row_id as "rowId", at_ms::float8 as "atMs", person_id as "personId", coalesce(words, '') as words, counted
     from teach_event where class_id = $1 order by seq`,
    [classId],
  );
  return events.map(({ counted, ...event }) => (counted ? { ...event, counted } : event));
}

/** A taught class as it was done: its plan with every change made while teaching, and what happened. */
export type TaughtRecord = {
  readonly snapshot: Snapshot;
  readonly changes: readonly PlanStep[];
  readonly events: readonly TeachEvent[];
};

/** Which classes `taughtBefore` would give, and how far each is recorded: the same words for as long as the same would come. */
export async function taughtBeforeMark(db: Db, day: string, most: number): Promise<string> {
  const rows = await db.query<{ mark: string }>(
    `select concat(t.class_id, ' ', t.ended_at, ' ',
         (select max(e.seq) from teach_event e where e.class_id = t.class_id)) as mark
     from taught t join class c on c.id = t.class_id
     where c.day < $1 and t.ended_at is not null order by c.day desc, c.starts_at desc limit $2`,
    [day, most],
  );
  return rows.map((r) => r.mark).join();
}

/** The newest classes taught before a day with what happened in them, oldest first. */
export async function taughtBefore(db: Db, day: string, most: number): Promise<TaughtRecord[]> {
  const rows = await db.query<TaughtRecord>(
    `select t.snapshot, coalesce(t.state -> 'changes', '[]'::jsonb) as changes, (select coalesce(jsonb_agg(jsonb_build_object('kind', e.kind, 'rowId', e.row_id, 'atMs', e.at_ms, 'counted', e.counted)
         order by e.seq), '[]'::jsonb) from teach_event e where e.class_id = t.class_id) as events
     from taught t join class c on c.id = t.class_id
     where c.day < $1 and t.ended_at is not null order by c.day desc, c.starts_at desc limit $2`,
    [day, most],
  );
  return rows.reverse().map((record) => ({ ...record, snapshot: complete(record.snapshot) }));
}

/** Store one mark; the same mark sent twice is stored once. */
export async function addMark(db: Db, classId: string, mark: SentMark): Promise<void> {
  await db.query(
    `insert into mark (id, class_id, person_id, row_id, mark, at_ms, hand) values ($1, $2, $3, $4, $5, $6, $7)
     on conflict (id) do nothing`,
    [mark.id, classId, mark.personId, mark.rowId, mark.mark, mark.atMs, mark.hand ?? null],
  );
}

/** The marks of a class that stand. */
export const loadMarks = async (db: Db, classId: string): Promise<readonly Mark[]> =>
  standingMarks((await loadReports(db, classId)).marks);

/**
 * What was reported of a class, in the order in which it came: marks, and what people said of their hands, at the door (at 0 ms, by
 * the person's id) and since.
 */
export async function loadReports(db: Db, classId: string): Promise<Reports> {
  const [row] = await db.query<{ marks: readonly unknown[]; answers: readonly unknown[] }>(
    `select
       (select coalesce(jsonb_agg(jsonb_strip_nulls(jsonb_build_object('id', id, 'personId', person_id, 'rowId', row_id,
          'mark', mark, 'hand', hand, 'atMs', at_ms)) order by stored_at, id), '[]') from mark where class_id = $1) as marks,
       (select coalesce(jsonb_agg(jsonb_build_object('id', person_id, 'personId', person_id, 'atMs', 0,
          'checkIn', jsonb_build_object('painLeft', pain_left, 'painRight', pain_right, 'stiffnessMin', stiffness_min,
            'anythingNew', anything_new, 'fellHand', fell_hand, 'hotHand', hot_hand, 'numbHand', numb_hand,
            'unwell', unwell, 'notHere', not_here, 'words', words)) order by person_id), '[]')
        || (select coalesce(jsonb_agg(jsonb_build_object('id', id, 'personId', person_id, 'checkIn', check_in,
          'atMs', at_ms) order by stored_at, id), '[]') from class_answer where class_id = $1)
        from check_in where class_id = $1) as answers`,
    [classId],
  );
  return {
    marks: row!.marks.map((m) => markSchema.parse(m)),
    answers: row!.answers.map((a) => classAnswerSchema.parse(a)),
  };
}

/** What has come to be on somebody's record during a class counts in it from now on. */
export async function addConditionToTaught(
  tx: Db,
  classId: string,
  personId: string,
  condition: PersonCondition,
): Promise<void> {
  await tx.query(
    `update taught set snapshot = jsonb_set(snapshot, '{people}', (
       select jsonb_agg(case when p.value ->> 'id' = $2 and not (p.value -> 'conditions') @> $3::jsonb
           then jsonb_set(p.value, '{conditions}', (p.value -> 'conditions') || $3::jsonb) else p.value end order by p.ordinality)
       from jsonb_array_elements(snapshot -> 'people') with ordinality p))
     where class_id = $1 and ended_at is null and jsonb_array_length(snapshot -> 'people') > 0`,
    [classId, personId, JSON.stringify([condition])],
  );
}

/** What of the room was ticked before the class. */
export async function roomCheckOf(db: Db, classId: string): Promise<readonly string[]> {
  const [row] = await db.query<{ ticked: string[] }>(
    'select room_check as ticked from taught where class_id = $1',
    [classId],
  );
  return row?.ticked ?? [];
}

/** How much was reported of a class: the same words for as long as nothing is added; null for one that has not begun. */
export async function reportsMark(db: Db, classId: string): Promise<string | null> {
  const [row] = await db.query<{ mark: string }>(
    `select concat((select count(*) from mark where class_id = $1), ' ',
       (select count(*) from class_answer where class_id = $1), ' ',
       (select count(*) from check_in where class_id = $1)) as mark
     from taught where class_id = $1`,
    [classId],
  );
  return row?.mark ?? null;
}

/** Somebody who came to a class that had begun is in it from now on. */
export async function joinTaught(tx: Db, classId: string, person: Person): Promise<void> {
  await tx.query('insert into class_person (class_id, person_id) values ($1, $2) on conflict do nothing', [
    classId,
    person.id,
  ]);
  await tx.query(
    `update taught set snapshot = jsonb_set(snapshot, '{people}', (snapshot -> 'people') || $2::jsonb)
     where class_id = $1 and not (snapshot -> 'people') @> jsonb_build_array(jsonb_build_object('id', $3::text))`,
    [classId, JSON.stringify([person]), person.id],
  );
}
