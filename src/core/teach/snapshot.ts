import type { Catalogue } from '../catalogue/movement';
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
};

/** The rows of a taught class, with the times they were planned at. */
export function rowsOfSnapshot(snapshot: Snapshot, catalogue: Catalogue): readonly TaughtRow[] {
  const timing = planTiming(snapshot.plan, {
    catalogue,
    people: snapshot.people.length,
    helpers: snapshot.helpers.length,
    shown: new Set(snapshot.shown),
  });
  return classScript(snapshot.plan, timing, catalogue);
}
