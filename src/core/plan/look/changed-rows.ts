import type { Person } from '../../people';
import { movementOfRow } from '../at-rung';
import { placedRows, type Plan } from '../plan';
import { verdictFor, type ScreeningContext, type Verdict } from '../../screening';

/** A row that this person does another way than the record alone would say. */
type ChangedRow = {
  readonly rowId: string;
  readonly movementId: string;
  readonly before: Verdict;
  readonly after: Verdict;
};

/** What today makes of a person in a plan: the rows whose verdict or way differs between two states of them. */
export function changedRows(
  plan: Plan,
  before: Person,
  after: Person,
  context: ScreeningContext,
): readonly ChangedRow[] {
  return placedRows(plan).flatMap(({ row }) => {
    const movement = row.kind === 'movement' ? movementOfRow(row, context.catalogue) : undefined;
    if (row.kind !== 'movement' || !movement) return [];
    const [was, is] = [before, after].map((p) => verdictFor(p, movement, row.dose, context)) as [
      Verdict,
      Verdict,
    ];
    return sameWay(was, is) ? [] : [{ rowId: row.id, movementId: movement.id, before: was, after: is }];
  });
}

const sameWay = (a: Verdict, b: Verdict): boolean =>
  (['L', 'R'] as const).every(
    (hand) => a[hand].kind === b[hand].kind && a[hand].how.join() === b[hand].how.join(),
  );
