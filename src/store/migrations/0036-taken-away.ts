/** Classes, series and blocks that were taken away, as they were, until they are put back or let go. */
export const takenAway = {
  number: 36,
  name: 'taken away',
  sql: `
create table taken_away (
  id uuid primary key,
  owner_id uuid,
  kind text not null check (kind in ('class', 'series', 'block')),
  name text not null check (name <> ''),
  day date,
  rows jsonb not null check (jsonb_typeof(rows) = 'array'),
  followers jsonb not null default '[]' check (jsonb_typeof(followers) = 'array'),
  taken_at timestamptz not null default now()
);
alter table taken_away enable row level security;
create policy own on taken_away using (kind = 'block' or owner_id is not distinct from oskil_me())
  with check (kind = 'block' or owner_id is not distinct from oskil_me());
select oskil_tally_of('taken_away');
`,
} as const;
