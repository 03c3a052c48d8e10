import { isFirstClass, movementRows, wayInOf, type ClassFacts, type Plan } from '../plan';
import { UNTAUGHT } from './balance';

/** Showing a movement and looking at each pair of hands takes so long, and so long where there is time for it after all else. */
export const GOOD_WAY_IN_MS = 60_000;
export const LONGEST_WAY_IN_MS = 90_000;
const STEP_MS = 5_000;

/** In a first class time that is left goes to showing what is new, evenly: `spareMs` of it, up to `mostMs` each. */
export function withLongerWayIn(plan: Plan, facts: ClassFacts, spareMs: number, mostMs: number): Plan {
  if (!isFirstClass(facts) || spareMs <= 0) return plan;
  const isShown = (movementId: string): boolean => {
    const movement = facts.catalogue.movement(movementId);
    return movement !== undefined && !UNTAUGHT.has(movement.effort);
  };
  const shown = new Set(
    movementRows(plan)
      .map((r) => r.movementId)
      .filter(isShown),
  );
  const rows = [...shown].map((id) => movementRows(plan).find((r) => r.movementId === id)!);
  const usual = Math.max(wayInOf(plan).newMs, ...rows.map((r) => r.wayInMs ?? 0));
  const each = usual + Math.floor(spareMs / Math.max(1, shown.size) / STEP_MS) * STEP_MS;
  const wayInMs = Math.max(usual, Math.min(mostMs, each));
  const first = new Set(rows.map((r) => r.id));
  return {
    ...plan,
    sections: plan.sections.map((s) => ({
      ...s,
      rows: s.rows.map((row) =>
        row.kind === 'movement' && first.has(row.id) && wayInMs > usual ? { ...row, wayInMs } : row,
      ),
    })),
  };
}
