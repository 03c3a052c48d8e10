import { fail, ok, type Result } from '../../result';
import { findRow, rowSchema, type MovementRow, type Plan, type Row } from '../plan';
import { applySectionStep, noSection } from './edit-sections';
import type { ExtraStep, PlanStep, SingleStep } from './step-schema';

type Applied = { readonly plan: Plan; readonly inverse: PlanStep };

const noRow = () => fail('row-gone', 'That row is no longer in the plan.');

/** Apply a step. Fails, with a sentence, when what it speaks of is not there. */
export function applyStep(plan: Plan, step: PlanStep): Result<Applied> {
  return step.type === 'several' ? applySeveral(plan, step.steps) : applySingle(plan, step);
}

function applySeveral(plan: Plan, steps: readonly SingleStep[]): Result<Applied> {
  let current = plan;
  const inverses: SingleStep[] = [];
  for (const step of steps) {
    const result = applySingle(current, step);
    if (!result.ok) return result;
    current = result.value.plan;
    inverses.unshift(result.value.inverse);
  }
  return ok({ plan: current, inverse: { type: 'several', steps: inverses } });
}

function applySingle(plan: Plan, step: SingleStep): Result<{ plan: Plan; inverse: SingleStep }> {
  switch (step.type) {
    case 'insertRow': {
      const section = plan.sections.find((s) => s.id === step.sectionId);
      if (!section) return noSection();
      if (findRow(plan, step.row.id)) return fail('row-exists', 'That row is in the plan already.');
      if (section.rows.length >= 60) return fail('section-full', 'A section holds at most 60 rows.');
      const rows = inserted(section.rows, step.index, step.row);
      return ok({
        plan: withRows(plan, section.id, rows),
        inverse: { type: 'removeRow', rowId: step.row.id },
      });
    }
    case 'removeRow': {
      const place = findRow(plan, step.rowId);
      if (!place) return noRow();
      const { row, section, index } = place;
      return ok({
        plan: withRows(plan, section.id, without(section.rows, row.id)),
        inverse: { type: 'insertRow', sectionId: section.id, index, row },
      });
    }
    case 'moveRow': {
      const place = findRow(plan, step.rowId);
      if (!place) return noRow();
      if (!plan.sections.some((s) => s.id === step.sectionId)) return noSection();
      const taken = withRows(plan, place.section.id, without(place.section.rows, step.rowId));
      const target = taken.sections.find((s) => s.id === step.sectionId)!;
      return ok({
        plan: withRows(taken, target.id, inserted(target.rows, step.index, place.row)),
        inverse: { type: 'moveRow', rowId: step.rowId, sectionId: place.section.id, index: place.index },
      });
    }
    case 'setDose': {
      const place = findRow(plan, step.rowId);
      if (!place) return noRow();
      if (place.row.kind !== 'movement') return fail('no-dose', 'Only a movement has a dose.');
      const row: Row = { ...place.row, dose: step.dose };
      return ok({ plan: withRow(plan, row), inverse: { ...step, dose: place.row.dose } });
    }
    case 'setDuration': {
      const place = findRow(plan, step.rowId);
      if (!place) return noRow();
      if (place.row.kind === 'movement')
        return fail('no-length', 'The length of a movement comes from its dose.');
      const parsed = rowSchema.safeParse({ ...place.row, durationMs: step.durationMs });
      if (!parsed.success) return fail('bad-length', parsed.error.issues[0]!.message + '.');
      return ok({ plan: withRow(plan, parsed.data), inverse: { ...step, durationMs: place.row.durationMs } });
    }
    case 'setTitle': {
      const place = findRow(plan, step.rowId);
      if (!place) return noRow();
      if (place.row.kind !== 'talk') return fail('no-title', 'Only talk has a title of its own.');
      return ok({
        plan: withRow(plan, { ...place.row, title: step.title }),
        inverse: { ...step, title: place.row.title },
      });
    }
    case 'setText': {
      const place = findRow(plan, step.rowId);
      if (!place) return noRow();
      if (place.row.kind !== 'talk') return fail('no-text', 'Only talk has words of its own.');
      const { text: was, ...rest } = place.row;
      return ok({
        plan: withRow(plan, step.text === '' ? rest : { ...rest, text: step.text }),
        inverse: { ...step, text: was ?? '' },
      });
    }
    case 'setQuestion': {
      const place = findRow(plan, step.rowId);
      if (!place) return noRow();
      if (place.row.kind !== 'talk') return fail('no-question', 'Only talk can be a question.');
      const { question: was, ...rest } = place.row;
      return ok({
        plan: withRow(plan, step.question ? { ...rest, question: true } : rest),
        inverse: { ...step, question: was ?? null },
      });
    }
    case 'setNote': {
      const place = findRow(plan, step.rowId);
      if (!place) return noRow();
      if (place.row.kind !== 'movement') return fail('no-note', 'Only a movement has a note.');
      return ok({
        plan: withRow(plan, { ...place.row, note: step.note }),
        inverse: { ...step, note: place.row.note },
      });
    }
    case 'setRung':
    case 'setPress':
    case 'setSeries':
    case 'setMusic':
    case 'setWayIn':
    case 'setProps':
    case 'setWords':
    case 'setEffort':
    case 'setOptional':
    case 'setJoined':
    case 'setOwnSets':
      return applyExtra(plan, step);
    case 'addSection':
    case 'removeSection':
    case 'moveSection':
    case 'renameSection':
      return applySectionStep(plan, step);
    case 'setUsualWayIn': {
      const { wayIn: was, ...rest } = plan;
      return ok({
        plan: step.wayIn ? { ...rest, wayIn: step.wayIn } : rest,
        inverse: { ...step, wayIn: was ?? null },
      });
    }
    case 'setReminders': {
      const { reminders: was, ...rest } = plan;
      return ok({
        plan: step.reminders ? { ...rest, reminders: step.reminders } : rest,
        inverse: { ...step, reminders: was ?? null },
      });
    }
    case 'setMutes':
      return ok({
        plan: withMutes(plan, step.mutes),
        inverse: { ...step, mutes: plan.mutes ?? [] },
      });
    case 'setBreath':
      return ok({
        plan: { ...plan, breathMs: step.breathMs },
        inverse: { ...step, breathMs: plan.breathMs },
      });
  }
}

function withMutes({ mutes: _, ...plan }: Plan, mutes: Plan['mutes'] & object): Plan {
  return mutes.length > 0 ? { ...plan, mutes } : plan;
}

const inserted = (rows: readonly Row[], at: number, row: Row): Row[] => {
  const place = Math.min(at, rows.length);
  return [...rows.slice(0, place), row, ...rows.slice(place)];
};
const without = (rows: readonly Row[], rowId: string): Row[] => rows.filter((r) => r.id !== rowId);

const withRows = (plan: Plan, sectionId: string, rows: Row[]): Plan => ({
  ...plan,
  sections: plan.sections.map((s) => (s.id === sectionId ? { ...s, rows } : s)),
});
const withRow = (plan: Plan, row: Row): Plan => ({
  ...plan,
  sections: plan.sections.map((s) =>
    s.rows.some((r) => r.id === row.id) ? { ...s, rows: s.rows.map((r) => (r.id === row.id ? row : r)) } : s,
  ),
});

/** What a movement row may have besides its dose, by the edit that sets it, and why other rows have none. */
const EXTRAS = {
  setRung: ['rung', 'Only a movement has rungs.'],
  setPress: ['press', 'Only a movement is pressed.'],
  setMusic: ['bpm', 'Only a movement is counted to music.'],
  setSeries: ['continuesPrevious', 'Only a movement has a count to go on with.'],
  setWayIn: ['wayInMs', 'Only a movement has a way in.'],
  setProps: ['props', 'Only a movement is done with something.'],
  setWords: ['words', 'Only a movement has a name and words of its own.'],
  setEffort: ['effortOf10', 'Only a movement has an effort.'],
  setOptional: ['optional', 'Only a movement can be marked as one that may be left out.'],
  setJoined: ['joinedId', 'Only a movement can be joined with another.'],
  setOwnSets: ['ownSets', 'Only a movement has sets.'],
} as const satisfies Record<ExtraStep['type'], readonly [keyof MovementRow, string]>;

/** One of a movement row's extras set, or left out when null. */
function applyExtra(plan: Plan, step: ExtraStep): Result<{ plan: Plan; inverse: SingleStep }> {
  const [key, why] = EXTRAS[step.type];
  const place = findRow(plan, step.rowId);
  if (!place) return noRow();
  if (place.row.kind !== 'movement') return fail(`no-${key}`, why);
  const { [key]: was, ...rest } = place.row;
  const value = (step as unknown as MovementRow)[key] ?? null;
  const row = (value === null ? rest : { ...rest, [key]: value }) as MovementRow;
  return ok({ plan: withRow(plan, row), inverse: { ...step, [key]: was ?? null } as ExtraStep });
}
