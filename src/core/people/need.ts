import type { Person } from './person';

/** What somebody needs of the class, the greatest need first; everybody is in exactly one group. */
export const NEEDS = [
  'a helper beside them',
  'a hand that rests or is in flare',
  'screening still open',
  'their own way',
  'as shown',
] as const;
type Need = (typeof NEEDS)[number];

export function needOf({ assistance, conditions, screened }: Person): Need {
  if (assistance >= 2) return 'a helper beside them';
  if (conditions.some((c) => c.state === 'flare' || c.state === 'not cleared' || c.conditionId === 'fall'))
    return 'a hand that rests or is in flare';
  if (!screened) return 'screening still open';
  return conditions.length > 0 ? 'their own way' : 'as shown';
}

/** People by need, greatest first, in their own order within a need. */
export function byNeed(people: readonly Person[]): readonly Person[] {
  const rank = (p: Person) => NEEDS.indexOf(needOf(p));
  return people
    .map((p, i) => ({ p, i }))
    .sort((a, b) => rank(a.p) - rank(b.p) || a.i - b.i)
    .map(({ p }) => p);
}
