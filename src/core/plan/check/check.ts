import { doseKey, type Verdict } from '../../screening';
import { memo } from '../../remember';
import { movementOfRow } from '../at-rung';
import type { ClassFacts } from './class-facts';
import type { Finding, RuleContext, Severity } from './finding';
import { kitFor, type KitLine } from './kit';
import { isMuted } from '../edit/mute';
import { placedRows, type MovementRow, type Plan } from '../plan';
import { verdictOnRow } from '../row-verdict';
import { reservesOf, type HandReserve } from './reserve';
import { planFindings, reserveFindings } from './rules';
import { atPace } from './at-pace';
import { planTiming, type PlanTiming } from './timing';

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
  const { catalogue, people, helpers, shown } = facts;
  const planned = planTiming(plan, { catalogue, people: people.length, helpers, shown: new Set(shown) });
  const timing = atPace(plan, planned, catalogue, facts.pace);
  const judge = judgeOf(facts, plan.breathMs);
  const verdicts = new Map(
    placedRows(plan).flatMap(({ row }) => {
      const movement = row.kind === 'movement' ? movementOfRow(row, catalogue) : undefined;
      return row.kind === 'movement' && movement ? [[row.id, judge(movement, row)] as const] : [];
    }),
  );
  return {
    ...facts,
    plan,
    timing,
    planned,
    verdicts,
    verdictOf: (rowId, personId) => verdicts.get(rowId)?.get(personId) ?? null,
    verdictsOn: (rowId) => verdicts.get(rowId) ?? NO_VERDICTS,
    judge,
    replan: (other) => contextOf(other, facts),
  };
}

const NO_VERDICTS: ReadonlyMap<string, Verdict> = new Map();
const rememberRow = memo<ReadonlyMap<string, Verdict>>();

const setsKey = ({ ownSets = [] }: Pick<MovementRow, 'ownSets'>): string =>
  ownSets.map((o) => `${o.personId} ${o.sets}`).join();

/** Verdicts on a row; an edit leaves most rows as they are, so what was judged of them still holds. */
function judgeOf({ cautions, catalogue, people, day }: ClassFacts, breathMs: number): RuleContext['judge'] {
  const screening = { table: cautions, catalogue, today: day, breathMs };
  return (movement, row) => {
    const key = `${day} ${breathMs} ${doseKey(row.dose)} ${setsKey(row)}`;
    return rememberRow([cautions, catalogue, people, movement], key, () => {
      return new Map(people.map((p) => [p.id, verdictOnRow(p, row, movement, screening)] as const));
    });
  };
}
