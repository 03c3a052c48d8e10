import {
  positionOf,
  type EffortKind,
  type Joint,
  type Movement,
  type Position,
  type Trait,
} from '../catalogue';
import type { Ask } from './adaptation';
import { primaryHoldMs, type DoseLike } from './dose-facts';
import type { ClearanceScope, ConditionState } from '../people';

/** All the named features must hold; a list is met by any one of its members. */
type Clause = {
  readonly efforts?: readonly EffortKind[];
  readonly traits?: readonly Trait[];
  readonly joints?: readonly Joint[];
  readonly propLatex?: true;
  readonly position?: Position;
  readonly effortOver?: number;
  readonly holdOverMs?: number;
};

/** One row of the caution table. It names a class of movement, never a movement. */
export type CautionRule = {
  readonly id: string;
  /** A condition, or any condition that has a side. */
  readonly condition: string | 'any hand';
  readonly states: readonly ConditionState[];
  readonly verdict: 'adapt' | 'leaveOut';
  /** Any one clause is enough. */
  readonly when: readonly Clause[];
  readonly because: string;
  /** What to do instead or how, for `adapt`. */
  readonly how?: string;
  /** The same as limits that a dose, a rung and a drawing can keep. */
  readonly ask?: Ask;
  /** Kinds of work to look for instead, when the same purpose is out too. */
  readonly instead?: readonly EffortKind[];
  /** A clinician's clearance of this scope lifts the rule. */
  readonly liftedBy?: ClearanceScope;
};

export type Condition = {
  readonly id: string;
  readonly name: string;
  readonly definition: string;
  /** Whether it belongs to a hand or to the whole person. */
  readonly sided: boolean;
};

export function clauseMatches(clause: Clause, movement: Movement, dose: DoseLike, latex: boolean): boolean {
  const any = <T>(wanted: readonly T[] | undefined, has: (t: T) => boolean) => !wanted || wanted.some(has);
  return (
    any(clause.efforts, (e) => movement.effort === e) &&
    any(clause.traits, (t) => movement.traits.includes(t)) &&
    any(clause.joints, (j) => movement.joints.includes(j)) &&
    (!clause.propLatex || latex) &&
    (!clause.position || positionOf(movement) === clause.position) &&
    (clause.effortOver === undefined || movement.effortOf10 > clause.effortOver) &&
    (clause.holdOverMs === undefined || primaryHoldMs(dose) > clause.holdOverMs)
  );
}
