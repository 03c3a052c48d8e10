/** What an instructor has typed into a form and not saved yet, by the form. */
export const unsaved = {
  number: 34,
  name: 'unsaved',
  sql: `
create table unsaved_form (
  id uuid primary key default gen_random_uuid(),
  owner_id uuid default oskil_me(),
  form text not null check (length(form) between 1 and 80),
  body jsonb not null check (jsonb_typeof(body) = 'object'),
  typed_at timestamptz not null default now(),
  unique nulls not distinct (owner_id, form)
);
alter table unsaved_form enable row level security;
create policy own on unsaved_form using (owner_id = oskil_me()) with check (owner_id = oskil_me());
select oskil_tally_of('unsaved_form');
`,
} as const;
