import type { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CONDITIONS } from '@/catalogue/conditions';
import { CATALOGUE } from '@/catalogue/movements';
import { TASKS } from '@/catalogue/tasks';
import { withOwn, type OwnMovement } from '@/core/catalogue';
import { draftClass } from '@/core/draft';
import { checkWithReserve, USUAL_WAY_IN, type ClassFacts } from '@/core/plan';
import type { HandVerdict } from '@/core/screening';
import { fail, ok, type Result } from '@/core/result';
import { unknownRows } from '@/core/formats';
import type { Db } from '@/store/db';
import { catalogueNow } from '../catalogue/catalogue';
import type {
  catalogueReplySchema,
  checkReplySchema,
  checkRequestSchema,
  draftReplySchema,
  draftRequestSchema,
} from './schemas';
import { solver } from './solver';

type Catalogued = Immutable<z.infer<typeof catalogueReplySchema>>;
type Group = Omit<z.output<typeof checkRequestSchema>, 'plan'>;

export async function apiCatalogue(db: Db): Promise<Result<Catalogued>> {
  const { catalogue } = await catalogueNow(db);
  return ok({
    movements: catalogue.movements.map((m) => ({
      id: m.id,
      name: m.name,
      what: m.what,
      purpose: m.purpose,
      section: m.section,
      effort: m.effort,
      effortOf10: m.effortOf10,
      joints: [...m.joints],
      positions: [...m.positions],
      propId: m.propId,
      dose: m.dose,
      rungs: m.rungs.map((r) => r.words),
    })),
    props: catalogue.props.map(({ id, name, substitute }) => ({ id, name, substitute })),
    conditions: CONDITIONS.map(({ id, name, sided }) => ({ id, name, sided })),
  });
}

export type CheckBody = z.output<typeof checkRequestSchema>;
export type DraftBody = z.output<typeof draftRequestSchema>;

const baselineOf = ({ baseline, last }: Group): ClassFacts['baseline'] => {
  const plan = baseline ?? last ?? null;
  return plan && { plan, isLastTaught: true };
};

function factsFrom(own: readonly OwnMovement[], group: Group): ClassFacts {
  return {
    catalogue: withOwn(CATALOGUE, own),
    cautions: CAUTIONS,
    people: group.people.map((p) => ({ ...p, archived: false })),
    helpers: group.helpers,
    slotMs: group.slotMinutes * 60_000,
    bag: group.bag,
    shown: group.shown,
    day: group.day,
    week: group.week,
    baseline: baselineOf(group),
    attended: {},
  };
}

/** Times, verdicts, findings and kit of a plan for a group; nothing is kept. */
export function checkAnswer(
  own: readonly OwnMovement[],
  { plan, ...group }: CheckBody,
): Result<Immutable<z.infer<typeof checkReplySchema>>> {
  const facts = factsFrom(own, group);
  const [strange] = unknownRows({ plan, movements: [] }, (id) => facts.catalogue.movement(id) !== undefined);
  if (strange) return fail('not-found', `“${strange.movementId}” is not in the catalogue.`);
  const { timing, verdicts, findings, kit } = checkWithReserve(plan, facts);
  return ok({
    totalMs: timing.totalMs,
    rows: timing.rows.map(({ rowId, startMs, totalMs }) => ({ rowId, startMs, totalMs })),
    verdicts: [...verdicts].flatMap(([rowId, of]) =>
      [...of].map(([personId, { L, R }]) => ({ rowId, personId, left: handOf(L), right: handOf(R) })),
    ),
    findings: findings.map(({ code, severity, text, because, rowIds, personIds }) => ({
      code,
      severity,
      text,
      because,
      rowIds: [...rowIds],
      personIds: [...personIds],
    })),
    kit: kit.map(({ prop, needed, inBag, short }) => ({ propId: prop.id, needed, inBag, short })),
  });
}

const handOf = ({ kind, reasons, how, swapTo }: HandVerdict) => ({
  verdict: kind,
  reasons: [...reasons],
  how: [...how],
  swapTo,
});

const BREATH_MS = 5_000;

/** A drafted class for a group; nothing is kept. */
export async function draftAnswer(
  own: readonly OwnMovement[],
  { focus, pinned, banned, kept, withoutProps, lengthMinutes, seed, ...group }: DraftBody,
): Promise<Result<Immutable<z.infer<typeof draftReplySchema>>>> {
  const facts = factsFrom(own, group);
  const given = { facts, lately: [], breathMs: BREATH_MS, wayIn: USUAL_WAY_IN, tasks: TASKS };
  const lengthMs = lengthMinutes * 60_000;
  const wish = { focus, pinned, banned, kept, stays: [], withoutProps, seed, lengthMs };
  const draft = draftClass(given, wish, await solver());
  if (!draft.ok) return draft;
  const { plan, score, proven, rows, limits, tasksNotIn, tooLittleFor } = draft.value;
  return ok({
    plan,
    lengthMs: draft.value.lengthMs,
    score,
    proven,
    rows: rows.map(({ movementId, why }) => ({ movementId, why })),
    limits: [...limits],
    tasksNotIn: [...tasksNotIn],
    tooLittleFor: [...tooLittleFor],
  });
}
