/** Which hand a mark is of, a mark that is taken back, and a helper who asks for the instructor. */
export const marks = {
  number: 30,
  name: 'marks',
  sql: `
alter table mark add column hand text check (hand in ('L', 'R'));
alter table mark drop constraint mark_mark_check;
alter table mark add constraint mark_mark_check
  check (mark in ('did', 'eased', 'skipped', 'sore', 'stopped', 'form', 'taken back', 'come', 'seen'));
`,
} as const;
