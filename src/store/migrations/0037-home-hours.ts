/** Home practice up to eight times a day, and when: the hours and the gap of a card, null for the usual ones. */
export const homeHours = {
  number: 37,
  name: 'home hours',
  sql: `
alter table home_card drop constraint home_card_times_a_day_check;
alter table home_card add constraint home_card_times_a_day_check check (times_a_day between 1 and 8);
alter table home_card add column hours jsonb check (jsonb_typeof(hours) = 'object');
`,
} as const;
