export const teaching = {
  number: 2,
  name: 'teaching and wrap-up',
  sql: `
create table taught (
  class_id uuid primary key references class (id) on delete cascade,
  started_at timestamptz not null,
  ended_at timestamptz check (ended_at >= started_at),
  snapshot jsonb not null,
  state jsonb not null,
  written_up_at timestamptz,
  notes text not null default '' check (length(notes) <= 2000)
);

create table teach_event (
  class_id uuid not null references taught (class_id) on delete cascade,
  seq integer not null check (seq >= 0),
  kind text not null check (kind in ('enter', 'count', 'pause', 'resume', 'repeat', 'more', 'skip', 'end')),
  row_id text,
  at_ms bigint not null check (at_ms >= 0),
  primary key (class_id, seq)
);

create table mark (
  id uuid primary key,
  class_id uuid not null references taught (class_id) on delete cascade,
  person_id uuid not null references person (id) on delete cascade,
  row_id text not null,
  mark text not null check (mark in ('did', 'eased', 'skipped', 'sore', 'stopped')),
  at_ms bigint not null check (at_ms >= 0),
  stored_at timestamptz not null default now()
);
create index mark_class on mark (class_id);

create table attendance (
  class_id uuid not null references class (id) on delete cascade,
  person_id uuid not null references person (id) on delete cascade,
  present boolean not null,
  pain_before_left smallint check (pain_before_left between 0 and 10),
  pain_before_right smallint check (pain_before_right between 0 and 10),
  pain_after_left smallint check (pain_after_left between 0 and 10),
  pain_after_right smallint check (pain_after_right between 0 and 10),
  effort smallint check (effort between 0 and 10),
  adapted text not null default '' check (length(adapted) <= 500),
  notes text not null default '' check (length(notes) <= 500),
  primary key (class_id, person_id)
);
`,
};
