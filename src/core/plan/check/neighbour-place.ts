import { findRow, type Plan } from '../plan';

/** One place up or down, over the edge of a section into the next one. Null at the ends of the class. */
export function neighbourPlace(
  plan: Plan,
  rowId: string,
  by: -1 | 1,
): { sectionId: string; index: number } | null {
  const place = findRow(plan, rowId);
  if (!place) return null;
  const { section, index } = place;
  const target = index + by;
  if (target >= 0 && target < section.rows.length) return { sectionId: section.id, index: target };
  const next = plan.sections[plan.sections.indexOf(section) + by];
  if (!next) return null;
  return { sectionId: next.id, index: by === 1 ? 0 : next.rows.length };
}
