/** What was really counted of a row, what was taken back while teaching, and who did not come or left. */
export const counted = {
  number: 29,
  name: 'counted',
  sql: `
alter table teach_event drop constraint teach_event_kind_check;
alter table teach_event add constraint teach_event_kind_check check (kind in ('enter', 'count', 'pause', 'resume',
  'repeat', 'more', 'skip', 'end', 'faster', 'slower', 'stay', 'on', 'easier', 'stronger', 'hand', 'water', 'swap', 'shorten',
  'extra', 'note', 'counted', 'undo', 'away', 'here'));
alter table teach_event add column counted jsonb check (jsonb_typeof(counted) = 'array');
`,
} as const;
