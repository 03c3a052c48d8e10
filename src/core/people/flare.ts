import { daysBetween } from '../days';
import type { Immutable } from '../frozen';
import type { ConditionState, PersonCondition, PersonFields } from './person';

/** For 24 to 48 hours after a flare has settled everything is as if it had not; days, the day it settled being 0. */
const STILL_DAYS = 2;

/** The state a condition is treated as on a day: a flare that has just settled is still one. */
export function stateOn({ state, settledOn }: PersonCondition, day: string): ConditionState {
  const still = typeof settledOn === 'string' && daysBetween(settledOn, day) <= STILL_DAYS;
  return still && state !== 'not cleared' ? 'flare' : state;
}

/** The day the last of somebody's flares settled; null where none is known of. */
export const lastSettled = ({ conditions }: Pick<PersonFields, 'conditions'>): string | null =>
  conditions.flatMap((c) => c.settledOn ?? []).reduce<string | null>((a, b) => (a && a > b ? a : b), null);

/** A record on which a flare has ended since `before` says when, today unless another day was given; one that flares again does not. */
export function withFlaresSettled(
  before: Immutable<PersonFields>,
  after: PersonFields,
  today: string,
): PersonFields {
  return {
    ...after,
    conditions: after.conditions.map((c) => {
      if (c.state === 'flare') return { ...c, settledOn: null };
      const was = before.conditions.find((b) => b.conditionId === c.conditionId && b.side === c.side);
      return was?.state === 'flare' ? { ...c, settledOn: c.settledOn ?? today } : c;
    }),
  };
}
