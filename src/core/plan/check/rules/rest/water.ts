import { RESISTED } from '../../../../catalogue';
import { clockText } from '../../../../words';
import { movementPlaces, type RuleContext } from '../../finding';
import { breakBefore } from '../../../edit/new-rows';
import { findRow, placedRows, type Row } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const EVERY_MS = 15 * 60_000;
const DRINK_S = 60;
/** Water that comes so soon after it was due is brought forward: two breaks within a few minutes are one too many. */
const SOON_MS = 5 * 60_000;

export const water = rule({
  code: 'R2',
  severity: 'should',
  title: 'Water every 15 minutes and before the settle',
  reason: 'Water comes within the first 15 minutes, every 15 after, and before the settle.',
  source: PRACTICE,
  find: (context) => longDryStretch(context) ?? noneBeforeSettle(context) ?? [],
  mend: ({ plan }, { rowIds: [rowId], atMs, soon }) => {
    const place = findRow(plan, rowId);
    if (soon === null || !place)
      return breakBefore(plan, rowId, 'water', DRINK_S, `Put in water at ${clockText(atMs)}`);
    return {
      label: `Have the water sooner, at ${clockText(atMs)}`,
      step: { type: 'moveRow', rowId: soon, sectionId: place.section.id, index: place.index },
    };
  },
});

type Dry = {
  readonly text: string;
  readonly rowIds: readonly [string];
  readonly atMs: number;
  /** Water that comes a little later, and is not the last before the settle. */
  readonly soon: string | null;
};

const isWater = (row: Row): boolean => row.kind === 'break' && row.what === 'water';

function longDryStretch(context: RuleContext): readonly Dry[] | null {
  let since = 0;
  for (const [i, { row }] of placedRows(context.plan).entries()) {
    const timing = context.timing.rows[i]!;
    const endMs = timing.startMs + timing.totalMs;
    if (isWater(row)) since = timing.startMs;
    else if (endMs - since > EVERY_MS) {
      const text = `No water between ${clockText(since)} and ${clockText(endMs)}.`;
      return [
        { text, rowIds: [row.id], atMs: timing.startMs, soon: soonAfter(context, i, since + EVERY_MS) },
      ];
    }
  }
  return null;
}

function soonAfter({ plan, timing }: RuleContext, from: number, dueMs: number): string | null {
  const [next, another] = placedRows(plan).flatMap(({ row }, i) =>
    i > from && isWater(row) ? [{ row, startMs: timing.rows[i]!.startMs }] : [],
  );
  return next && another && next.startMs - dueMs <= SOON_MS ? next.row.id : null;
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
  return [
    { text, rowIds: [rows[settleAt]!.row.id], atMs: context.timing.rows[settleAt]!.startMs, soon: null },
  ];
}
