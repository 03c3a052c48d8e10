import { SECTION_KINDS, type SectionKind } from '../../catalogue';
import { fail, ok, type Result } from '../../result';
import { MAX_SECTIONS, placedRows, SECTION_NAMES, type Plan, type Section } from '../plan';
import { freshRows } from './copy-rows';
import type { PlanStep, SectionStep } from './step-schema';

type Applied = { readonly plan: Plan; readonly inverse: SectionStep };

export const noSection = () => fail('section-gone', 'That section is no longer in the plan.');

/** Apply an edit of a section. Fails, with a sentence, when it is not there or may not be. */
export function applySectionStep(plan: Plan, step: SectionStep): Result<Applied> {
  const { sections } = plan;
  if (step.type === 'addSection') {
    const refused = refusalOf(plan, step.section);
    if (refused) return refused;
    return ok({
      plan: { ...plan, sections: putIn(sections, step.index, step.section) },
      inverse: { type: 'removeSection', sectionId: step.section.id },
    });
  }
  const at = sections.findIndex((s) => s.id === step.sectionId);
  const section = sections[at];
  if (!section) return noSection();
  switch (step.type) {
    case 'removeSection':
      if (isToStay(plan, section))
        return fail('ending-kept', 'A class keeps its ending. It can be empty, but not taken out.');
      return ok({
        plan: { ...plan, sections: without(sections, at) },
        inverse: { type: 'addSection', index: at, section },
      });
    case 'moveSection':
      return ok({
        plan: { ...plan, sections: putIn(without(sections, at), step.index, section) },
        inverse: { ...step, index: at },
      });
    case 'renameSection':
      return ok({
        plan: { ...plan, sections: sections.map((s) => (s === section ? { ...s, name: step.name } : s)) },
        inverse: { ...step, name: section.name },
      });
  }
}

function refusalOf(plan: Plan, { id, rows }: Section) {
  if (plan.sections.length >= MAX_SECTIONS)
    return fail('sections-full', `A plan holds at most ${MAX_SECTIONS} sections.`);
  const taken = new Set(placedRows(plan).map((p) => p.row.id));
  return plan.sections.some((s) => s.id === id) || rows.some((r) => taken.has(r.id))
    ? fail('section-exists', 'That section is in the plan already.')
    : null;
}

/** The ending is protected: the last section that settles stays, and so does the last one of all. */
export const isToStay = ({ sections }: Plan, { kind }: Section): boolean =>
  sections.length === 1 || (kind === 'settle' && sections.filter((s) => s.kind === 'settle').length === 1);

/** A new empty section of a kind, after another or at the beginning. */
export function newSection(plan: Plan, kind: SectionKind, afterId: string | null): PlanStep {
  const section = {
    id: freshSectionId(plan, kind),
    kind,
    name: freshName(plan, SECTION_NAMES[kind]),
    rows: [],
  };
  return { type: 'addSection', index: placeAfter(plan, afterId), section };
}

/** A section once more with all its rows, right after it; null when it is gone. */
export function repeatSection(plan: Plan, sectionId: string): PlanStep | null {
  const section = plan.sections.find((s) => s.id === sectionId);
  if (!section) return null;
  const again = {
    ...section,
    id: freshSectionId(plan, section.kind),
    name: freshName(plan, section.name),
    rows: freshRows(plan, section.rows),
  };
  return { type: 'addSection', index: placeAfter(plan, sectionId), section: again };
}

/** The kinds that a plan has no section of, and then all the others: what is missing is wanted most. */
export const sectionKindsToAdd = (plan: Plan): readonly SectionKind[] => {
  const there = new Set(plan.sections.map((s) => s.kind));
  return [...SECTION_KINDS.filter((k) => !there.has(k)), ...SECTION_KINDS.filter((k) => there.has(k))];
};

const putIn = (sections: readonly Section[], at: number, section: Section) => [
  ...sections.slice(0, at),
  section,
  ...sections.slice(at),
];
const without = (sections: readonly Section[], at: number) => sections.filter((_, i) => i !== at);

const placeAfter = (plan: Plan, afterId: string | null): number =>
  plan.sections.findIndex((s) => s.id === afterId) + 1;

function freshSectionId({ sections }: Plan, kind: SectionKind): string {
  const taken = new Set(sections.map((s) => s.id));
  if (!taken.has(kind)) return kind;
  for (let n = 2; ; n++) if (!taken.has(`${kind}-${n}`)) return `${kind}-${n}`;
}

function freshName({ sections }: Plan, name: string): string {
  const taken = new Set(sections.map((s) => s.name));
  const base = name.replace(/ \d+$/, '').slice(0, 36);
  if (!taken.has(name)) return name;
  for (let n = 2; ; n++) if (!taken.has(`${base} ${n}`)) return `${base} ${n}`;
}
