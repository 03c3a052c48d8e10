export const ownMovements = {
  number: 3,
  name: 'own movements',
  sql: `
create table own_movement (
  id text primary key check (id ~ '^own-[0-9a-f-]{36}$'),
  name text not null check (length(trim(name)) between 1 and 60),
  archived_at timestamptz
);
create unique index own_movement_name on own_movement (lower(name)) where archived_at is null;

create table own_movement_version (
  movement_id text not null references own_movement (id) on delete cascade,
  version integer not null check (version > 0),
  saved_at timestamptz not null default now(),
  movement jsonb not null,
  figure jsonb not null,
  primary key (movement_id, version)
);
`,
};
