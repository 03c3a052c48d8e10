import { findRow, type Plan } from '@/core/plan';

const SECTION_PREFIX = 'section:';
export const sectionDropId = (sectionId: string): string => `${SECTION_PREFIX}${sectionId}`;

/** Where a dragged row lands: before the row it is over (after it when moving down), or at a section's start. */
export function dropTarget(
  plan: Plan,
  rowId: string,
  overId: string,
): { sectionId: string; index: number } | null {
  const order = plan.sections.flatMap((s) => [sectionDropId(s.id), ...s.rows.map((r) => r.id)]);
  const down = order.indexOf(overId) > order.indexOf(rowId);
  if (overId.startsWith(SECTION_PREFIX)) {
    const at = plan.sections.findIndex((s) => sectionDropId(s.id) === overId);
    const before = plan.sections[at - 1];
    if (down || !before) return { sectionId: overId.slice(SECTION_PREFIX.length), index: 0 };
    return { sectionId: before.id, index: before.rows.length };
  }
  const over = findRow(plan, overId);
  const from = findRow(plan, rowId);
  if (!over || !from) return null;
  const sameSection = over.section.id === from.section.id;
  return { sectionId: over.section.id, index: down && !sameSection ? over.index + 1 : over.index };
}
