import type { Catalogue } from '../../catalogue';
import type { Person } from '../../people';
import { doseKey, verdictFor, type CautionTable, type Verdict } from '../../screening';
import { memo } from '../../remember';
import { movementOfRow } from '../at-rung';
import type { Baseline, Finding, RuleContext, Severity } from './finding';
import { kitFor, type KitLine } from './kit';
import { isMuted } from '../edit/mute';
import { placedRows, type Plan } from '../plan';
import { reservesOf, type HandReserve } from './reserve';
import { planFindings, reserveFindings } from './rules';
import { planTiming, type PlanTiming } from './timing';

/** Everything a plan is judged against. */
export type ClassFacts = {
  readonly catalogue: Catalogue;
  readonly cautions: CautionTable;
  readonly people: readonly Person[];
  readonly helpers: number;
  readonly slotMs: number;
  readonly bag: Readonly<Record<string, number>>;
  /** Movements the group has been shown this term. */
  readonly shown: readonly string[];
  /** ISO day of the class. */
  readonly day: string;
  /** Week of the term, from 1. */
  readonly week: number;
  /** What increases are measured against; null for a first class. */
  readonly baseline: Baseline | null;
  /** Classes of this series each person has come to, by person id. */
  readonly attended: Readonly<Record<string, number>>;
};

export type PlanCheck = {
  readonly timing: PlanTiming;
  /** Verdicts by row id, then person id; movement rows only. */
  readonly verdicts: ReadonlyMap<string, ReadonlyMap<string, Verdict>>;
  /** What a rule says and nobody muted, worst first. */
  readonly findings: readonly Finding[];
  readonly muted: readonly Finding[];
  readonly kit: readonly KitLine[];
};

const SEVERITY_ORDER: readonly Severity[] = ['must', 'should', 'could'];

/**
 * The judgement of a plan for a group: times, verdicts, findings (worst first) and kit. What rests on the
 * modelled grip reserve is added when the reserves have been worked out.
 */
export function checkPlan(plan: Plan, facts: ClassFacts): PlanCheck {
  return checkOf(contextOf(plan, facts));
}

/** The whole judgement in one go, reserve included. */
export function checkWithReserve(plan: Plan, facts: ClassFacts): PlanCheck {
  const context = contextOf(plan, facts);
  return withReserves(checkOf(context), context, reservesOf(context));
}

export function checkOf(context: PlanContext): PlanCheck {
  const { timing, verdicts } = context;
  return { timing, verdicts, kit: kitFor(context), ...sorted(planFindings(context), context.plan) };
}

export const withReserves = (
  check: PlanCheck,
  context: PlanContext,
  reserves: readonly HandReserve[],
): PlanCheck => ({
  ...check,
  ...sorted([...check.findings, ...check.muted, ...reserveFindings({ ...context, reserves })], context.plan),
});

/** Worst first, the muted apart. */
function sorted(found: readonly Finding[], plan: Plan): Pick<PlanCheck, 'findings' | 'muted'> {
  const worst = worstFirst(found);
  return {
    findings: worst.filter((f) => !isMuted(f, plan)),
    muted: worst.filter((f) => isMuted(f, plan)),
  };
}

const worstFirst = (findings: readonly Finding[]): readonly Finding[] =>
  [...findings].sort((a, b) => SEVERITY_ORDER.indexOf(a.severity) - SEVERITY_ORDER.indexOf(b.severity));

export type PlanContext = RuleContext & { readonly verdicts: PlanCheck['verdicts'] };

/** All that a rule may ask about, worked out once. */
export function contextOf(plan: Plan, facts: ClassFacts): PlanContext {
  const { catalogue, people, helpers, slotMs, bag, shown, week, baseline, attended } = facts;
  const timing = planTiming(plan, { catalogue, people: people.length, helpers, shown: new Set(shown) });
  const judge = judgeOf(facts, plan.breathMs);
  const verdicts = new Map(
    placedRows(plan).flatMap(({ row }) => {
      const movement = row.kind === 'movement' ? movementOfRow(row, catalogue) : undefined;
      return row.kind === 'movement' && movement ? [[row.id, judge(movement, row.dose)] as const] : [];
    }),
  );
  return {
    plan,
    catalogue,
    people,
    helpers,
    slotMs,
    timing,
    bag,
    firstClass: shown.length === 0,
    week,
    baseline,
    attended,
    verdicts,
    verdictOf: (rowId, personId) => verdicts.get(rowId)?.get(personId) ?? null,
    verdictsOn: (rowId) => verdicts.get(rowId) ?? NO_VERDICTS,
    judge,
    replan: (other) => contextOf(other, facts),
  };
}

const NO_VERDICTS: ReadonlyMap<string, Verdict> = new Map();
const rememberRow = memo<ReadonlyMap<string, Verdict>>();

/** Verdicts on a row; an edit leaves most rows as they are, so what was judged of them still holds. */
function judgeOf({ cautions, catalogue, people, day }: ClassFacts, breathMs: number): RuleContext['judge'] {
  const screening = { table: cautions, catalogue, today: day, breathMs };
  return (movement, dose) =>
    rememberRow([cautions, catalogue, people, movement], `${day} ${breathMs} ${doseKey(dose)}`, () => {
      return new Map(people.map((p) => [p.id, verdictFor(p, movement, dose, screening)] as const));
    });
}
