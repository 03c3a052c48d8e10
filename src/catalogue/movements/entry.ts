import type { Movement } from '@/core/catalogue/movement';

type Plain = 'traits' | 'position' | 'propId' | 'noProp' | 'directions' | 'leads' | 'effortOf10';

/** A catalogue entry; what is not said is the plain case: in a chair, no prop, one direction, one lead. */
export function movement(entry: Omit<Movement, Plain> & Partial<Pick<Movement, Plain>>): Movement {
  return {
    traits: [],
    position: 'chair',
    propId: null,
    noProp: 'Nothing is needed.',
    directions: entry.dose.directions,
    leads: entry.dose.leads,
    effortOf10: 1,
    ...entry,
  };
}
