import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import {
  edit,
  editsSince,
  goTo,
  redo,
  commutesWith,
  misfitIn,
  stepSchema,
  undo,
  type HistoryEntry,
  type Plan,
  type PlanHistory,
} from '@/core/plan';
import { fail, ok, type Result } from '@/core/result';
import { nameList } from '@/core/words';
import type { Db } from '@/store/db';
import { loadPlan, savePlan, type PlanChange, type StoredPlan } from '@/store/plans';
import { loadTaught } from '@/store/teaching';
import { catalogueNow } from '../catalogue/catalogue';
import { idFrom } from '../shell/ids';

/** As the database counts, by far more than anybody edits. */
const count = z.number().int().min(0).max(2_000_000_000);
const version = count;

export const planChangeSchema = z.discriminatedUnion('type', [
  z.strictObject({
    type: z.literal('edit'),
    version,
    /** So many edits were done at that version; with it an edit can stand beside others' that came first. */
    done: count.optional(),
    step: stepSchema,
    label: z.string().trim().min(1).max(120),
  }),
  z.strictObject({ type: z.literal('undo'), version }),
  z.strictObject({ type: z.literal('redo'), version }),
  /** Back or forward to where so many edits are done. */
  z.strictObject({ type: z.literal('goTo'), version, done: count }),
]);
export type PlanChangeRequest = Immutable<z.infer<typeof planChangeSchema>>;

export type PlanReply = {
  readonly plan: Plan;
  readonly version: number;
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
  /** Every edit kept, oldest first, and how many of them are done. */
  readonly labels: readonly string[];
  readonly done: number;
  /** What others did meanwhile, beside which this edit now stands; it says so in a sentence. */
  readonly beside?: string;
};

/** So often an edit is put on top of what others did at the same moment. */
const TRIES = 3;

/**
 * Edit, undo or redo a plan as it stands in the store. When somebody else was first, an edit that is about other things goes on
 * top of theirs; any other is refused and told.
 */
export async function changePlan(
  db: Db,
  rawId: string | undefined,
  request: PlanChangeRequest,
): Promise<Result<PlanReply>> {
  for (let tries = 1; ; tries++) {
    const reply = await tryChange(db, rawId, request);
    if (reply !== 'somebody was first') return reply;
    if (tries === TRIES) return changedElsewhere(null);
  }
}

async function tryChange(
  db: Db,
  rawId: string | undefined,
  request: PlanChangeRequest,
): Promise<Result<PlanReply> | 'somebody was first'> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const stored = await loadPlan(db, id.value);
  if (!stored) return fail('not-found', 'There is no such class.');
  const others = stored.version === request.version ? [] : othersBefore(stored, request);
  if (others === null) return changedElsewhere(stored);
  const { catalogue } = await catalogueNow(db);
  const next = carryOut(stored.history, request);
  if (!next.ok) return next;
  const misfit = request.type === 'edit' && misfitIn(next.value.plan, stored.history.plan, catalogue);
  if (misfit) return misfit;
  const saved = await savePlan(db, id.value, changeOf(next.value, request), stored.version);
  if (saved === null) return 'somebody was first';
  const reply = replyOf(next.value, saved);
  return ok(others.length === 0 ? reply : { ...reply, beside: besideWords(stored, others) });
}

/** The edits of others that this one can stand beside; null when it cannot. */
function othersBefore(
  { history, version: now }: StoredPlan,
  request: PlanChangeRequest,
): readonly HistoryEntry[] | null {
  if (request.type !== 'edit' || request.done === undefined) return null;
  const others = editsSince(history, now, { version: request.version, done: request.done });
  return others && commutesWith(history.plan, request.step, others) ? others : null;
}

/** The other instructor who made the last edit; null when it was another window, or nobody knows. */
const otherOf = (stored: StoredPlan | null): string | null => stored?.by[stored.history.done - 1] ?? null;

const besideWords = (stored: StoredPlan, others: readonly HistoryEntry[]): string =>
  `${otherOf(stored) ?? 'Another window'} changed this plan too (${nameList(others.map((o) => o.label))}). Both changes are in it.`;

const changedElsewhere = (stored: StoredPlan | null) => {
  const other = otherOf(stored);
  return fail(
    'changed-elsewhere',
    `This plan was changed ${other ? `by ${other}` : 'in another window'}. Yours now shows the newest; do the last edit again.`,
  );
};

function carryOut(history: PlanHistory, request: PlanChangeRequest): Result<PlanHistory> {
  switch (request.type) {
    case 'edit':
      return edit(history, request.step, request.label);
    case 'undo':
      return undo(history);
    case 'redo':
      return redo(history);
    case 'goTo':
      return goTo(history, request.done);
  }
}

const changeOf = ({ plan, done, entries }: PlanHistory, request: PlanChangeRequest): PlanChange => ({
  plan,
  done,
  entry: request.type === 'edit' ? (entries.at(-1) ?? null) : null,
});

export const replyOf = (history: PlanHistory, v: number): PlanReply => ({
  plan: history.plan,
  version: v,
  undoLabel: history.entries[history.done - 1]?.label ?? null,
  redoLabel: history.entries[history.done]?.label ?? null,
  labels: history.entries.map((e) => e.label),
  done: history.done,
});

/** The plan of a class alone, to compare with or take rows from. */
export async function planOf(
  db: Db,
  rawId: string | undefined,
): Promise<Result<{ plan: Plan; version: number }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  const stored = await loadPlan(db, id.value);
  const plan = taught?.snapshot.plan ?? stored?.history.plan;
  return plan && stored
    ? ok({ plan, version: stored.version })
    : fail('not-found', 'There is no such class.');
}
