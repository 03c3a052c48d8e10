export const progress = {
  number: 8,
  name: 'progress',
  sql: `
alter table mark drop constraint mark_mark_check;
alter table mark add constraint mark_mark_check
  check (mark in ('did', 'eased', 'skipped', 'sore', 'stopped', 'form'));

create table decision (
  class_id uuid not null references class (id) on delete cascade,
  person_id uuid not null references person (id) on delete cascade,
  family text not null check (length(family) between 1 and 20),
  kind text not null check (kind in ('move on', 'stay', 'step back', 'flare', 'start over')),
  rungs smallint check (rungs between -2 and 1),
  reasons jsonb not null check (jsonb_typeof(reasons) = 'array'),
  taken text not null check (taken in ('accepted', 'changed', 'left')),
  taken_rungs smallint check (taken_rungs between -2 and 1),
  at timestamptz not null default now(),
  primary key (class_id, person_id, family)
);

create table own_rung (
  series_id uuid not null references series (id) on delete cascade,
  person_id uuid not null references person (id) on delete cascade,
  movement_id text not null check (length(movement_id) between 1 and 60),
  rung smallint not null check (rung between 0 and 11),
  best smallint not null check (best between rung and 11),
  since date not null,
  primary key (series_id, person_id, movement_id)
);
`,
};
