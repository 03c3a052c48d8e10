import type { Catalogue } from '../catalogue/movement';
import { withOwn, type OwnMovement } from '../catalogue/own';
import type { Person } from '../people/person';
import type { Plan } from '../plan/plan';
import { planTiming } from '../plan/timing';
import { classScript, type TaughtRow } from './class-script';

/** What a taught class keeps of its own: later changes to plan and people do not reach it. */
export type Snapshot = {
  readonly plan: Plan;
  readonly people: readonly Person[];
  readonly helpers: readonly string[];
  readonly slotMs: number;
  readonly shown: readonly string[];
  /** The instructor's own movements as they were; missing in classes taught before there were any. */
  readonly own?: readonly OwnMovement[];
};

/** The rows of a taught class, with the times they were planned at. */
export function rowsOfSnapshot(snapshot: Snapshot, current: Catalogue): readonly TaughtRow[] {
  const catalogue = withOwn(current, snapshot.own ?? []);
  const timing = planTiming(snapshot.plan, {
    catalogue,
    people: snapshot.people.length,
    helpers: snapshot.helpers.length,
    shown: new Set(snapshot.shown),
  });
  return classScript(snapshot.plan, timing, catalogue);
}
