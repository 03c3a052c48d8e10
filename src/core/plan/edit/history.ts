import { fail, ok, type Result } from '../../result';
import type { Plan } from '../plan';
import { applyStep } from './step';
import type { PlanStep } from './step-schema';

export type HistoryEntry = { readonly step: PlanStep; readonly inverse: PlanStep; readonly label: string };

/** A plan with its edits; entries from `done` on have been undone and can be redone. */
export type PlanHistory = {
  readonly plan: Plan;
  readonly entries: readonly HistoryEntry[];
  readonly done: number;
};

/** Apply a new step; what had been undone is forgotten. */
export function edit(history: PlanHistory, step: PlanStep, label: string): Result<PlanHistory> {
  const result = applyStep(history.plan, step);
  if (!result.ok) return result;
  const { plan, inverse } = result.value;
  const entries = [...history.entries.slice(0, history.done), { step, inverse, label }];
  return ok({ plan, entries, done: entries.length });
}

export function undo(history: PlanHistory): Result<PlanHistory> {
  const entry = history.entries[history.done - 1];
  if (!entry) return fail('nothing-to-undo', 'There is nothing to undo.');
  const result = applyStep(history.plan, entry.inverse);
  return result.ok ? ok({ ...history, plan: result.value.plan, done: history.done - 1 }) : result;
}

export function redo(history: PlanHistory): Result<PlanHistory> {
  const entry = history.entries[history.done];
  if (!entry) return fail('nothing-to-redo', 'There is nothing to redo.');
  const result = applyStep(history.plan, entry.step);
  return result.ok ? ok({ ...history, plan: result.value.plan, done: history.done + 1 }) : result;
}

/** Undo or redo until so many edits are done. */
export function goTo(history: PlanHistory, done: number): Result<PlanHistory> {
  if (done > history.entries.length) return fail('no-such-edit', 'That edit is no longer in the history.');
  let result: Result<PlanHistory> = ok(history);
  while (result.ok && result.value.done !== done)
    result = result.value.done > done ? undo(result.value) : redo(result.value);
  return result;
}
