import { GENTLE, GRIPPING } from '../../../../catalogue';
import type { RuleContext } from '../../finding';
import { breakBefore } from '../../../edit/new-rows';
import { placedRows, type Row } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const MAX_ROWS = 2;
const MAX_GRIP_MS = 90_000;
const BREAK_S = 30;

export const handBreak = rule({
  code: 'R1',
  severity: 'must',
  title: 'A hand break after two grip rows or 90 s of gripping',
  reason: 'After two grip rows or 90 s of gripping the same muscles need to open, stretch back and shake.',
  source: PRACTICE,
  find: (context) => breaksDue(context),
  mend: ({ plan }, { beforeId }) =>
    breakBefore(plan, beforeId, 'hand', BREAK_S, `Put in a hand break of ${BREAK_S} s`),
});

function breaksDue(context: RuleContext) {
  const found: { text: string; rowIds: readonly string[]; beforeId: string }[] = [];
  let run: { rowId: string; gripMs: number }[] = [];
  placedRows(context.plan).forEach(({ row }, i) => {
    const gripMs = run.reduce((n, r) => n + r.gripMs, 0);
    const due = run.length >= MAX_ROWS || gripMs >= MAX_GRIP_MS;
    if (due && !isRestful(context, row) && row.kind !== 'talk') {
      const rows = run.length === 1 ? 'One long grip row has' : `${run.length} grip rows have`;
      found.push({
        text: `${rows} ${Math.round(gripMs / 1000)} s of gripping with no hand break after.`,
        rowIds: [...run.map((r) => r.rowId), row.id],
        beforeId: row.id,
      });
      run = [];
    }
    if (isGripping(context, row)) run.push({ rowId: row.id, gripMs: context.timing.rows[i]!.handsMs });
    else if (row.kind !== 'talk') run = [];
  });
  return found;
}

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
