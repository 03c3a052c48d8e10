import { RESISTED } from '../../../../catalogue';
import { clockText } from '../../../../words';
import { movementPlaces, type RuleContext } from '../../finding';
import { breakBefore } from '../../../edit/new-rows';
import { placedRows, type Row } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const EVERY_MS = 15 * 60_000;
const DRINK_S = 60;

export const water = rule({
  code: 'R2',
  severity: 'should',
  title: 'Water every 15 minutes and before the settle',
  reason: 'Water comes within the first 15 minutes, every 15 after, and before the settle.',
  source: PRACTICE,
  find: (context) => longDryStretch(context) ?? noneBeforeSettle(context) ?? [],
  mend: ({ plan }, { rowIds: [rowId], atMs }) =>
    breakBefore(plan, rowId, 'water', DRINK_S, `Put in water at ${clockText(atMs)}`),
});

type Dry = { readonly text: string; readonly rowIds: readonly [string]; readonly atMs: number };

const isWater = (row: Row): boolean => row.kind === 'break' && row.what === 'water';

function longDryStretch(context: RuleContext): readonly Dry[] | null {
  let since = 0;
  for (const [i, { row }] of placedRows(context.plan).entries()) {
    const timing = context.timing.rows[i]!;
    const endMs = timing.startMs + timing.totalMs;
    if (isWater(row)) since = timing.startMs;
    else if (endMs - since > EVERY_MS) {
      const text = `No water between ${clockText(since)} and ${clockText(endMs)}.`;
      return [{ text, rowIds: [row.id], atMs: timing.startMs }];
    }
  }
  return null;
}

function noneBeforeSettle(context: RuleContext): readonly Dry[] | null {
  const rows = placedRows(context.plan);
  const settleAt = rows.findIndex((p) => p.section.kind === 'settle' && !isWater(p.row));
  if (settleAt < 0) return null;
  const lastWork = movementPlaces(context).findLast(
    (p) => p.order < settleAt && (RESISTED.has(p.movement.effort) || p.movement.effort === 'load'),
  );
  if (!lastWork) return null;
  const drunk = rows.slice(lastWork.order, settleAt).some(({ row }) => isWater(row));
  if (drunk) return null;
  const text = 'No water before the Settle section.';
  return [{ text, rowIds: [rows[settleAt]!.row.id], atMs: context.timing.rows[settleAt]!.startMs }];
}
