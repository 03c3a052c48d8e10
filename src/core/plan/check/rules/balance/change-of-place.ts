import { positionOf } from '../../../../catalogue';
import { capital, clockText } from '../../../../words';
import type { RuleContext } from '../../finding';
import { breakBefore } from '../../../edit/new-rows';
import { placedRows, type Row } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const LONGEST_MS = 4 * 60_000;
const BREAK_S = 20;

export const changeOfPlace = rule({
  code: 'B5',
  severity: 'could',
  title: 'A change of place within four minutes',
  reason: 'More than four minutes in one position makes people stiff.',
  source: PRACTICE,
  find: (context) => keptTooLong(context),
  mend: ({ plan }, { rowIds: [rowId] }) =>
    breakBefore(plan, rowId, 'hand', BREAK_S, `Put in a hand break of ${BREAK_S} s before it`),
});

/** What a row keeps in one place all the while it lasts. */
type Kept = 'arms on the table' | 'arms up' | 'standing';

function keptTooLong(context: RuleContext) {
  const found: { text: string; rowIds: readonly [string] }[] = [];
  let run: { kept: Kept; sinceMs: number } | null = null;
  placedRows(context.plan).forEach(({ row }, i) => {
    const { startMs, totalMs } = context.timing.rows[i]!;
    const kept = keptBy(context, row);
    // Talk leaves people where they are; anything else lets go.
    if (row.kind !== 'talk' && kept !== run?.kept) run = kept && { kept, sinceMs: startMs };
    if (!run) return;
    const lastedMs = startMs + totalMs - run.sinceMs;
    if (lastedMs <= LONGEST_MS) return;
    if (startMs > run.sinceMs)
      found.push({
        text: `${capital(run.kept)} for ${clockText(lastedMs)} without a change.`,
        rowIds: [row.id],
      });
    run = null;
  });
  return found;
}

function keptBy(context: RuleContext, row: Row): Kept | null {
  const movement = row.kind === 'movement' ? context.catalogue.movement(row.movementId) : undefined;
  if (!movement) return null;
  if (movement.traits.includes('loose shake') || movement.effort === 'massage') return null;
  if (movement.traits.includes('arms above chest')) return 'arms up';
  const position = positionOf(movement);
  if (position === 'table' && !movement.joints.includes('shoulder')) return 'arms on the table';
  return position === 'standing' ? 'standing' : null;
}
