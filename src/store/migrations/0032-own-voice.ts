/** Words as an instructor has said them: mu-law at 16 kHz, base64. Nobody else hears them. */
export const ownVoice = {
  number: 32,
  name: 'own voice',
  sql: `
create table own_word (
  id uuid primary key default gen_random_uuid(),
  owner_id uuid default oskil_me(),
  word text not null check (length(word) between 1 and 80),
  sound text not null check (length(sound) between 4 and 200000),
  made_at timestamptz not null default now(),
  unique nulls not distinct (owner_id, word)
);
alter table own_word enable row level security;
create policy own on own_word using (owner_id = oskil_me()) with check (owner_id = oskil_me());
select oskil_tally_of('own_word');
`,
} as const;
