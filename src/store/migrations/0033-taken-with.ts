/** What a reading was taken with: the simulated meter or scale, on one's own data or the demo's, and the instrument by name and step. */
export const takenWith = {
  number: 33,
  name: 'taken with',
  sql: `
alter table measure
  add column simulated text check (simulated in ('own', 'demo')),
  add column instrument jsonb check (jsonb_typeof(instrument) = 'object');
alter table grip_test
  add column simulated text check (simulated in ('own', 'demo')),
  add column instrument jsonb check (jsonb_typeof(instrument) = 'object');
`,
} as const;
