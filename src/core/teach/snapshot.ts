import { withOwn, type Catalogue, type OwnMovement } from '../catalogue';
import type { Person } from '../people';
import { applyStep, atPace, planTiming, type Pace, type Plan, type PlanStep } from '../plan';
import { classScript } from './class-script';
import { type TaughtRow } from './taught-row';

/** What a taught class keeps of its own: later changes to plan and people do not reach it. */
export type Snapshot = {
  readonly plan: Plan;
  readonly people: readonly Person[];
  readonly helpers: readonly string[];
  readonly slotMs: number;
  readonly shown: readonly string[];
  /** The instructor's own movements as they were; missing in classes taught before there were any. */
  readonly own?: readonly OwnMovement[];
  /** The pace of the instructor as it was known then; missing where it was not. */
  readonly pace?: Pace;
};

/** The plan as it is taught: what it began with and every change made since. A change that no longer fits is passed over. */
export const taughtPlan = (plan: Plan, changes: readonly PlanStep[]): Plan =>
  changes.reduce((now, step) => {
    const applied = applyStep(now, step);
    return applied.ok ? applied.value.plan : now;
  }, plan);

/** The rows of a taught class, with the times they were planned at. */
export function rowsOfSnapshot(
  snapshot: Snapshot,
  current: Catalogue,
  changes: readonly PlanStep[] = [],
): readonly TaughtRow[] {
  const catalogue = withOwn(current, snapshot.own ?? []);
  const plan = taughtPlan(snapshot.plan, changes);
  const timing = planTiming(plan, {
    catalogue,
    people: snapshot.people.length,
    helpers: snapshot.helpers.length,
    shown: new Set(snapshot.shown),
  });
  return classScript(plan, timing, catalogue, atPace(plan, timing, catalogue, snapshot.pace));
}
