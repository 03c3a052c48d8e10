import type { Person } from './person';

/** A helper with the people they sit with; `helper` is null where one is still missing. */
type Seat = { readonly helper: string | null; readonly people: readonly Person[] };

/**
 * Who sits with whom: each person at assistance 3 has a helper of their own, two at assistance 2
 * share one. Those who need most are seated first.
 */
export function seatingOf(people: readonly Person[], helpers: readonly string[]): readonly Seat[] {
  const level = (n: number) => people.filter((p) => p.assistance === n);
  const pairs = level(2).reduce<Person[][]>((list, p) => {
    const last = list.at(-1);
    if (last && last.length < 2) last.push(p);
    else list.push([p]);
    return list;
  }, []);
  const seats = [...level(3).map((p) => [p]), ...pairs];
  return seats.map((group, i) => ({ helper: helpers[i] ?? null, people: group }));
}
