import { forceAtN, type Prop, type PropGrade } from '../catalogue';
import { latestMeasure, type Person } from '../people';
import type { Hand } from '../dose';

const NEWTONS_PER_KG = 9.81;
/** Where nothing was measured: under the low-grip line of women (EWGSOP2 2019), on the gentler side. */
export const ASSUMED_GRIP_KG = 14;

type GripMaximum = { readonly forceN: number; readonly assumed: boolean };

/** A hand's greatest squeeze, newtons: as measured last, else a cautious default. */
export function gripMaximum(person: Person, hand: Hand): GripMaximum {
  const kg = latestMeasure(person, hand, 'grip');
  return { forceN: (kg ?? ASSUMED_GRIP_KG) * NEWTONS_PER_KG, assumed: kg === null };
}

/** A squeeze of a grade to a closure as a share of a hand's maximum; null where the grade has no force line. */
export function gripDemand(grade: PropGrade, closure: number, maximum: GripMaximum): number | null {
  const forceN = forceAtN(grade, closure);
  return forceN === null || maximum.forceN <= 0 ? null : forceN / maximum.forceN;
}

export type GradeChoice = { readonly grade: PropGrade; readonly demand: number };

/**
 * The grade whose demand is nearest to the target and not over it, for a hand of this maximum;
 * null when even the softest asks too much, or no grade has a line.
 */
export function fittingGrade(
  prop: Prop,
  closure: number,
  maximum: GripMaximum,
  target: number,
): GradeChoice | null {
  const fitting = prop.grades.flatMap((grade): GradeChoice[] => {
    const demand = gripDemand(grade, closure, maximum);
    return demand !== null && demand <= target ? [{ grade, demand }] : [];
  });
  return fitting.sort((a, b) => b.demand - a.demand)[0] ?? null;
}
