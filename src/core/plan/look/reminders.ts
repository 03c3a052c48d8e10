import type { Catalogue } from '../../catalogue';
import { movementOfRow } from '../at-rung';
import { placedRows, type Plan } from '../plan';
import type { PlanTiming } from '../check/timing';

/** No reminder before the class is under way, and none soon after another, ms. */
const APART_MS = 4 * 60_000;

/** What the class is reminded of as a row begins, by row id: its reminders in turn, spaced, never at rest nor in the ending. */
export function remindersByRow(
  plan: Plan,
  timing: Pick<PlanTiming, 'rows'>,
  catalogue: Catalogue,
): ReadonlyMap<string, string> {
  const { reminders = [] } = plan;
  const at = new Map<string, string>();
  if (reminders.length === 0) return at;
  let lastMs = 0;
  placedRows(plan).forEach(({ row, section }, i) => {
    const movement = row.kind === 'movement' ? movementOfRow(row, catalogue) : undefined;
    const isQuiet = !movement || movement.effort === 'breath' || movement.effort === 'notice';
    const { startMs } = timing.rows[i]!;
    if (isQuiet || section.kind === 'settle' || startMs - lastMs < APART_MS) return;
    at.set(row.id, reminders[at.size % reminders.length]!);
    lastMs = startMs;
  });
  return at;
}
