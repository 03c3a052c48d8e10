import { GENTLE, GRIPPING } from '../../../../catalogue';
import { doseTotals, type Dose, type Hand } from '../../../../dose';
import type { RuleContext } from '../../finding';
import { breakBefore } from '../../../edit/new-rows';
import { placedRows, type Row } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const MAX_ROWS = 2;
const MAX_GRIP_MS = 90_000;
const BREAK_S = 30;
/** Of ten. */
const LIGHT = 2;

export const handBreak = rule({
  code: 'R1',
  severity: 'must',
  title: 'A hand break after two grip rows or 90 s of gripping',
  reason:
    'After two grip rows or 90 s of gripping with the same hand the same muscles need to open, stretch back and shake.',
  source: PRACTICE,
  find: (context) => breaksDue(context),
  mend: ({ plan }, { beforeId }) =>
    breakBefore(plan, beforeId, 'hand', BREAK_S, `Put in a hand break of ${BREAK_S} s`),
});

function breaksDue(context: RuleContext) {
  const found: { text: string; rowIds: readonly string[]; beforeId: string }[] = [];
  let run: { rowId: string; gripMs: PerHand }[] = [];
  placedRows(context.plan).forEach(({ row }, i) => {
    const gripMs = Math.max(...(['L', 'R'] as const).map((h) => run.reduce((n, r) => n + r.gripMs[h], 0)));
    const due = run.length >= MAX_ROWS || gripMs >= MAX_GRIP_MS;
    if (due && !isRestful(context, row) && row.kind !== 'talk') {
      const rows = run.length === 1 ? 'One long grip row has' : `${run.length} grip rows have`;
      found.push({
        text: `${rows} ${Math.round(gripMs / 1000)} s of gripping with one hand, and no hand break after.`,
        rowIds: [...run.map((r) => r.rowId), row.id],
        beforeId: row.id,
      });
      run = [];
    }
    if (row.kind === 'movement' && isGripping(context, row))
      run.push({ rowId: row.id, gripMs: grippedBy(row.dose, context.timing.rows[i]!.handsMs) });
    else if (row.kind !== 'talk') run = [];
  });
  return found;
}

const movementOf = (context: RuleContext, row: Row) =>
  row.kind === 'movement' ? context.catalogue.movement(row.movementId) : undefined;
/** A light thing that lies on open palms is carried or rolled, not gripped. */
const isGripping = (context: RuleContext, row: Row) => {
  const movement = movementOf(context, row);
  if (!movement || !GRIPPING.has(movement.effort)) return false;
  const isCarried = movement.propId !== null && !movement.traits.includes('thumb in the grip');
  return !(isCarried && movement.effortOf10 <= LIGHT);
};

type PerHand = Readonly<Record<Hand, number>>;

/** How long each hand grips, ms: hands that do it in turn share the time. */
function grippedBy(dose: Dose, handsMs: number): PerHand {
  const { left, right, beats } = doseTotals(dose);
  return { L: (handsMs * left) / beats, R: (handsMs * right) / beats };
}

/** A break, or a row in which the hands open, stretch back, shake or only move gently. */
function isRestful(context: RuleContext, row: Row): boolean {
  const movement = movementOf(context, row);
  // A quick shake of a few seconds is no break.
  if (!movement) return row.kind === 'break' && row.what !== 'shake';
  return (
    GENTLE.has(movement.effort) || movement.effort === 'stretch' || movement.traits.includes('opens the hand')
  );
}
