import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import type { Dose } from '@/core/dose/dose';
import { checkPlan, checkWithReserve } from '@/core/plan/check/check';
import type { ClassFacts } from '@/core/plan/check/class-facts';
import type { Finding } from '@/core/plan/check/finding';
import { emptyPlan, type Plan, type Row, type Section } from '@/core/plan/plan';
import { applyStep } from '@/core/plan/edit/step';
import { person } from './people';

type Entry = string | Row | [string, Partial<Dose>];

/** A plan from movement ids by section; row ids are the movement ids, numbered when repeated. */
export function planWith(rows: Partial<Record<Section['kind'], readonly Entry[]>>): Plan {
  const seen = new Map<string, number>();
  const rowOf = (entry: Entry): Row => {
    if (typeof entry === 'object' && !Array.isArray(entry)) return entry as Row;
    const [movementId, dose] = typeof entry === 'string' ? [entry, {}] : (entry as [string, Partial<Dose>]);
    const movement = CATALOGUE.movement(movementId);
    if (!movement) throw new Error(`No movement ${movementId}`);
    const n = (seen.get(movementId) ?? 0) + 1;
    seen.set(movementId, n);
    const id = n === 1 ? movementId : `${movementId}-${n}`;
    return { kind: 'movement', id, movementId, dose: { ...movement.dose, ...dose }, note: '' };
  };
  const plan = emptyPlan();
  return {
    ...plan,
    sections: plan.sections.map((s) => ({ ...s, rows: (rows[s.kind] ?? []).map(rowOf) })),
  };
}

export const rest = (id: string, what: 'hand' | 'water', seconds = 30): Row => ({
  kind: 'break',
  id,
  what,
  durationMs: seconds * 1000,
});
export const talk = (id: string, seconds: number): Row => ({
  kind: 'talk',
  id,
  title: 'Talk',
  durationMs: seconds * 1000,
});

/** What increases are measured against, taught last unless a lighter week came in between. */
export const baseline = (plan: Plan, isLastTaught = true) => ({ plan, isLastTaught });

export const facts = (over: Partial<ClassFacts> = {}): ClassFacts => ({
  catalogue: CATALOGUE,
  cautions: CAUTIONS,
  people: [person(), person()],
  helpers: 0,
  slotMs: 45 * 60_000,
  bag: { 'foam-ball': 20, cloth: 20, 'soft-ring': 20, putty: 20, 'fabric-loop': 20, tin: 20 },
  shown: CATALOGUE.movements.map((m) => m.id),
  day: '2026-11-25',
  week: 4,
  baseline: null,
  attended: {},
  ...over,
});

export const findings = (plan: Plan, code: string, f: ClassFacts = facts()): Finding[] =>
  checkWithReserve(plan, f).findings.filter((x) => x.code === code);

/** The plan after the first finding's mend; throws when there is nothing to apply. */
export function mended(plan: Plan, code: string, f: ClassFacts = facts()): Plan {
  const mend = findings(plan, code, f)[0]?.mend;
  if (!mend) throw new Error(`${code} offers no mend`);
  const result = applyStep(plan, mend.step);
  if (!result.ok) throw new Error(result.message);
  return result.value.plan;
}

export const lengthOf = (plan: Plan, f: ClassFacts = facts()): number => checkPlan(plan, f).timing.totalMs;

/** Nothing of the protected ending is shorter or gone. */
export const keepsEnding = (before: Plan, after: Plan): boolean => {
  const ending = (plan: Plan) => JSON.stringify(plan.sections.filter((s) => s.kind === 'settle'));
  return ending(before) === ending(after);
};
