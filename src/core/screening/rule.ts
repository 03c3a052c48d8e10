import type { EffortKind, Joint, Position, Trait } from '../catalogue';
import type { ConditionState } from '../people';
import type { Ask } from './adaptation';
import type { Exposure } from './exposure';

/** All the named features must hold; a list is met by any one of its members. */
export type Clause = {
  readonly efforts?: readonly EffortKind[];
  readonly traits?: readonly Trait[];
  readonly joints?: readonly Joint[];
  readonly latex?: true;
  readonly withProp?: true;
  /** Each hand works by itself. */
  readonly apart?: boolean;
  readonly position?: Position;
  readonly effortOver?: number;
  /** Effort without a break, s. */
  readonly effortSecondsOver?: number;
  /** Share of body weight through one wrist, 0 to 1. */
  readonly wristShareOver?: number;
  /** At the end of the range without a break, s. */
  readonly endRangeSecondsOver?: number;
};

/** One row of the caution table. It names exposures, never a movement. */
export type CautionRule = {
  readonly id: string;
  /** A condition, any condition that has a side, or any that has none. */
  readonly condition: string | 'any hand' | 'any whole';
  readonly states: readonly ConditionState[];
  readonly verdict: 'adapt' | 'leaveOut';
  /** Any one clause is enough. */
  readonly when: readonly Clause[];
  readonly because: string;
  /** How to do it, for `adapt`: what no limit of `ask` says. */
  readonly how?: string;
  /** What a dose, a rung and a drawing can keep, as limits. */
  readonly ask?: Ask;
  /** Kinds of work to look for instead, kindest first. */
  readonly instead?: readonly EffortKind[];
  /** A feature that what is done instead should have. */
  readonly insteadTrait?: Trait;
  /** A clinician's clearance of what is met lifts the rule. */
  readonly liftable?: true;
};

export type Condition = {
  readonly id: string;
  readonly name: string;
  readonly definition: string;
  /** Whether it belongs to a hand or to the whole person. */
  readonly sided: boolean;
};

export function clauseMatches(clause: Clause, exposure: Exposure): boolean {
  const any = <T>(wanted: readonly T[] | undefined, has: (t: T) => boolean) => !wanted || wanted.some(has);
  const over = (limit: number | undefined, value: number) => limit === undefined || value > limit;
  return (
    any(clause.efforts, (e) => exposure.kind === e) &&
    any(clause.traits, (t) => exposure.features.has(t)) &&
    any(clause.joints, (j) => exposure.joints.includes(j)) &&
    (!clause.latex || exposure.latex) &&
    (!clause.withProp || exposure.withProp) &&
    (clause.apart === undefined || clause.apart === exposure.apart) &&
    (!clause.position || exposure.position === clause.position) &&
    over(clause.effortOver, exposure.effortOf10) &&
    over(clause.wristShareOver, exposure.wristShare) &&
    over(clause.effortSecondsOver, exposure.effortS) &&
    over(clause.endRangeSecondsOver, exposure.endRangeS)
  );
}
