export const planning = {
  number: 5,
  name: 'planning',
  sql: `
create table block (
  id uuid primary key,
  name text not null unique check (length(btrim(name)) between 1 and 60),
  rows jsonb not null check (jsonb_typeof(rows) = 'array' and jsonb_array_length(rows) between 1 and 40),
  made_at timestamptz not null default now()
);

create table packed (
  class_id uuid not null references class (id) on delete cascade,
  prop_id text not null check (length(prop_id) between 1 and 60),
  at timestamptz not null default now(),
  primary key (class_id, prop_id)
);
`,
};
