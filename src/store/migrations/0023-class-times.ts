/** How long a class was planned for and took is kept with it when it ends, for lists of many. */
export const classTimesKept = {
  number: 23,
  name: 'class times',
  sql: `
alter table taught add column planned_ms integer check (planned_ms >= 0),
  add column actual_ms integer check (actual_ms >= 0);
`,
};
