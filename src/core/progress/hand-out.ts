import type { Catalogue } from '../catalogue';
import { fullName, type Person } from '../people';
import { holdsProp, type Verdict } from '../screening';
import { nameList } from '../words';
import type { TaughtRow } from '../teach';

/** What changes hands before a row: "Hand out soft balls to 13; none for Gudrun S", "Take back the cloths"; none where nothing does. */
export function handOutLines(
  { handOut, collect }: Pick<TaughtRow, 'handOut' | 'collect'>,
  people: readonly Person[],
  verdicts: ReadonlyMap<string, Verdict> | undefined,
  catalogue: Catalogue,
): readonly string[] {
  const names = (ids: readonly string[]) => nameList(ids.map((id) => catalogue.prop(id)?.plural ?? id));
  const without = people.filter((p) => goesWithout(verdicts?.get(p.id)));
  const none = without.length > 0 ? `; none for ${nameList(without.map(fullName), MANY)}` : '';
  return [
    collect.length > 0 ? `Take back the ${names(collect)}` : '',
    handOut.length > 0 ? `Hand out ${names(handOut)} to ${people.length - without.length}${none}` : '',
  ].filter(Boolean);
}

const MANY = 6;

/** Neither hand has it: both do something else or rest, or do it with nothing in them. */
const goesWithout = (verdict: Verdict | undefined): boolean =>
  verdict !== undefined && !holdsProp(verdict.L) && !holdsProp(verdict.R);
