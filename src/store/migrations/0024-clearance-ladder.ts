/** A clearance is for a hand and a rung of a ladder; what was kept before is read as the least that it can mean. */
export const clearanceLadder = {
  number: 24,
  name: 'clearance ladder',
  sql: `
alter table clearance drop constraint clearance_scope_check;
update clearance set scope = 'seated loading' where scope = 'loading';
alter table clearance add constraint clearance_scope_check check (scope in ('fingers', 'hand', 'stretch', 'resisted',
  'seated loading', 'standing loading', 'floor', 'impact'));
alter table clearance add column side text check (side in ('L', 'R', 'both'));
`,
};
