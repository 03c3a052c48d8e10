import type { Plan } from '@/core/plan';
import { recordByRow, taughtPlan, type Mark, type WrapUpPerson } from '@/core/teach';
import { donePlan } from '@/core/term';
import type { Db } from '@/store/db';
import { loadEvents, loadMarks, loadTaught, type Taught } from '@/store/teaching';
import { loadAttendance } from '@/store/wrap-ups';

/** A class that was taught to its end: what was counted of it, and what was marked and told. */
export type WholeClass = {
  readonly taught: Taught;
  readonly done: Plan;
  readonly marks: readonly Mark[];
  readonly attendance: readonly WrapUpPerson[];
};

/** Null for a class that has not been taught to its end. */
export async function wholeClass(db: Db, classId: string): Promise<WholeClass | null> {
  const taught = await loadTaught(db, classId);
  if (!taught?.ended) return null;
  const plan = taughtPlan(taught.snapshot.plan, taught.state.changes);
  return {
    taught,
    done: donePlan(plan, recordByRow(await loadEvents(db, classId))),
    marks: await loadMarks(db, classId),
    attendance: await loadAttendance(db, classId),
  };
}
