export const body = {
  number: 6,
  name: 'body',
  sql: `
alter table person add column height_cm smallint check (height_cm between 100 and 220);
alter table person add column mass_kg real check (mass_kg between 25 and 250);
`,
};
