import { GRIPPING, isThumbHeavy, JOINTS, positionOf, type EffortKind, type Movement } from '../catalogue';
import { bestOrder, type OrderCost } from './order';

/** What an order costs, in seconds of trouble, so that all of it weighs against the time that a change of place or prop takes. */
const ORDER_COSTS = {
  /** What stretches comes before what warms and moves. */
  outOfStage: 60,
  /** It comes before what it builds on. */
  beforeWhatItFollows: 60,
  /** Each step of effort, of 10, by which the harder comes first. */
  harderFirst: 4,
  /** What asks the head as well comes before what does not: simple is learned first. */
  complexFirst: 12,
  /** Each step of size by which the smaller comes first: large joints warm the small ones. */
  smallFirst: 1,
  /** Two grips, or the thumb twice, one right after the other. */
  twoAlike: 25,
  /** The next is done somewhere else, or with another thing. */
  newPlace: 15,
  newProp: 20,
  /** The next moves none of the joints of this one, and begins with another than this one. */
  noSharedJoint: 6,
  otherFirstJoint: 2,
  /** The next puts right what this one does. */
  countered: -10,
} as const;

/** Within a section: first what warms and moves, then what coordinates, then what stretches. */
const STAGE: Partial<Record<EffortKind, number>> = { active: 0, tap: 1, coordination: 1, stretch: 2 };
const stageOf = (m: Movement): number => STAGE[m.effort] ?? 0;
const isComplex = (m: Movement): boolean => m.effort === 'coordination';

/** How large what it moves is: the joint it begins with, of legs and trunk first and the thumb last. */
const sizeOf = ({ joints }: Movement): number => JOINTS.indexOf(joints[0]!);

const COST: OrderCost<Movement> = {
  before: (earlier, later) =>
    (stageOf(earlier) > stageOf(later) ? ORDER_COSTS.outOfStage : 0) +
    (earlier.follows.includes(later.id) ? ORDER_COSTS.beforeWhatItFollows : 0) +
    (isComplex(earlier) && !isComplex(later) ? ORDER_COSTS.complexFirst : 0) +
    ORDER_COSTS.harderFirst * Math.max(0, earlier.effortOf10 - later.effortOf10) +
    ORDER_COSTS.smallFirst * Math.max(0, sizeOf(later) - sizeOf(earlier)),
  beside: (first, next) =>
    (positionOf(first) === positionOf(next) ? 0 : ORDER_COSTS.newPlace) +
    (first.propId === next.propId ? 0 : ORDER_COSTS.newProp) +
    (tiresTwice(first, next) ? ORDER_COSTS.twoAlike : 0) +
    (first.joints.some((j) => next.joints.includes(j)) ? 0 : ORDER_COSTS.noSharedJoint) +
    (first.joints[0] === next.joints[0] ? 0 : ORDER_COSTS.otherFirstJoint) +
    (first.counters.includes(next.id) ? ORDER_COSTS.countered : 0),
};

/** Two that ask the same of the same hands: two grips, or the thumb twice. */
const tiresTwice = (a: Movement, b: Movement): boolean =>
  (GRIPPING.has(a.effort) && GRIPPING.has(b.effort)) || (isThumbHeavy(a) && isThumbHeavy(b));

/** A section's rows in their best order, each told by its movement; equal costs by id, so that the same rows come out alike. */
export function orderOfRows<T extends { readonly movement: Movement }>(rows: readonly T[]): readonly T[] {
  const byId = [...rows].sort((a, b) => (a.movement.id < b.movement.id ? -1 : 1));
  return bestOrder(byId, {
    before: (a, b) => COST.before(a.movement, b.movement),
    beside: (a, b) => COST.beside(a.movement, b.movement),
  });
}
