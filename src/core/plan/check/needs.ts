import type { Verdict } from '../../screening';
import type { PlanCheck } from './check';

/** How often a caution shapes a class. */
type CautionTally = {
  readonly because: string;
  readonly rows: number;
  readonly personIds: readonly string[];
};

/** How many people a row is not plainly done by, and how many cannot do it at all. */
type RowCost = {
  readonly rowId: string;
  readonly own: number;
  readonly swapped: number;
  readonly out: number;
};

type Verdicts = PlanCheck['verdicts'];

/** The cautions that shape most rows for most people, the most first. */
export function cautionsOf(verdicts: Verdicts): readonly CautionTally[] {
  const tally = new Map<string, { rows: Set<string>; people: Set<string> }>();
  for (const [rowId, people] of verdicts)
    for (const [personId, verdict] of people)
      for (const because of reasonsOf(verdict)) {
        const entry = tally.get(because) ?? { rows: new Set(), people: new Set() };
        entry.rows.add(rowId);
        entry.people.add(personId);
        tally.set(because, entry);
      }
  return [...tally]
    .map(([because, { rows, people }]) => ({ because, rows: rows.size, personIds: [...people] }))
    .sort((a, b) => b.rows * b.personIds.length - a.rows * a.personIds.length || b.rows - a.rows);
}

const reasonsOf = ({ L, R }: Verdict): ReadonlySet<string> => new Set([...L.reasons, ...R.reasons]);

/** Rows that cost people, the dearest first: left out counts most, then swapped, then their own way. */
export function rowCosts(verdicts: Verdicts): readonly RowCost[] {
  const costs = [...verdicts].map(([rowId, people]): RowCost => {
    const worst = [...people.values()].map((v) => v.worst);
    const of = (kind: Verdict['worst']) => worst.filter((w) => w === kind).length;
    return { rowId, own: of('adapt'), swapped: of('swap'), out: of('leaveOut') };
  });
  const weight = (c: RowCost) => c.out * 10_000 + c.swapped * 100 + c.own;
  return costs.filter((c) => weight(c) > 0).sort((a, b) => weight(b) - weight(a));
}

/** Rows and people where somebody swaps or is left out. */
export function troubleIn(verdicts: Verdicts): {
  readonly rowIds: ReadonlySet<string>;
  readonly personIds: ReadonlySet<string>;
} {
  const rowIds = new Set<string>();
  const personIds = new Set<string>();
  for (const [rowId, people] of verdicts)
    for (const [personId, { worst }] of people)
      if (worst === 'swap' || worst === 'leaveOut') {
        rowIds.add(rowId);
        personIds.add(personId);
      }
  return { rowIds, personIds };
}
