import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { movementOfRow } from '@/core/plan';
import { FAMILIES, familyRows, rungAfter, type OwnRung } from '@/core/progress';
import { currentRung } from '@/core/catalogue';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { findClass } from '@/store/classes';
import {
  addDecision,
  decidedSince,
  loadOwnRungs,
  putRungsBack,
  removeDecision,
  setOwnRung,
  storedRungs,
} from '@/store/progress';
import { idFrom } from '../shell/ids';
import { proposalsFrom, whatIsKnown, type Known, type ProposalFor } from './proposals';

export const answersSchema = z.strictObject({
  answers: z
    .array(
      z.strictObject({
        personId: z.uuid('That is not a person'),
        family: z.enum(FAMILIES, 'There is no such family of movements'),
        /** Rungs up, or back below 0; null for the gentlest. Left out to leave the proposal alone. */
        rungs: z.number().int().min(-2).max(1).nullable().optional(),
      }),
    )
    .min(1)
    .max(400),
});

/** Take, change or leave proposals; each is answered once and kept with what was proposed. All or nothing. */
export async function answerDecisions(
  db: Db,
  rawId: string | undefined,
  { answers }: Immutable<z.infer<typeof answersSchema>>,
): Promise<Result<{ kept: number }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const known = await whatIsKnown(db, id.value);
  if (!known) return fail('not-found', 'Only a class that is written up has proposals to answer.');
  const proposals = proposalsFrom(known);
  const pairs = answers.map((answer) => ({
    answer,
    proposal: proposals.find((p) => p.personId === answer.personId && p.family === answer.family),
  }));
  if (pairs.some((p) => !p.proposal))
    return fail('not-found', 'Nothing is proposed for one of these people. Reload to see what is.');
  let kept = 0;
  await db.transaction(async (tx) => {
    const stood = await loadOwnRungs(tx, known.info.seriesId);
    for (const { answer, proposal } of pairs)
      if (await take(tx, known, stood, proposal!, answer.rungs)) kept += 1;
  });
  return ok({ kept });
}

export const takenBackSchema = z.strictObject({
  decisions: z
    .array(z.strictObject({ personId: z.uuid('That is not a person'), family: z.enum(FAMILIES) }))
    .min(1)
    .max(400),
});

/** Take decisions back: the rungs stand as before them, and the proposals are open again. All or nothing. */
export async function takeBackDecisions(
  db: Db,
  rawId: string | undefined,
  { decisions }: Immutable<z.infer<typeof takenBackSchema>>,
): Promise<Result<{ takenBack: number }>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const info = await findClass(db, id.value);
  if (!info) return fail('not-found', 'There is no such class.');
  return db.transaction(async (tx): Promise<Result<{ takenBack: number }>> => {
    for (const { personId, family } of decisions)
      if (await decidedSince(tx, info.seriesId, info.day, personId, family))
        return fail('changed-elsewhere', 'A later class was decided since. Change it there.');
    let takenBack = 0;
    for (const { personId, family } of decisions) {
      const stood = await removeDecision(tx, id.value, personId, family);
      if (!stood) continue;
      await putRungsBack(tx, info.seriesId, personId, stood);
      takenBack += 1;
    }
    return ok({ takenBack });
  });
}

async function take(
  db: Db,
  { info, classes, catalogue }: Known,
  stood: readonly OwnRung[],
  { personId, family, decision }: Omit<ProposalFor, 'taken'>,
  rungs: number | null | undefined,
): Promise<boolean> {
  const left = rungs === undefined;
  const taken = left ? 'left' : rungs === decision.rungs ? 'accepted' : 'changed';
  const rows = left ? [] : (familyRows(classes.at(-1)!.plan, catalogue).get(family) ?? []);
  const movementIds = [...new Set(rows.map((row) => row.movementId))];
  const added = await addDecision(
    db,
    info.id,
    { personId, family, ...decision, taken, takenRungs: rungs ?? null },
    await storedRungs(db, info.seriesId, personId, movementIds),
  );
  if (!added || left) return added;
  const { only } = decision;
  for (const row of rows) {
    const movement = movementOfRow(row, catalogue);
    const own = stood.find((s) => s.personId === personId && s.movementId === row.movementId);
    if (!movement) continue;
    const from = own?.rung ?? currentRung(movement);
    // Of a large family some go on, and the others stay where they are.
    const isIn = taken === 'changed' || only === undefined || only.includes(row.movementId);
    const rung = rungAfter(movement, from, { rungs: isIn ? rungs : 0 });
    await setOwnRung(db, info.seriesId, { personId, movementId: row.movementId, rung }, from, info.day);
  }
  return true;
}
