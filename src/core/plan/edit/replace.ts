import { placedRows, type Plan } from '../plan';
import type { PlanStep } from './step-schema';

/** Every row of a plan out, and every row of another in, section by section, as one step that can be undone. Null where nothing would change. */
export function replaceRows(plan: Plan, other: Plan): PlanStep | null {
  const out = placedRows(plan).map(({ row }) => ({ type: 'removeRow' as const, rowId: row.id }));
  const into = other.sections.flatMap((section) => {
    const there = plan.sections.find((s) => s.kind === section.kind) ?? plan.sections.at(-1);
    return there
      ? section.rows.map((row) => ({ type: 'insertRow' as const, sectionId: there.id, index: 60, row }))
      : [];
  });
  const steps = [...out, ...into];
  return steps.length > 0 ? { type: 'several', steps } : null;
}
