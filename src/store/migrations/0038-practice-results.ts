/** How an instructor's classes with made-up people went; nobody in them is real, and nothing real hangs on them. */
export const practiceResults = {
  number: 38,
  name: 'practice results',
  sql: `
create table practice_result (
  id uuid primary key,
  owner_id uuid default oskil_me(),
  day date not null,
  name text not null check (length(name) between 1 and 200),
  result jsonb not null check (jsonb_typeof(result) = 'object'),
  kept_at timestamptz not null default now()
);
create index practice_result_owner on practice_result (owner_id, kept_at);
alter table practice_result enable row level security;
create policy own on practice_result using (owner_id = oskil_me()) with check (owner_id = oskil_me());
select oskil_tally_of('practice_result');
`,
} as const;
