import { RESISTED } from '../catalogue';
import {
  applyStep,
  checkOf,
  contextOf,
  fillersFor,
  freshRowId,
  insertBeside,
  leftOutIn,
  placedRows,
  rankedCuts,
  type ClassFacts,
  type Cut,
  type Plan,
  type PlanContext,
  type PlanStep,
} from '../plan';
import { HAND_SPOTS } from '../hand';
import { nameList } from '../words';
import type { LiveChange } from './live-change';

/** A change that brings the class to its time: what it does, and the ms it gives back (or takes, below 0). */
export type Proposal = LiveChange & { readonly savedMs: number };

/** Over or under by less than this is on time. */
const BEHIND_MS = 30_000;
const AHEAD_MS = 90_000;
/** Left in hand by an extra. */
const KEPT_MS = 20_000;
const MAX_EXTRAS = 2;
/** More rows changed at one time than this nobody can follow; what is still over is asked again. */
const MAX_ROWS_AT_ONCE = 3;
/** Each kind of cut as it is told before the rows it is made to, the gentlest first. */
const CUTS_TOLD: readonly (readonly [Cut['how'], string])[] = [
  ['to the fewest', 'fewer of'],
  ['one set less', 'one set less of'],
  ['for less long', 'less time on'],
  ['less talk', 'less talk in'],
  ['left out', 'leave out'],
];

/**
 * What to do about the time: when behind, the cheapest way to end in the slot with the ending, the counter-stretches and
 * every caution kept; when ahead, what still fits. Nothing while the class is on time.
 */
export function proposals(
  plan: Plan,
  facts: ClassFacts,
  rowIndex: number,
  spareMs: number,
): readonly Proposal[] {
  if (spareMs < -BEHIND_MS) {
    const cut = shortened(plan, facts, rowIndex, -spareMs);
    return cut ? [cut] : [];
  }
  return spareMs > AHEAD_MS ? extras(plan, facts, rowIndex, spareMs - KEPT_MS) : [];
}

/** The cheapest cuts to three rows still to come at most that give back what is over, or as much of it as they can. */
function shortened(plan: Plan, facts: ClassFacts, rowIndex: number, overMs: number): Proposal | null {
  const start = contextOf(plan, facts);
  const musts = mustsOf(start);
  const toCome = new Set(rowsAfter(plan, rowIndex).map((r) => r.id));
  const cuts = rankedCuts(start).filter((c) => toCome.has(c.rowId));
  const costsARow = (c: Cut) => c.how === 'left out' && c.loss > 0;
  const inTurn = [...cuts.filter((c) => !costsARow(c)), ...cuts.filter(costsARow)];
  let now = start;
  const taken: Cut[] = [];
  for (const cut of inTurn) {
    if (start.timing.totalMs - now.timing.totalMs >= overMs || taken.length >= MAX_ROWS_AT_ONCE) break;
    const without = taken.filter((t) => t.rowId !== cut.rowId);
    const after = planned(
      plan,
      [...without, cut].map((c) => c.step),
      facts,
    );
    if (!after || after.timing.totalMs >= now.timing.totalMs || !keepsMusts(after, musts)) continue;
    taken.splice(0, taken.length, ...without, cut);
    now = after;
  }
  if (taken.length === 0) return null;
  return {
    kind: 'shorten',
    words: cutWords(taken),
    savedMs: start.timing.totalMs - now.timing.totalMs,
    step: { type: 'several', steps: taken.map((c) => c.step) },
  };
}

function cutWords(cuts: readonly Cut[]): string {
  const titles = (of: readonly Cut[]) =>
    nameList(
      of.map((c) => c.title.toLowerCase().replace(/[.?!]+$/, '')),
      of.length,
    );
  return CUTS_TOLD.flatMap(([how, words]) => {
    const cut = cuts.filter((c) => c.how === how);
    return cut.length > 0 ? [`${words} ${titles(cut)}`] : [];
  }).join('; ');
}

/** One more set of something gentle still to come, or something gentle that the class has not done. */
function extras(plan: Plan, facts: ClassFacts, rowIndex: number, roomMs: number): readonly Proposal[] {
  const start = contextOf(plan, facts);
  const musts = mustsOf(start);
  return [...moreSets(plan, facts, rowIndex), ...somethingNew(plan, facts, rowIndex)]
    .flatMap((change): Proposal[] => {
      const after = planned(plan, [change.step], facts);
      const tookMs = after ? after.timing.totalMs - start.timing.totalMs : Infinity;
      return after && tookMs > 0 && tookMs <= roomMs && keepsMusts(after, musts)
        ? [{ ...change, savedMs: -tookMs }]
        : [];
    })
    .slice(0, MAX_EXTRAS);
}

function moreSets(plan: Plan, facts: ClassFacts, rowIndex: number): readonly LiveChange[] {
  return placedRows(plan)
    .slice(rowIndex + 1)
    .flatMap(({ row, section }): LiveChange[] => {
      const movement = row.kind === 'movement' ? facts.catalogue.movement(row.movementId) : undefined;
      if (row.kind !== 'movement' || !movement || section.kind === 'settle') return [];
      if (RESISTED.has(movement.effort) || movement.loadSetUp) return [];
      return [
        {
          kind: 'extra',
          words: `one more set of ${movement.name.toLowerCase()}`,
          step: { type: 'setDose', rowId: row.id, dose: { ...row.dose, sets: row.dose.sets + 1 } },
        },
      ];
    })
    .slice(0, 1);
}

function somethingNew(plan: Plan, facts: ClassFacts, rowIndex: number): readonly LiveChange[] {
  const here = placedRows(plan)[rowIndex];
  if (!here || here.section.kind === 'settle') return [];
  const { judge } = contextOf(plan, facts);
  return fillersFor(
    facts.catalogue,
    plan,
    HAND_SPOTS.map((s) => s.id),
  )
    .filter(({ movement }) => leftOutIn(judge(movement, movement)).size === 0)
    .map(({ movement }): LiveChange => {
      const id = freshRowId(plan, `extra-${movement.id}`.slice(0, 50));
      const row = { kind: 'movement', id, movementId: movement.id, dose: movement.dose, note: '' } as const;
      return {
        kind: 'extra',
        words: movement.name.toLowerCase(),
        step: insertBeside(plan, here.row.id, 'after', [row]),
      };
    });
}

const rowsAfter = (plan: Plan, rowIndex: number) =>
  placedRows(plan)
    .slice(rowIndex + 1)
    .map(({ row }) => row);

function planned(plan: Plan, steps: readonly PlanStep[], facts: ClassFacts): PlanContext | null {
  let now = plan;
  for (const step of steps) {
    const applied = applyStep(now, step);
    if (!applied.ok) return null;
    now = applied.value.plan;
  }
  return contextOf(now, facts);
}

/** The must findings of a class, by rule and row; its length is looked after here. */
const mustsOf = (context: PlanContext): ReadonlySet<string> =>
  new Set(
    checkOf(context)
      .findings.filter((f) => f.severity === 'must' && f.code !== 'T1')
      .flatMap((f) => (f.rowIds.length > 0 ? f.rowIds : ['']).map((id) => `${f.code} ${id}`)),
  );

const keepsMusts = (after: PlanContext, before: ReadonlySet<string>): boolean =>
  [...mustsOf(after)].every((must) => before.has(must));
