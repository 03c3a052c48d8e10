import { CAUTIONS } from '@/catalogue/cautions/cautions';
import type { Person, PersonCondition } from '@/core/people/person';
import { person } from '../core/people';

/** So many people with two conditions each, all of the table among them. */
export function anyGroup(size: number): readonly Person[] {
  const conditions = CAUTIONS.conditions.map((c): PersonCondition => ({
    conditionId: c.id,
    side: c.sided ? 'R' : 'none',
    state: 'settled',
    since: null,
    spots: [],
  }));
  return Array.from({ length: size }, (_, i) =>
    person({ conditions: [conditions[i % conditions.length]!, conditions[(i * 7) % conditions.length]!] }),
  );
}
