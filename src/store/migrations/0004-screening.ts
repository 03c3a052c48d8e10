export const screening = {
  number: 4,
  name: 'screening',
  sql: `
alter table person add column positions text[] not null default '{chair,table}'
  check (cardinality(positions) between 1 and 4 and positions <@ array['chair', 'table', 'standing', 'floor']);
alter table person add column props_out text[] not null default '{}' check (cardinality(props_out) <= 40);
alter table person_condition add column spots text[] not null default '{}' check (cardinality(spots) <= 20);

create table measure (
  person_id uuid not null references person (id) on delete cascade,
  hand text not null check (hand in ('L', 'R')),
  kind text not null check (kind in ('grip', 'bend', 'bend back', 'toward the thumb', 'toward the little finger')),
  value real not null check (value between 0 and 120),
  on_day date not null,
  primary key (person_id, hand, kind, on_day)
);

create table person_change (
  id bigint generated always as identity primary key,
  person_id uuid not null references person (id) on delete cascade,
  changed_at timestamptz not null default now(),
  what text not null check (length(what) between 1 and 300)
);
create index person_change_person on person_change (person_id, id);

create table check_in (
  class_id uuid not null references class (id) on delete cascade,
  person_id uuid not null references person (id) on delete cascade,
  pain_left smallint check (pain_left between 0 and 10),
  pain_right smallint check (pain_right between 0 and 10),
  stiffness_min smallint check (stiffness_min between 0 and 600),
  anything_new boolean not null default false,
  fell_hand text check (fell_hand in ('L', 'R', 'both')),
  words text not null default '' check (length(words) <= 200),
  at timestamptz not null default now(),
  primary key (class_id, person_id)
);

create table incident (
  id uuid primary key,
  class_id uuid not null references class (id) on delete cascade,
  person_id uuid references person (id) on delete set null,
  at timestamptz not null default now(),
  sign text not null check (length(sign) between 1 and 120),
  what text not null check (length(btrim(what)) between 1 and 1000),
  done text not null default '' check (length(done) <= 1000)
);
create index incident_class on incident (class_id);

create table setting (
  name text primary key check (name <> ''),
  value text not null check (length(value) <= 2000)
);
`,
};
