/** In the text of a JSON value a name is what stands in plain quotation marks before a colon; those in what somebody wrote are not plain. */
const NAMES = [
  ['goesOn', 'continuesPrevious'],
  ['seatedTwin', 'seatedAlternative'],
  ['offUntil', 'clearanceReason'],
] as const;
/** Wherever rows, edits or movements are kept, also in what was taken away and what was typed and not saved. */
const KEPT_IN = [
  'plan.current',
  'plan_step.step',
  'plan_step.inverse',
  'block.rows',
  'taught.snapshot',
  'taught.state',
  'own_movement_version.movement',
  'taken_away.rows',
  'taken_away.followers',
  'unsaved_form.body',
] as const;

const renamed = (column: string): string =>
  NAMES.reduce((sql, [was, is]) => `replace(${sql}, '"${was}":', '"${is}":')`, `${column}::text`);

/** A row continues the one before; a movement has a seated alternative, and a reason for needing clearance. */
export const fieldNames = {
  number: 39,
  name: 'field names',
  sql: KEPT_IN.map((place) => {
    const [table, column] = place.split('.') as [string, string];
    const had = NAMES.map(([was]) => `${column}::text like '%"${was}":%'`).join(' or ');
    return `update ${table} set ${column} = (${renamed(column)})::jsonb where ${had};`;
  }).join('\n'),
} as const;
