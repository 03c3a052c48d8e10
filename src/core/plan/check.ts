import type { Catalogue } from '../catalogue/movement';
import type { Person } from '../people/person';
import { verdictFor, type CautionTable, type Verdict } from '../screening/verdict';
import { memo } from '../remember';
import type { Finding, RuleContext, Severity } from './finding';
import { kitFor, type KitLine } from './kit';
import { placedRows, type Plan } from './plan';
import { SEQUENCING_RULES } from './rules';
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
};

export type PlanCheck = {
  readonly timing: PlanTiming;
  /** Verdicts by row id, then person id; movement rows only. */
  readonly verdicts: ReadonlyMap<string, ReadonlyMap<string, Verdict>>;
  readonly findings: readonly Finding[];
  readonly kit: readonly KitLine[];
};

const SEVERITY_ORDER: readonly Severity[] = ['must', 'should', 'could'];

/** The whole judgement of a plan for a group: times, verdicts, findings (worst first) and kit. */
export function checkPlan(plan: Plan, facts: ClassFacts): PlanCheck {
  const { catalogue, people, helpers } = facts;
  const timing = planTiming(plan, { catalogue, people: people.length, helpers, shown: new Set(facts.shown) });
  const verdicts = verdictsFor(plan, facts);
  const context: RuleContext = {
    plan,
    catalogue,
    people,
    helpers,
    slotMs: facts.slotMs,
    timing,
    bag: facts.bag,
    firstClass: facts.shown.length === 0,
    verdictOf: (rowId, personId) => verdicts.get(rowId)?.get(personId) ?? null,
  };
  const findings = SEQUENCING_RULES.flatMap((rule) => rule(context)).sort(
    (a, b) => SEVERITY_ORDER.indexOf(a.severity) - SEVERITY_ORDER.indexOf(b.severity),
  );
  return { timing, verdicts, findings, kit: kitFor(context) };
}

const rememberRow = memo<ReadonlyMap<string, Verdict>>();

function verdictsFor(plan: Plan, facts: ClassFacts): PlanCheck['verdicts'] {
  const screening = { table: facts.cautions, catalogue: facts.catalogue, today: facts.day };
  return new Map(
    placedRows(plan).flatMap(({ row }) => {
      const movement = row.kind === 'movement' ? facts.catalogue.movement(row.movementId) : undefined;
      if (row.kind !== 'movement' || !movement) return [];
      const judgeRow = () =>
        new Map(facts.people.map((p) => [p.id, verdictFor(p, movement, row.dose, screening)] as const));
      // An edit leaves most rows as they are: what was judged of them still holds.
      const keys = [screening.table, screening.catalogue, facts.people, row.dose];
      return [[row.id, rememberRow(keys, `${facts.day} ${movement.id}`, judgeRow)] as const];
    }),
  );
}
