/** Tables whose rows are seen with the row that a column of theirs points at. */
const SEEN_WITH: readonly (readonly [table: string, column: string, parent: string])[] = [
  ['class', 'series_id', 'series'],
  ['term', 'series_id', 'series'],
  ['own_rung', 'series_id', 'series'],
  ...['term_week', 'term_day', 'term_holiday'].map((t) => [t, 'term_id', 'term'] as const),
  ...[
    ...[
      'class_person',
      'plan',
      'plan_step',
      'packed',
      'file_extra',
      'taught',
      'teach_event',
      'mark',
      'attendance',
    ],
    ...['check_in', 'incident', 'call_answer', 'decision', 'station_visit', 'home_card'],
  ].map((t) => [t, 'class_id', 'class'] as const),
  ['home_day', 'card_id', 'home_card'],
  ...['person_condition', 'clearance', 'measure', 'person_change', 'grip_test'].map(
    (t) => [t, 'person_id', 'person'] as const,
  ),
];

/** Of these, the ones whose rows name a person besides, whom an instructor must see to write there. */
const NAMES_A_PERSON: readonly string[] = [
  ...['class_person', 'own_rung', 'teach_event', 'mark', 'attendance', 'check_in', 'incident', 'call_answer'],
  ...['decision', 'station_visit', 'home_card'],
];

const key = (parent: string): string => (parent === 'plan' || parent === 'taught' ? 'class_id' : 'id');

const seenWith = ([table, column, parent]: (typeof SEEN_WITH)[number]): string => {
  const sees = `exists (select 1 from ${parent} seen where seen.${key(parent)} = ${table}.${column})`;
  const names = NAMES_A_PERSON.includes(table)
    ? ` and (${table}.person_id is null or oskil_sees_person(${table}.person_id))`
    : '';
  return `alter table ${table} enable row level security;
create policy seen on ${table} using (${sees}) with check (${sees}${names});`;
};

/** Seen by their owner and, when they are shared, by all; made and taken away by their owner alone. */
const owned = (table: string, orSeen = ''): string => `
alter table ${table} add column owner_id uuid default oskil_me();
alter table ${table} add column shared boolean not null default false;
create index ${table}_owner on ${table} (owner_id);
alter table ${table} enable row level security;
create policy sees on ${table} for select using (owner_id = oskil_me() or shared${orSeen});
create policy changes on ${table} for update using (owner_id = oskil_me() or shared${orSeen});
create policy makes on ${table} for insert with check (owner_id = oskil_me());
create policy takes_away on ${table} for delete using (owner_id = oskil_me());`;

/**
 * Instructors by name. Policies hold for the role that their requests take (store/scoped.ts); whoever owns the tables is above
 * them, so that without named instructors nothing changes. An owner is no foreign key: a backup holds no instructors.
 */
export const instructors = {
  number: 15,
  name: 'instructors',
  sql: `
create table instructor (
  id uuid primary key,
  name text not null check (length(btrim(name)) between 1 and 40),
  passphrase text not null check (passphrase like 'scrypt:%'),
  coordinator boolean not null default false,
  created_at timestamptz not null default now()
);
create unique index instructor_name on instructor (lower(name));
alter table session add column instructor_id uuid references instructor (id) on delete cascade;

create function oskil_me() returns uuid language sql stable
  as $$ select nullif(current_setting('oskil.instructor', true), '')::uuid $$;
${owned('series')}
${owned('person', ' or exists (select 1 from class_person cp where cp.person_id = person.id)')}

create function oskil_sees_person(one uuid) returns boolean language sql stable security definer
  set search_path from current as $$
  select exists (select 1 from person p where p.id = one and (p.owner_id = oskil_me() or p.shared
    or exists (select 1 from class_person cp join class c on c.id = cp.class_id join series s on s.id = c.series_id
      where cp.person_id = p.id and (s.owner_id = oskil_me() or s.shared)))) $$;

create function oskil_others_see_person(one uuid) returns boolean language sql stable security definer
  set search_path from current as $$
  select exists (select 1 from class_person cp join class c on c.id = cp.class_id join series s on s.id = c.series_id
    where cp.person_id = one and (s.shared or s.owner_id is distinct from oskil_me())) $$;

${SEEN_WITH.map(seenWith).join('\n')}

alter table person_change add column by_id uuid default oskil_me();
alter table plan_step add column by_id uuid default oskil_me();
`,
};
