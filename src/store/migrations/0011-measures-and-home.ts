export const measuresAndHome = {
  number: 11,
  name: 'measures and home practice',
  sql: `
alter table measure drop constraint measure_kind_check;
alter table measure add constraint measure_kind_check check (kind in ('grip', 'press', 'bend', 'bend back',
  'toward the thumb', 'toward the little finger', 'finger to palm', 'opposition', 'web span', 'task ease',
  'morning stiffness'));
alter table measure drop constraint measure_hand_check;
alter table measure add constraint measure_hand_check check (hand in ('L', 'R', 'both'));
alter table measure drop constraint measure_value_check;
alter table measure add constraint measure_value_check check (value between 0 and 600);

create table station_visit (
  class_id uuid not null references class (id) on delete cascade,
  person_id uuid not null references person (id) on delete cascade,
  station text not null check (length(station) between 1 and 20),
  started_at timestamptz not null,
  ended_at timestamptz check (ended_at >= started_at),
  primary key (class_id, person_id, station)
);

alter table person add column props_home text[] not null default '{}' check (cardinality(props_home) <= 40);

create unique index station_one_person on station_visit (class_id, station) where ended_at is null;
create unique index station_one_place on station_visit (class_id, person_id) where ended_at is null;

create table home_card (
  id uuid primary key,
  person_id uuid not null references person (id) on delete cascade,
  class_id uuid not null references class (id) on delete cascade,
  rows jsonb not null check (jsonb_typeof(rows) = 'array' and jsonb_array_length(rows) between 1 and 5),
  times_a_day smallint not null check (times_a_day between 1 and 6),
  made_at timestamptz not null default now(),
  unique (person_id, class_id)
);

create table home_day (
  card_id uuid not null references home_card (id) on delete cascade,
  day date not null,
  times smallint not null check (times between 0 and 12),
  primary key (card_id, day)
);
`,
};
