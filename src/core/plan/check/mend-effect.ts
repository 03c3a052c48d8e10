import { checkPlan, type PlanCheck } from './check';
import type { ClassFacts } from './class-facts';
import { leftOutIn, type Mend } from './finding';
import type { Plan } from '../plan';
import { applyStep } from '../edit/step';

/** What a mend changes, before and after: class length in ms, and people who have something to do in every row. */
export type MendEffect = {
  readonly lengthMs: readonly [before: number, after: number];
  readonly served: readonly [before: number, after: number];
  readonly findings: readonly [before: number, after: number];
};

/**
 * A mend tried out on a plan that has been checked. Null when it is not to be offered: it no longer fits,
 * breaks a must that was kept, or shortens the protected ending.
 */
export function mendEffect(plan: Plan, facts: ClassFacts, check: PlanCheck, mend: Mend): MendEffect | null {
  const applied = applyStep(plan, mend.step);
  if (!applied.ok) return null;
  const after = checkPlan(applied.value.plan, facts);
  if (musts(after) > musts(check) || after.timing.endingMs < check.timing.endingMs) return null;
  return {
    lengthMs: [check.timing.totalMs, after.timing.totalMs],
    served: [servedIn(check, facts), servedIn(after, facts)],
    findings: [check.findings.length, after.findings.length],
  };
}

const musts = ({ findings, muted }: PlanCheck): number =>
  [...findings, ...muted].filter((f) => f.severity === 'must').length;

/** People who have something to do in every row. */
const servedIn = ({ verdicts }: PlanCheck, { people }: ClassFacts): number =>
  people.filter((p) => [...verdicts.values()].every((row) => !leftOutIn(row).has(p.id))).length;
