export const live = {
  number: 7,
  name: 'changes while teaching',
  sql: `
alter table teach_event drop constraint teach_event_kind_check;
alter table teach_event add constraint teach_event_kind_check check (kind in ('enter', 'count', 'pause', 'resume',
  'repeat', 'more', 'skip', 'end', 'faster', 'slower', 'stay', 'easier', 'stronger', 'hand', 'water', 'swap', 'shorten',
  'extra', 'note'));
alter table teach_event add column person_id uuid references person (id) on delete cascade;
alter table teach_event add column words text check (length(words) <= 500);
alter table attendance add column enjoyed smallint check (enjoyed between 0 and 10);

create table call_answer (
  class_id uuid not null references class (id) on delete cascade,
  person_id uuid not null references person (id) on delete cascade,
  slot text not null check (slot in ('two hours', 'next morning')),
  worse boolean not null,
  asked_at timestamptz not null default now(),
  primary key (class_id, person_id, slot)
);
`,
};
