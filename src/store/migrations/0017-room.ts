/** When a class began by the database's own clock, for whoever follows it from a machine with another clock. */
export const room = {
  number: 17,
  name: 'room',
  sql: `
alter table taught add column began_at timestamptz not null default now();
update taught set began_at = started_at;
`,
};
