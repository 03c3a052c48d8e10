import { placedRows, type Plan, type Section } from '../plan';
import type { PlanStep, SingleStep } from './step-schema';

/**
 * Every row of a plan out, and every row of another in, as one step that can be undone. Sections that the plan has of the same kind are
 * filled, others put where the other plan has them. Null where nothing would change.
 */
export function replaceRows(plan: Plan, other: Plan): PlanStep | null {
  const out = placedRows(plan).map(({ row }): SingleStep => ({ type: 'removeRow', rowId: row.id }));
  let sections: readonly Section[] = plan.sections;
  let at = 0;
  const filled = new Set<string>();
  const into = other.sections.flatMap((section): readonly SingleStep[] => {
    const there = sections.find((s) => s.kind === section.kind && !filled.has(s.id));
    if (there) {
      filled.add(there.id);
      at = sections.indexOf(there) + 1;
      return section.rows.map((row) => ({ type: 'insertRow', sectionId: there.id, index: 60, row }));
    }
    if (section.rows.length === 0) return [];
    const index = at;
    const added = { ...section, id: freshId(section.id, sections) };
    sections = [...sections.slice(0, at), added, ...sections.slice(at)];
    filled.add(added.id);
    at += 1;
    return [{ type: 'addSection', index, section: added }];
  });
  const steps = [...out, ...into];
  return steps.length > 0 ? { type: 'several', steps } : null;
}

function freshId(id: string, sections: readonly Section[]): string {
  const taken = new Set(sections.map((s) => s.id));
  if (!taken.has(id)) return id;
  for (let n = 2; ; n++) if (!taken.has(`${id}-${n}`)) return `${id}-${n}`;
}
