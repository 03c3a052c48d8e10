export const files = {
  number: 12,
  name: 'files',
  sql: `
alter table class add column revision integer not null default 0 check (revision >= 0);

create table file_extra (
  class_id uuid primary key references class (id) on delete cascade,
  fields jsonb not null check (jsonb_typeof(fields) = 'array')
);
`,
};
