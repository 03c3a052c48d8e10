import type { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { fail, ok, type Result } from '@/core/result';
import {
  leadAfter,
  toldTo,
  type Lead,
  type LeadAnswer,
  type LeadAsk,
  type remoteCommandSchema,
} from '@/core/lead';
import type { TeachState } from '@/core/teach';
import type { Db } from '@/store/db';
import { loadTaught, underWay } from '@/store/teaching';
import { idFrom } from '../shell/ids';
import { RecentMap } from '../shell/recent-map';
import { clockRate } from '../shell/today';

const NOT_TAUGHT = 'This class is not being taught.';
const CLASSES = 100;

// In memory alone: after a restart whichever screen asks first, which is the one that teaches, has it again.
const holder = globalThis as typeof globalThis & { oskilLeads?: RecentMap<string, Lead> };
const leads = (holder.oskilLeads ??= new RecentMap(CLASSES));

/** A screen asks whether it is the one that teaches, and what it was told from others. */
export async function askLead(
  db: Db,
  rawId: string | undefined,
  ask: LeadAsk,
): Promise<Result<LeadAnswer & { readonly classMs: number }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const under = await underWay(db, id.value);
  if (!under) return fail('not-found', NOT_TAUGHT);
  const { lead, answer } = leadAfter(leads.get(id.value) ?? null, ask, Date.now());
  if (lead) leads.set(id.value, lead);
  return ok({ ...answer, classMs: under.sinceMs * clockRate() });
}

/** Another screen tells the one that teaches what to do. */
export async function tellLead(
  db: Db,
  rawId: string | undefined,
  { command }: Immutable<z.infer<typeof remoteCommandSchema>>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  if (!(await underWay(db, id.value))) return fail('not-found', NOT_TAUGHT);
  const lead = toldTo(leads.get(id.value) ?? null, command, Date.now());
  if (!lead)
    return fail('not-found', 'The screen that teaches this class has not been heard of. Teach here instead.');
  leads.set(id.value, lead);
  return ok({});
}

/** Whether another screen than this one teaches now. */
export const isTaughtElsewhere = (classId: string, screen: string | undefined): boolean => {
  const lead = leads.get(classId);
  return screen !== undefined && lead !== undefined && lead.screen !== screen;
};

/** Where a class stands, for another screen of the instructor's. */
export async function stateNow(
  db: Db,
  rawId: string | undefined,
  seen: string | null,
): Promise<Result<{ readonly seen: string; readonly classMs: number; readonly state?: TeachState }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const under = await underWay(db, id.value);
  if (!under) return fail('not-found', NOT_TAUGHT);
  const answer = { seen: under.seen, classMs: under.sinceMs * clockRate() };
  if (under.seen === seen) return ok(answer);
  const taught = await loadTaught(db, id.value);
  return taught ? ok({ ...answer, state: taught.state }) : fail('not-found', NOT_TAUGHT);
}
