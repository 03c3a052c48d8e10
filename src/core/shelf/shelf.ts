import { opennessOf, type Condition, type ScreeningContext } from '../screening';
import { POSITIONS, type Joint, type Movement, type Position, type Purpose } from '../catalogue';
import { findMovements } from './search';

/** What narrows the shelf; null is any. */
export type ShelfFilter = {
  readonly words: string;
  readonly purpose: Purpose | null;
  readonly joint: Joint | null;
  readonly position: Position | null;
  readonly propId: string | 'none' | null;
  /** Only what somebody with this condition, settled in both hands, may do, adapted or not. */
  readonly safeFor: string | null;
  /** Only what no class has done in the last three weeks. */
  readonly rested: boolean;
};

export const ANY_MOVEMENT: ShelfFilter = {
  words: '',
  purpose: null,
  joint: null,
  position: null,
  propId: null,
  safeFor: null,
  rested: false,
};

export type ShelfFacts = {
  readonly screening: ScreeningContext;
  /** The last day each movement was done since `restedBefore`, ISO; what was not done since is missing. */
  readonly lastDone: Readonly<Record<string, string>>;
  /** The day three weeks before today, ISO. */
  readonly restedBefore: string;
};

export function shelved(
  movements: readonly Movement[],
  filter: ShelfFilter,
  facts: ShelfFacts,
): readonly Movement[] {
  const { purpose, joint, position, propId, safeFor, rested } = filter;
  const { prop, alsoCalled } = facts.screening.catalogue;
  return findMovements({ movements, prop, alsoCalled }, filter.words).filter(
    (m) =>
      (!purpose || m.purpose === purpose || m.also.includes(purpose)) &&
      (!joint || m.joints.includes(joint)) &&
      (!position || m.positions.includes(position)) &&
      (!propId || (propId === 'none' ? m.propId === null : m.propId === propId)) &&
      (!safeFor || settledVerdict(m, safeFor, facts.screening) !== 'leaveOut') &&
      (!rested || (facts.lastDone[m.id] ?? '') < facts.restedBefore),
  );
}

/** The verdict for a made-up person whose only condition this is: settled, both hands, nothing cleared. */
export function settledVerdict(
  movement: Movement,
  conditionId: string,
  screening: ScreeningContext,
): 'do' | 'adapt' | 'leaveOut' {
  const condition: Condition | undefined = screening.table.conditions.find((c) => c.id === conditionId);
  const person = {
    id: 'anyone',
    archived: false,
    firstName: 'Anyone',
    initial: '',
    dominantHand: 'R' as const,
    screened: true,
    assistance: 0,
    wantedTask: '',
    notes: '',
    positions: [...POSITIONS],
    propsOut: [],
    measures: [],
    conditions: condition
      ? [
          {
            conditionId,
            side: condition.sided ? ('both' as const) : ('none' as const),
            state: 'settled' as const,
            since: null,
            spots: [],
          },
        ]
      : [],
    clearances: [],
  };
  return opennessOf(person, movement, screening);
}
