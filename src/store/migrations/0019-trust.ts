/**
 * Tokens in a table of their own, which no backup holds; tries by whom and at what; browsers that were let in; who was erased and is
 * still in a backup; a code for a screen that shows the room alone.
 */
export const trust = {
  number: 19,
  name: 'trust',
  sql: `
create table token (
  hash text primary key check (hash ~ '^[0-9a-f]{64}$'),
  instructor_id uuid references instructor (id) on delete cascade,
  made_at timestamptz not null default now()
);
create unique index token_of on token (coalesce(instructor_id, '00000000-0000-0000-0000-000000000000'));
insert into token (hash, instructor_id)
  select value, case when name = 'apiTokenHash' then null else substr(name, 14)::uuid end from setting
  where name ~ '^apiTokenHash(:[0-9a-f-]{36})?$' and value ~ '^[0-9a-f]{64}$'
    and (name = 'apiTokenHash' or exists (select 1 from instructor i where i.id::text = substr(name, 14)))
  on conflict do nothing;
delete from setting where name like 'apiTokenHash%';

delete from guess;
alter table guess add column aim text not null;
alter table guess add column address text not null;
alter table guess add column from_here boolean not null;
alter table guess add column browser_hash text check (browser_hash ~ '^[0-9a-f]{64}$');
create index guess_at on guess (at);

create table known_browser (
  browser_hash text not null check (browser_hash ~ '^[0-9a-f]{64}$'),
  aim text not null,
  seen_at timestamptz not null default now(),
  primary key (browser_hash, aim)
);

create table erased (
  person_id uuid primary key,
  at timestamptz not null default now()
);

alter table helper_code add column kind text not null default 'helper' check (kind in ('helper', 'tv'));
alter table helper_code drop constraint helper_code_pkey;
alter table helper_code add primary key (class_id, kind);
alter table session drop constraint session_kind_check;
alter table session drop constraint session_check;
alter table session add constraint session_kind_check check (kind in ('instructor', 'helper', 'tv'));
alter table session add constraint session_class_check check ((kind = 'instructor') = (class_id is null));
`,
};
