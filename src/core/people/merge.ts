import { mergeThing, textOf } from '../meanwhile';
import type { PersonFields } from './person';

type Fields = Required<PersonFields>;
type Single = Exclude<keyof PersonFields, 'propsOut' | 'propsHome' | keyof typeof ENTRY>;

/** What tells the entries of a list apart: the same thing changed twice has the same words here. */
const ENTRY = {
  conditions: (c: Fields['conditions'][number]) => `${c.conditionId} ${c.side}`,
  clearances: (c: Fields['clearances'][number]) => textOf(c),
  measures: (m: Fields['measures'][number]) => `${m.kind} ${m.hand} ${m.on}`,
};
/** Named one by one, so that a new field cannot be forgotten here. */
const SINGLE = Object.keys({
  firstName: true,
  initial: true,
  dominantHand: true,
  screened: true,
  assistance: true,
  wantedTask: true,
  notes: true,
  contact: true,
  agreedOn: true,
  positions: true,
  heightCm: true,
  massKg: true,
} satisfies Record<Single, true>) as readonly Single[];

/** `merged`: both changes, mine where they met. `contested`: `before` with theirs where they met, so equal to it when they did not. */
type MergedRecord = { readonly merged: PersonFields; readonly contested: PersonFields };

/**
 * Two changes to one record that did not know of each other, put together: `mine` was made on `before`, and meanwhile the record came
 * to be `now`. Each condition, clearance, measure and prop is a thing of its own, and so is each field.
 */
export function mergeRecords(before: PersonFields, mine: PersonFields, now: PersonFields): MergedRecord {
  const merged = { ...now };
  const contested = { ...before };
  const single = <K extends Single>(key: K): void => {
    const one = mergeThing(before[key], mine[key], now[key]);
    merged[key] = one.merged;
    if (one.met) contested[key] = now[key];
  };
  SINGLE.forEach(single);

  const list = <K extends 'propsOut' | 'propsHome' | keyof typeof ENTRY>(
    key: K,
    entry: (thing: Fields[K][number]) => string,
  ): void => {
    const of = (record: PersonFields) =>
      new Map(((record[key] ?? []) as Fields[K][number][]).map((thing) => [entry(thing), thing]));
    const [b, m, n] = [of(before), of(mine), of(now)];
    const kept: Fields[K][number][] = [];
    const theirs: Fields[K][number][] = [];
    for (const name of new Set([...b.keys(), ...n.keys(), ...m.keys()])) {
      const one = mergeThing(b.get(name), m.get(name), n.get(name));
      if (one.merged !== undefined) kept.push(one.merged);
      const told = one.met ? n.get(name) : b.get(name);
      if (told !== undefined) theirs.push(told);
    }
    Object.assign(merged, { [key]: kept });
    Object.assign(contested, { [key]: theirs });
  };
  list('propsOut', (id) => id);
  list('propsHome', (id) => id);
  list('conditions', ENTRY.conditions);
  list('clearances', ENTRY.clearances);
  list('measures', ENTRY.measures);
  return { merged, contested };
}
