import type { Person, PersonCondition } from '../people';
import type { Mark } from './marks';
import type { TaughtRow } from './taught-row';

/** What a mark of an earlier row makes of somebody's hands for the rest of the class. A mark names no hand, so it is for both. */
const STATE_AFTER = { sore: 'sore', stopped: 'flare' } as const;

export type PersonNow = {
  readonly person: Person;
  /** What was marked of them before this row and counts from it on; null where nothing was. */
  readonly since: 'sore' | 'stopped' | null;
};

/** The people of a class from a row on: never milder than they began it. */
export function peopleNow(
  people: readonly Person[],
  marks: readonly Mark[],
  rows: readonly TaughtRow[],
  index: number,
): readonly PersonNow[] {
  const before = new Set(rows.slice(0, index).map((r) => r.rowId));
  const counting = marks.filter((m) => before.has(m.rowId));
  return people.map((person) => {
    const own = counting.filter((m) => m.personId === person.id).map((m) => m.mark);
    const since = own.includes('stopped') ? 'stopped' : own.includes('sore') ? 'sore' : null;
    return since ? { person: withPain(person, STATE_AFTER[since]), since } : { person, since };
  });
}

const withPain = (person: Person, state: PersonCondition['state']): Person => ({
  ...person,
  conditions: [
    ...person.conditions,
    { conditionId: 'painful-today', side: 'both', state, since: null, spots: [] },
  ],
});
