import type { Prop } from '../catalogue';
import type { Hand } from '../dose';
import type { Person } from '../people';
import type { HandVerdict } from '../screening';
import { fittingGrade, gripDemand, gripMaximum, type GradeChoice } from './grip';

/** A squeeze is planned to half of the way the prop closes. */
const PLANNED_CLOSURE = 0.5;

/** Share of maximum to aim at, the upper end: early weeks, later weeks, and with a precaution. */
const EARLY = 0.3;
const LATER = 0.5;
const PRECAUTION = 0.15;
const EARLY_WEEKS = 3;

/** What a hand is planned to squeeze at most, as a share of its maximum; one that was never measured stays early. */
function targetDemand(week: number, verdict: HandVerdict | null, assumed: boolean): number {
  if (verdict && verdict.kind !== 'do') return PRECAUTION;
  return week <= EARLY_WEEKS || assumed ? EARLY : LATER;
}

/** One grade for a person: by the weaker hand that holds it. */
export type PersonGrade = {
  readonly person: Person;
  /** Null where every grade asks more than the target, or none has a force line. */
  readonly choice: GradeChoice | null;
  readonly targetDemand: number;
  /** No grip was measured, so a cautious maximum stands in. */
  readonly assumed: boolean;
};

export function gradeFor(
  prop: Prop,
  person: Person,
  hands: readonly { readonly hand: Hand; readonly verdict: HandVerdict | null }[],
  week: number,
): PersonGrade {
  const each = hands.map(({ hand, verdict }) => {
    const maximum = gripMaximum(person, hand);
    const target = targetDemand(week, verdict, maximum.assumed);
    return { choice: fittingGrade(prop, PLANNED_CLOSURE, maximum, target), target, assumed: maximum.assumed };
  });
  const softestFirst = [...each].sort((a, b) => rank(prop, a.choice) - rank(prop, b.choice));
  const [weaker] = softestFirst;
  return {
    person,
    choice: weaker?.choice ?? null,
    targetDemand: weaker?.target ?? PRECAUTION,
    assumed: each.some((e) => e.assumed),
  };
}

/** What a prop asks of a hand at its planned closure, as a share of its maximum: in the grade that is best for it; 0 where none is known. */
export function propDemandOn(
  prop: Prop,
  person: Person,
  hand: Hand,
  verdict: HandVerdict | null,
  week: number,
): number {
  const maximum = gripMaximum(person, hand);
  const fitting = fittingGrade(prop, PLANNED_CLOSURE, maximum, targetDemand(week, verdict, maximum.assumed));
  if (fitting) return fitting.demand;
  const each = prop.grades.flatMap((grade) => gripDemand(grade, PLANNED_CLOSURE, maximum) ?? []);
  return each.length === 0 ? 0 : Math.min(...each);
}

const rank = (prop: Prop, choice: GradeChoice | null): number =>
  choice ? prop.grades.indexOf(choice.grade) : -1;

/** Whether closing this prop can be planned in newtons at all. */
export const hasForceLine = (prop: Prop): boolean => prop.grades.some((g) => g.forceLine !== null);
