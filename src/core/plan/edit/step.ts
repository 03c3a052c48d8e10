import { z } from 'zod';
import type { Immutable } from '../../frozen';
import { doseSchema } from '../../dose';
import { loadSettingSchema } from '../../load';
import { fail, ok, type Result } from '../../result';
import {
  bpmSchema,
  findRow,
  muteSchema,
  rowSchema,
  sectionNameSchema,
  talkRowSchema,
  type MovementRow,
  type Plan,
  type Row,
  type Section,
} from '../plan';

const id = z.string().min(1).max(60);
const index = z.number().int().min(0).max(60);

/** So many single edits in one. */
export const MAX_STEPS = 200;

const singleSteps = [
  z.strictObject({ type: z.literal('insertRow'), sectionId: id, index, row: rowSchema }),
  z.strictObject({ type: z.literal('removeRow'), rowId: id }),
  z.strictObject({ type: z.literal('moveRow'), rowId: id, sectionId: id, index }),
  z.strictObject({ type: z.literal('setDose'), rowId: id, dose: doseSchema }),
  z.strictObject({
    type: z.literal('setDuration'),
    rowId: id,
    durationMs: z.number().int().min(5_000).max(1_200_000),
  }),
  z.strictObject({ type: z.literal('setTitle'), rowId: id, title: talkRowSchema.shape.title }),
  z.strictObject({ type: z.literal('setNote'), rowId: id, note: z.string().trim().max(300) }),
  z.strictObject({ type: z.literal('setRung'), rowId: id, rung: z.number().int().min(0).max(11).nullable() }),
  z.strictObject({ type: z.literal('setPress'), rowId: id, press: loadSettingSchema.nullable() }),
  z.strictObject({ type: z.literal('setSeries'), rowId: id, goesOn: z.literal(true).nullable() }),
  z.strictObject({ type: z.literal('setMusic'), rowId: id, bpm: bpmSchema.nullable() }),
  z.strictObject({ type: z.literal('renameSection'), sectionId: id, name: sectionNameSchema }),
  z.strictObject({ type: z.literal('setBreath'), breathMs: z.number().int().min(3_000).max(12_000) }),
  z.strictObject({ type: z.literal('setMutes'), mutes: z.array(muteSchema).max(40) }),
] as const;

const singleStepSchema = z.discriminatedUnion('type', singleSteps);
export const stepSchema = z.discriminatedUnion('type', [
  ...singleSteps,
  z.strictObject({ type: z.literal('several'), steps: z.array(singleStepSchema).min(1).max(MAX_STEPS) }),
]);
type SingleStep = Immutable<z.infer<typeof singleStepSchema>>;

/** An edit to a plan as a value: it applies to a plan and yields its inverse. */
export type PlanStep = Immutable<z.infer<typeof stepSchema>>;

type Applied = { readonly plan: Plan; readonly inverse: PlanStep };

const noRow = () => fail('row-gone', 'That row is no longer in the plan.');
const noSection = () => fail('section-gone', 'That section is no longer in the plan.');

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
    case 'setNote': {
      const place = findRow(plan, step.rowId);
      if (!place) return noRow();
      if (place.row.kind !== 'movement') return fail('no-note', 'Only a movement has a note.');
      return ok({
        plan: withRow(plan, { ...place.row, note: step.note }),
        inverse: { ...step, note: place.row.note },
      });
    }
    case 'setRung': {
      const set = withExtra(plan, step.rowId, 'rung', step.rung);
      return set.ok ? ok({ plan: set.value.plan, inverse: { ...step, rung: set.value.was } }) : set;
    }
    case 'setPress': {
      const set = withExtra(plan, step.rowId, 'press', step.press);
      return set.ok ? ok({ plan: set.value.plan, inverse: { ...step, press: set.value.was } }) : set;
    }
    case 'setSeries': {
      const set = withExtra(plan, step.rowId, 'goesOn', step.goesOn);
      return set.ok ? ok({ plan: set.value.plan, inverse: { ...step, goesOn: set.value.was } }) : set;
    }
    case 'setMusic': {
      const set = withExtra(plan, step.rowId, 'bpm', step.bpm);
      return set.ok ? ok({ plan: set.value.plan, inverse: { ...step, bpm: set.value.was } }) : set;
    }
    case 'renameSection': {
      const section = plan.sections.find((s) => s.id === step.sectionId);
      if (!section) return noSection();
      return ok({
        plan: withSection(plan, { ...section, name: step.name }),
        inverse: { ...step, name: section.name },
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

const withSection = (plan: Plan, section: Section): Plan => ({
  ...plan,
  sections: plan.sections.map((s) => (s.id === section.id ? section : s)),
});
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

/** What a movement row may have besides its dose, and why other rows have none. */
const EXTRAS = {
  rung: 'Only a movement has rungs.',
  press: 'Only a movement is pressed.',
  bpm: 'Only a movement is counted to music.',
  goesOn: 'Only a movement has a count to go on with.',
} as const;

/** The plan with one of a movement row's extras set, or left out when null, and what it was. */
function withExtra<K extends keyof typeof EXTRAS>(
  plan: Plan,
  rowId: string,
  key: K,
  value: NonNullable<MovementRow[K]> | null,
): Result<{ readonly plan: Plan; readonly was: NonNullable<MovementRow[K]> | null }> {
  const place = findRow(plan, rowId);
  if (!place) return noRow();
  if (place.row.kind !== 'movement') return fail(`no-${key}`, EXTRAS[key]);
  const { [key]: was, ...rest } = place.row;
  const row = (value === null ? rest : { ...rest, [key]: value }) as MovementRow;
  return ok({ plan: withRow(plan, row), was: was ?? null });
}
