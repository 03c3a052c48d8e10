export const grip = {
  number: 9,
  name: 'grip tests',
  sql: `
create table grip_test (
  id uuid primary key,
  person_id uuid not null references person (id) on delete cascade,
  day date not null,
  trials jsonb not null check (jsonb_typeof(trials) = 'array' and jsonb_array_length(trials) between 1 and 12),
  at timestamptz not null default now()
);
create index grip_test_person on grip_test (person_id, day);
`,
};
