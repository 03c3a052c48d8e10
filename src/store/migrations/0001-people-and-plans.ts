export const peopleAndPlans = {
  number: 1,
  name: 'people and plans',
  sql: `
create table person (
  id uuid primary key,
  first_name text not null check (length(btrim(first_name)) between 1 and 40),
  initial text not null default '' check (length(initial) <= 1),
  dominant_hand text not null check (dominant_hand in ('L', 'R')),
  screened boolean not null default false,
  assistance smallint not null default 0 check (assistance between 0 and 3),
  wanted_task text not null default '' check (length(wanted_task) <= 120),
  notes text not null default '' check (length(notes) <= 1000),
  archived_at timestamptz,
  created_at timestamptz not null default now()
);

create table person_condition (
  person_id uuid not null references person (id) on delete cascade,
  condition_id text not null check (condition_id <> ''),
  side text not null check (side in ('L', 'R', 'both', 'none')),
  state text not null check (state in ('settled', 'sore', 'flare', 'not cleared')),
  since date,
  primary key (person_id, condition_id, side)
);

create table clearance (
  id bigint generated always as identity primary key,
  person_id uuid not null references person (id) on delete cascade,
  scope text not null check (scope in ('hand', 'stretch', 'resisted', 'loading')),
  by_whom text not null check (length(btrim(by_whom)) between 1 and 80),
  on_day date not null,
  until_day date check (until_day >= on_day),
  what text not null default '' check (length(what) <= 200)
);
create index clearance_person on clearance (person_id);

create table series (
  id uuid primary key,
  name text not null check (length(btrim(name)) between 1 and 60),
  place text not null default '' check (length(place) <= 80),
  slot_minutes smallint not null check (slot_minutes between 10 and 120),
  created_at timestamptz not null default now()
);

create table class (
  id uuid primary key,
  series_id uuid not null references series (id) on delete cascade,
  day date not null,
  starts_at time not null,
  week smallint not null check (week between 1 and 60),
  helpers text[] not null default '{}' check (cardinality(helpers) <= 10),
  from_class_id uuid references class (id) on delete set null,
  created_at timestamptz not null default now(),
  unique (series_id, day)
);
create index class_day on class (day);

create table class_person (
  class_id uuid not null references class (id) on delete cascade,
  person_id uuid not null references person (id) on delete cascade,
  primary key (class_id, person_id)
);

create table plan (
  class_id uuid primary key references class (id) on delete cascade,
  current jsonb not null,
  version integer not null default 0 check (version >= 0),
  done integer not null default 0 check (done >= 0)
);

create table plan_step (
  class_id uuid not null references plan (class_id) on delete cascade,
  seq integer not null check (seq >= 1),
  step jsonb not null,
  inverse jsonb not null,
  label text not null check (label <> ''),
  primary key (class_id, seq)
);

create table bag (
  prop_id text primary key,
  pieces smallint not null check (pieces between 0 and 500)
);
`,
};
