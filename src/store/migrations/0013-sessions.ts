export const sessions = {
  number: 13,
  name: 'sessions',
  sql: `
create table lock (
  single boolean primary key default true check (single),
  passphrase text not null check (passphrase like 'scrypt:%')
);

create table session (
  token_hash text primary key check (token_hash ~ '^[0-9a-f]{64}$'),
  kind text not null check (kind in ('instructor', 'helper')),
  class_id uuid,
  made_at timestamptz not null default now(),
  seen_at timestamptz not null default now(),
  check ((kind = 'helper') = (class_id is not null))
);

create table helper_code (
  class_id uuid primary key,
  code_hash text not null check (code_hash ~ '^[0-9a-f]{64}$'),
  day date not null,
  made_at timestamptz not null default now()
);

create table guess (
  id bigint generated always as identity primary key,
  at timestamptz not null default now()
);
`,
};
