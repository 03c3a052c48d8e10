/**
 * The day a flare settled; whom to call, and when somebody agreed to a record; when an incident happened and who was called; what of
 * the room was checked before a class.
 */
export const afterFlaresAndIncidents = {
  number: 27,
  name: 'after flares and incidents',
  sql: `
alter table person_condition add column settled_on date;
alter table person add column contact text not null default '' check (length(contact) <= 120),
  add column agreed_on date;
alter table incident add column happened_at text check (happened_at ~ '^[0-2][0-9]:[0-5][0-9]$'),
  add column called text not null default '' check (length(called) <= 200);
alter table taught add column room_check text[] not null default '{}' check (cardinality(room_check) <= 20);
`,
};
