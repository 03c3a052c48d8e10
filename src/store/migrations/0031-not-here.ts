/** Somebody who was expected and has not come, told at the door. */
export const notHere = {
  number: 31,
  name: 'not-here',
  sql: `
alter table check_in add column not_here boolean not null default false;
`,
} as const;
