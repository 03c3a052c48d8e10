import { stateOn } from './flare';
import type { Person, PersonCondition } from './person';

/** What somebody needs of the class, the greatest need first; everybody is in exactly one group. */
export const NEEDS = [
  'a helper beside them',
  'a hand that rests or is in flare',
  'screening still open',
  'their own way',
  'as shown',
] as const;
type Need = (typeof NEEDS)[number];

export function needOf({ assistance, conditions, screened }: Person, day: string): Need {
  if (assistance >= 2) return 'a helper beside them';
  const rests = (c: PersonCondition): boolean =>
    c.conditionId === 'fall' || ['flare', 'not cleared'].includes(stateOn(c, day));
  if (conditions.some(rests)) return 'a hand that rests or is in flare';
  if (!screened) return 'screening still open';
  return conditions.length > 0 ? 'their own way' : 'as shown';
}

/** People by need, greatest first, in their own order within a need. */
export function byNeed(people: readonly Person[], day: string): readonly Person[] {
  const rank = (p: Person) => NEEDS.indexOf(needOf(p, day));
  return people
    .map((p, i) => ({ p, i }))
    .sort((a, b) => rank(a.p) - rank(b.p) || a.i - b.i)
    .map(({ p }) => p);
}
