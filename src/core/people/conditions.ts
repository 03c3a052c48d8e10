import { CONDITION_STATES, type ConditionState, type PersonCondition } from './person';

const isWorse = (a: ConditionState, b: ConditionState): boolean =>
  CONDITION_STATES.indexOf(a) > CONDITION_STATES.indexOf(b);

/** What is known with what is said besides: the same of the same hand stands once, in the worse of its states; nothing is taken away. */
export function withConditions(
  known: readonly PersonCondition[],
  said: readonly PersonCondition[],
): readonly PersonCondition[] {
  const isSame = (a: PersonCondition, b: PersonCondition) =>
    a.conditionId === b.conditionId && a.side === b.side;
  return [
    ...known.map((k) => {
      const again = said.find((s) => isSame(k, s));
      return again && isWorse(again.state, k.state) ? withState(k, again.state) : k;
    }),
    ...said.filter((s) => !known.some((k) => isSame(k, s))),
  ];
}

/** A new flare forgets when the one before it settled. */
const withState = ({ settledOn, ...rest }: PersonCondition, state: ConditionState): PersonCondition =>
  state === 'flare' || !settledOn ? { ...rest, state } : { ...rest, state, settledOn };
