import type { Catalogue } from '../../catalogue';
import { doseWords } from '../../dose';
import { rungOf } from '../at-rung';
import { earlierRow } from '../check/earlier-row';
import { movementRows } from '../plan';
import { loadSettingWords } from '../../load';
import type { MovementRow, Plan } from '../plan';
import { rowTitle } from './row-title';

/** A movement row that differs between two classes, in words. */
type RowChange = {
  readonly rowId: string;
  readonly title: string;
  readonly dose: readonly [then: string, now: string] | null;
  readonly rung: readonly [then: string, now: string] | null;
  readonly press: readonly [then: string, now: string] | null;
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
  const changed = both.filter((c) => c.dose || c.rung || c.press);
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
  const movement = catalogue.movement(row.movementId);
  const [then, now] = [doseWords(before.dose), doseWords(row.dose)];
  const rungWords = ({ rung }: MovementRow) => movement?.rungs[rungOf(movement, rung)]?.words ?? '';
  const sameRung = !movement || rungOf(movement, row.rung) === rungOf(movement, before.rung);
  return {
    rowId: row.id,
    title: rowTitle(row, catalogue),
    dose: then === now ? null : [then, now],
    rung: sameRung ? null : [rungWords(before), rungWords(row)],
    press: pressed(before) === pressed(row) ? null : [pressed(before), pressed(row)],
  };
}

const pressed = ({ press }: MovementRow): string => (press ? loadSettingWords(press) : 'the usual set-up');
