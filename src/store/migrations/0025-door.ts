/** Hot or swollen, newly numb, and unwell are asked at the door. */
export const door = {
  number: 25,
  name: 'door',
  sql: `
alter table check_in add column hot_hand text check (hot_hand in ('L', 'R', 'both')),
  add column numb_hand text check (numb_hand in ('L', 'R', 'both')),
  add column unwell boolean not null default false;
`,
};
