import type { Person, PersonFields } from '@/core/people/person';

let n = 0;

/** A person with nothing on record but what is given. */
export function person(fields: Partial<Person> = {}): Person {
  n += 1;
  return {
    id: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`,
    firstName: `Person ${n}`,
    initial: '',
    dominantHand: 'R',
    screened: true,
    assistance: 0,
    wantedTask: '',
    notes: '',
    positions: ['chair', 'table', 'standing'],
    propsOut: [],
    measures: [],
    conditions: [],
    clearances: [],
    archived: false,
    ...fields,
  };
}

/** The same as it is typed in: without what the store adds. */
export function personFields(over: Partial<Person> = {}): PersonFields {
  const { id: _id, archived: _archived, ...fields } = person(over);
  return fields;
}
