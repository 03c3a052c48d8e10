/** Who did a row easier or stronger than the class is kept as rung shifts. */
export const rungShifts = {
  number: 22,
  name: 'rung shifts',
  sql: `
update taught set state = (state - 'ways') || jsonb_build_object('rungShifts', state -> 'ways') where state ? 'ways';
`,
};
