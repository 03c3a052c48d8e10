import { GRIPPING, isThumbHeavy, positionOf, type EffortKind, type Movement } from '../catalogue';
import { bestOrder, type OrderCost } from './order';

/** Within a section: first what warms and moves, then what coordinates, then what stretches. */
const STAGE: Partial<Record<EffortKind, number>> = { active: 0, tap: 1, coordination: 1, stretch: 2 };
const stageOf = (m: Movement): number => STAGE[m.effort] ?? 0;

/** Seconds of trouble, so that they weigh against the seconds that a change of place or prop takes. */
const OUT_OF_STAGE = 60;
const BEFORE_WHAT_IT_FOLLOWS = 60;
const HEAVY_BEFORE_LIGHT = 4;
const TWO_ALIKE = 25;
const COUNTERED = 10;
const NEW_PLACE = 15;
const NEW_PROP = 20;

/** What the order of a section's movements costs: precedence, then places and props together, rests and counters between. */
const ROW_COST: OrderCost<Movement> = {
  before: (earlier, later) =>
    (stageOf(earlier) > stageOf(later) ? OUT_OF_STAGE : 0) +
    (earlier.follows.includes(later.id) ? BEFORE_WHAT_IT_FOLLOWS : 0) +
    HEAVY_BEFORE_LIGHT * Math.max(0, earlier.effortOf10 - later.effortOf10),
  beside: (first, next) =>
    (positionOf(first) === positionOf(next) ? 0 : NEW_PLACE) +
    (first.propId === next.propId ? 0 : NEW_PROP) +
    (tiresTwice(first, next) ? TWO_ALIKE : 0) -
    (first.counters.includes(next.id) ? COUNTERED : 0),
};

/** Two that ask the same of the same hands: two grips, or the thumb twice. */
const tiresTwice = (a: Movement, b: Movement): boolean =>
  (GRIPPING.has(a.effort) && GRIPPING.has(b.effort)) || (isThumbHeavy(a) && isThumbHeavy(b));

/** A section's rows in their best order, each told by its movement. */
export function orderOfRows<T extends { readonly movement: Movement }>(rows: readonly T[]): readonly T[] {
  const byId = [...rows].sort((a, b) => (a.movement.id < b.movement.id ? -1 : 1));
  return bestOrder(byId, {
    before: (a, b) => ROW_COST.before(a.movement, b.movement),
    beside: (a, b) => ROW_COST.beside(a.movement, b.movement),
  });
}
