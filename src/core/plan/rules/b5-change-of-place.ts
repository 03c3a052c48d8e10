import { positionOf } from '../../catalogue/movement';
import { capital, clockText } from '../../words';
import { placedRows, type Row } from '../plan';
import { breakBefore, finding, type Finding, type RuleContext, type SequencingRule } from '../finding';

const LONGEST_MS = 4 * 60_000;

/** What a row keeps in one place all the while it lasts. */
type Kept = 'arms on the table' | 'arms up' | 'legs standing';

/** B5 No part of the body is held in one place longer than four minutes without a change. */
export const changeOfPlace: SequencingRule = (context) => {
  const findings: Finding[] = [];
  let run: { kept: Kept; sinceMs: number } | null = null;
  placedRows(context.plan).forEach(({ row }, i) => {
    const { startMs, totalMs } = context.timing.rows[i]!;
    const kept = keptBy(context, row);
    // Talk leaves people where they are; anything else lets go.
    if (row.kind !== 'talk' && kept !== run?.kept) run = kept && { kept, sinceMs: startMs };
    if (!run || startMs + totalMs - run.sinceMs <= LONGEST_MS) return;
    if (startMs > run.sinceMs)
      findings.push(tooLong(context, row.id, run.kept, startMs + totalMs - run.sinceMs));
    run = null;
  });
  return findings;
};

function keptBy(context: RuleContext, row: Row): Kept | null {
  const movement = row.kind === 'movement' ? context.catalogue.movement(row.movementId) : undefined;
  if (!movement) return null;
  if (movement.traits.includes('loose shake') || movement.effort === 'massage') return null;
  if (movement.traits.includes('arms above chest')) return 'arms up';
  const position = positionOf(movement);
  if (position === 'table' && !movement.joints.includes('shoulder')) return 'arms on the table';
  return position === 'standing' ? 'legs standing' : null;
}

function tooLong(context: RuleContext, rowId: string, kept: Kept, lastedMs: number): Finding {
  return finding(
    'B5',
    'could',
    `${capital(kept)} for ${clockText(lastedMs)} without a change.`,
    'What is kept in one place for more than four minutes stiffens.',
    {
      rowIds: [rowId],
      mend: breakBefore(context.plan, rowId, 'hand', 20, 'Put in a hand break of 20 s before it'),
    },
  );
}
