import type { Hand } from '@/core/dose';
import type { PersonCondition, PersonFields } from '@/core/people';
import { CONDITIONS } from '@/catalogue/conditions';

export const conditionName = (id: string): string =>
  CONDITIONS.find((c) => c.id === id)?.name ?? 'Unknown condition';

const withState = (c: PersonCondition): string => {
  const name = conditionName(c.conditionId).toLowerCase();
  return c.state === 'settled' ? name : `${name} (${c.state === 'flare' ? 'in flare' : c.state})`;
};

/** What is recorded for one hand, and for the whole person under 'none'. */
export function conditionsOn(person: Pick<PersonFields, 'conditions'>, side: Hand | 'none'): string[] {
  return person.conditions
    .filter((c) => c.side === side || (side !== 'none' && c.side === 'both'))
    .map(withState);
}

export const ASSISTANCE_WORDS = [
  'independent',
  'reminded or shown again',
  'light help placing the hand',
  'supported throughout by a helper',
] as const;
