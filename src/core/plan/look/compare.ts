import type { Catalogue } from '../../catalogue';
import { doseWords } from '../../dose';
import { rungOf } from '../at-rung';
import { earlierRow } from '../check/earlier-row';
import { movementRows } from '../plan';
import { loadSettingWords } from '../../stance';
import { plural } from '../../words';
import type { MovementRow, Plan } from '../plan';
import { propsWords } from './props-words';
import { rowTitle } from './row-title';

/** A movement row that differs between two classes, in words. */
type RowChange = {
  readonly rowId: string;
  readonly title: string;
  /** Each thing that differs, in words. */
  readonly differs: readonly (readonly [then: string, now: string])[];
};

type PlanComparison = {
  readonly added: readonly string[];
  readonly gone: readonly string[];
  readonly changed: readonly RowChange[];
  readonly same: number;
};

/** This plan against an earlier one: new rows, rows that are gone, and rows of another dose or rung. */
export function comparePlans(plan: Plan, earlier: Plan, catalogue: Catalogue): PlanComparison {
  const title = (row: MovementRow) => rowTitle(row, catalogue);
  const pairs = movementRows(plan).map((row) => ({ row, before: earlierRow(earlier, plan, row) }));
  const kept = new Set(pairs.map(({ before }) => before?.id));
  const both = pairs.flatMap(({ row, before }) => (before ? [changeOf(row, before, catalogue)] : []));
  const changed = both.filter((c) => c.differs.length > 0);
  return {
    added: pairs.filter(({ before }) => !before).map(({ row }) => title(row)),
    gone: movementRows(earlier)
      .filter((row) => !kept.has(row.id))
      .map(title),
    changed,
    same: both.length - changed.length,
  };
}

function changeOf(row: MovementRow, before: MovementRow, catalogue: Catalogue): RowChange {
  const then = aspectsOf(before, catalogue);
  const now = aspectsOf(row, catalogue);
  return {
    rowId: row.id,
    title: rowTitle(row, catalogue),
    differs: now.flatMap((words, i) => (words === then[i] ? [] : [[then[i]!, words] as const])),
  };
}

/** Everything of a row that is compared, always in the same order. */
function aspectsOf(row: MovementRow, catalogue: Catalogue): readonly string[] {
  const movement = catalogue.movement(row.movementId);
  const { words, effortOf10, joinedId, ownSets } = row;
  return [
    doseWords(row.dose),
    movement?.rungs[rungOf(movement, row.rung)]?.words ?? '',
    row.press ? loadSettingWords(row.press) : 'the usual set-up',
    propsWords(row, catalogue) || 'the usual prop',
    effortOf10 === undefined ? 'the usual effort' : `effort ${effortOf10} of 10`,
    joinedId === undefined ? 'by itself' : rowTitle(row, catalogue),
    row.optional ? 'may be left out' : 'not to be left out',
    ownSets
      ? `${plural(ownSets.length, 'person', 'people')} with sets of their own`
      : 'the same sets for all',
    [words?.name, words?.felt, words?.goodFor].filter(Boolean).join(', ') || 'the usual words',
  ];
}
