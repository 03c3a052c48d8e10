import type { Plan } from '../plan';
import { applyStep } from './step';
import type { PlanStep } from './step-schema';
import type { HistoryEntry, PlanHistory } from './history';

type SingleStep = Exclude<PlanStep, { type: 'several' }>;

/** What an edit is about: rows, the order of a section, or one thing of the whole plan. */
function touchedBy(step: PlanStep): readonly string[] {
  return step.type === 'several' ? step.steps.flatMap(touchedBySingle) : touchedBySingle(step);
}

function touchedBySingle(step: SingleStep): readonly string[] {
  switch (step.type) {
    case 'insertRow':
      return [`row ${step.row.id}`, `order ${step.sectionId}`];
    case 'moveRow':
      return [`row ${step.rowId}`, `order ${step.sectionId}`];
    case 'renameSection':
      return [`name ${step.sectionId}`];
    // What is put into a section meanwhile is not thrown away with it, and places of sections hang together.
    case 'addSection':
      return ['sections', `order ${step.section.id}`, ...step.section.rows.map((r) => `row ${r.id}`)];
    case 'removeSection':
    case 'moveSection':
      return ['sections', `order ${step.sectionId}`, `name ${step.sectionId}`];
    case 'setReminders':
    case 'setBreath':
    case 'setMutes':
    case 'setUsualWayIn':
      return [step.type];
    default:
      return [`row ${step.rowId}`];
  }
}

/** An edit and its way back together touch where a row was and where it went. */
const touchedByEntry = ({ step, inverse }: Pick<HistoryEntry, 'step' | 'inverse'>): readonly string[] => [
  ...touchedBy(step),
  ...touchedBy(inverse),
];

/**
 * The edits that were made to a plan since somebody saw it at a version with so many edits done; null when something was also
 * taken back meanwhile, so that they cannot be told.
 */
export function editsSince(
  history: PlanHistory,
  version: number,
  seen: { readonly version: number; readonly done: number },
): readonly HistoryEntry[] | null {
  const made = history.done - seen.done;
  return made > 0 && version - seen.version === made ? history.entries.slice(seen.done, history.done) : null;
}

/** Whether an edit that was made without knowing of others can stand beside them: it is about nothing that they are about. */
export function commutesWith(plan: Plan, step: PlanStep, others: readonly HistoryEntry[]): boolean {
  const applied = applyStep(plan, step);
  if (!applied.ok) return false;
  const theirs = new Set(others.flatMap(touchedByEntry));
  return touchedByEntry({ step, inverse: applied.value.inverse }).every((thing) => !theirs.has(thing));
}
