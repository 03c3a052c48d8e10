import type { Clearance } from './clearance';
import type { Person } from './person';

/** A clearance that ends soon: it still counts, up to and including its last day. */
type Expiring = { readonly person: Person; readonly clearance: Clearance; readonly until: string };

/** Clearances whose last day is on or after `today` and before `soon` (both ISO days), soonest first. */
export function expiringClearances(
  people: readonly Person[],
  today: string,
  soon: string,
): readonly Expiring[] {
  return people
    .flatMap((person) =>
      person.clearances.flatMap((clearance): Expiring[] => {
        const { until } = clearance;
        if (until === null || until < today || until >= soon) return [];
        // One that outlasts it takes its place.
        const follows = person.clearances.some(
          (c) =>
            c.scope === clearance.scope &&
            (c.side ?? null) === (clearance.side ?? null) &&
            c !== clearance &&
            (c.until === null || c.until >= soon),
        );
        return follows ? [] : [{ person, clearance, until }];
      }),
    )
    .sort((a, b) => a.until.localeCompare(b.until));
}
