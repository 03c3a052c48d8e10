import { GENTLE, GRIPPING } from '../../catalogue/movement';
import { placedRows, type Row } from '../plan';
import { breakBefore, finding, type Finding, type RuleContext, type SequencingRule } from '../finding';

const MOST_ROWS = 2;
const MOST_GRIP_MS = 90_000;

/** R1 After at most two grip or pinch items in a row, or 90 s of gripping, a hand break. */
export const handBreak: SequencingRule = (context) => {
  const findings: Finding[] = [];
  let run: { rowId: string; gripMs: number }[] = [];
  placedRows(context.plan).forEach(({ row }, i) => {
    const gripMs = run.reduce((n, r) => n + r.gripMs, 0);
    const due = run.length >= MOST_ROWS || gripMs >= MOST_GRIP_MS;
    if (due && !isRestful(context, row) && row.kind !== 'talk') {
      findings.push(
        breakDue(
          context,
          row.id,
          run.map((r) => r.rowId),
          gripMs,
        ),
      );
      run = [];
    }
    if (isGripping(context, row)) run.push({ rowId: row.id, gripMs: context.timing.rows[i]!.handsMs });
    else if (row.kind !== 'talk') run = [];
  });
  return findings;
};

const movementOf = (context: RuleContext, row: Row) =>
  row.kind === 'movement' ? context.catalogue.movement(row.movementId) : undefined;
const isGripping = (context: RuleContext, row: Row) =>
  GRIPPING.has(movementOf(context, row)?.effort ?? 'notice');

/** A break, or a row in which the hands open, stretch back, shake or only move gently. */
function isRestful(context: RuleContext, row: Row): boolean {
  const movement = movementOf(context, row);
  if (!movement) return row.kind === 'break';
  return (
    GENTLE.has(movement.effort) || movement.effort === 'stretch' || movement.traits.includes('opens the hand')
  );
}

function breakDue(context: RuleContext, rowId: string, rowIds: readonly string[], gripMs: number): Finding {
  return finding(
    'R1',
    'must',
    `${rowIds.length === 1 ? 'One long grip row has' : `${rowIds.length} grip rows have`} ${Math.round(gripMs / 1000)} s of gripping with no hand break after.`,
    'After two grip rows or 90 s of gripping the same muscles need to open, stretch back and shake.',
    {
      rowIds: [...rowIds, rowId],
      mend: breakBefore(context.plan, rowId, 'hand', 30, 'Put in a hand break of 30 s'),
    },
  );
}
