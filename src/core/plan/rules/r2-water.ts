import { RESISTED } from '../../catalogue/movement';
import { clockText } from '../../words';
import { placedRows, type Row } from '../plan';
import {
  breakBefore,
  finding,
  movementPlaces,
  type Finding,
  type RuleContext,
  type SequencingRule,
} from '../finding';

const EVERY_MS = 15 * 60_000;

/** R2 Water within the first 15 minutes and every 15 after, and before the settle. */
export const water: SequencingRule = (context) => longDryStretch(context) ?? noneBeforeSettle(context) ?? [];

const isWater = (row: Row): boolean => row.kind === 'break' && row.what === 'water';

function longDryStretch(context: RuleContext): readonly Finding[] | null {
  let since = 0;
  for (const [i, { row }] of placedRows(context.plan).entries()) {
    const timing = context.timing.rows[i]!;
    const endMs = timing.startMs + timing.totalMs;
    if (isWater(row)) since = timing.startMs;
    else if (endMs - since > EVERY_MS)
      return [
        dry(context, row.id, `No water between ${clockText(since)} and ${clockText(endMs)}.`, timing.startMs),
      ];
  }
  return null;
}

function noneBeforeSettle(context: RuleContext): readonly Finding[] | null {
  const rows = placedRows(context.plan);
  const settleAt = rows.findIndex((p) => p.section.kind === 'settle' && !isWater(p.row));
  if (settleAt < 0) return null;
  const lastWork = movementPlaces(context).findLast(
    (p) => p.order < settleAt && (RESISTED.has(p.movement.effort) || p.movement.effort === 'load'),
  );
  if (!lastWork) return null;
  const drunk = rows.slice(lastWork.order, settleAt).some(({ row }) => isWater(row));
  if (drunk) return null;
  const settle = rows[settleAt]!;
  return [
    dry(
      context,
      settle.row.id,
      'No water between the work and the settle.',
      context.timing.rows[settleAt]!.startMs,
    ),
  ];
}

function dry(context: RuleContext, rowId: string, text: string, atMs: number): Finding {
  return finding(
    'R2',
    'should',
    text,
    'Water comes within the first 15 minutes, every 15 after, and before the settle.',
    {
      rowIds: [rowId],
      mend: breakBefore(context.plan, rowId, 'water', 60, `Put in water at ${clockText(atMs)}`),
    },
  );
}
