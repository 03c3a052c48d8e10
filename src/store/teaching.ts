import type { TaughtRoll } from '@/core/formats';
import { currentClearance, currentKind, RECORD_DEFAULTS, type Measure } from '@/core/people';
import { readTeachState, type Mark, type Snapshot, type TeachEvent, type TeachState } from '@/core/teach';
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
    `select concat((select max(seq) from teach_event e where e.class_id = t.class_id), ' ', ended_at) as seen,
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

/** An own movement that does not say what each hand does is judged at its strictest. */
const BOTH_HANDS = { hands: 'joined', help: null, oneHanded: null } as const;

/** A snapshot kept before people had positions, props and measures says nothing of them; ranges of the wrist had other names. */
const complete = (snapshot: Snapshot): Snapshot => ({
  ...snapshot,
  ...(snapshot.own && {
    own: snapshot.own.map((o) => ({ ...o, movement: { ...BOTH_HANDS, ...o.movement } })),
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
): Promise<void> {
  await db.query(
    `insert into taught (class_id, started_at, snapshot, state)
     values ($1, to_timestamp($2::float8 / 1000), $3, $4) on conflict (class_id) do nothing`,
    [classId, startedAtMs, JSON.stringify(snapshot), JSON.stringify(state)],
  );
}

/**
 * Store events in their order, each once, and where the class now stands; news that comes late does not set it back. It comes
 * after what it tells of, so that a class began at the latest so long ago as its clock says, `rate` times as fast.
 */
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
        `insert into teach_event (class_id, seq, kind, row_id, at_ms, person_id, words)
         values ($1, $2, $3, $4, $5, $6, $7) on conflict (class_id, seq) do nothing`,
        [classId, firstSeq + i, e.kind, e.rowId, e.atMs, e.personId ?? null, e.words ?? null],
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
  return db.query<TeachEvent>(
    `select kind, row_id as "rowId", at_ms::float8 as "atMs", person_id as "personId", coalesce(words, '') as words
     from teach_event where class_id = $1 order by seq`,
    [classId],
  );
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
    `select t.snapshot, coalesce(t.state -> 'changes', '[]'::jsonb) as changes, (select coalesce(jsonb_agg(jsonb_build_object('kind', e.kind, 'rowId', e.row_id, 'atMs', e.at_ms)
         order by e.seq), '[]'::jsonb) from teach_event e where e.class_id = t.class_id) as events
     from taught t join class c on c.id = t.class_id
     where c.day < $1 and t.ended_at is not null order by c.day desc, c.starts_at desc limit $2`,
    [day, most],
  );
  return rows.reverse().map((record) => ({ ...record, snapshot: complete(record.snapshot) }));
}

/** Store one mark; the same mark sent twice is stored once. */
export async function addMark(db: Db, classId: string, mark: Mark): Promise<void> {
  await db.query(
    `insert into mark (id, class_id, person_id, row_id, mark, at_ms) values ($1, $2, $3, $4, $5, $6)
     on conflict (id) do nothing`,
    [mark.id, classId, mark.personId, mark.rowId, mark.mark, mark.atMs],
  );
}

export async function loadMarks(db: Db, classId: string): Promise<Mark[]> {
  return db.query<Mark>(
    `select id, person_id as "personId", row_id as "rowId", mark, at_ms::float8 as "atMs" from mark
     where class_id = $1 order by stored_at, id`,
    [classId],
  );
}
