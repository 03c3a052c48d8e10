/** How the rungs stood before a decision, so that it can be taken back; nothing is known of decisions that are older. */
export const takeBack = {
  number: 35,
  name: 'take back',
  sql: `
alter table decision add column stood jsonb check (jsonb_typeof(stood) = 'array');
`,
} as const;
