export const terms = {
  number: 10,
  name: 'terms',
  sql: `
create table term (
  id uuid primary key,
  series_id uuid not null references series (id) on delete cascade,
  name text not null check (length(btrim(name)) between 1 and 60),
  first_day date not null,
  created_at timestamptz not null default now()
);
create index term_series on term (series_id, first_day);

create table term_week (
  term_id uuid not null references term (id) on delete cascade,
  week smallint not null check (week between 1 and 16),
  phase text not null check (phase in ('settle in', 'build', 'consolidate', 'review')),
  lighter boolean not null default false,
  primary key (term_id, week)
);

create table term_day (
  term_id uuid not null references term (id) on delete cascade,
  weekday smallint not null check (weekday between 1 and 7),
  starts_at time not null,
  primary key (term_id, weekday)
);

create table term_holiday (
  id bigint generated always as identity primary key,
  term_id uuid not null references term (id) on delete cascade,
  from_day date not null,
  until_day date not null check (until_day >= from_day),
  what text not null default '' check (length(what) <= 60)
);
create index term_holiday_term on term_holiday (term_id);
`,
};
