import type { LoadSetUp, Movement } from '../catalogue/movement';
import type { Person } from '../people/person';
import type { Verdict } from '../screening/verdict';
import { loadLadder, perWristKg, usualStance } from './set-ups';
import { PLANNED_STATURE_M } from './set-up-share';
import { loadOfStance } from './stance';

/** What a person's wrist bears in a loading row, kilograms, and where that stands on their ladder, from 1. */
export type PersonLoad = {
  readonly person: Person;
  /** The hands that bear weight; one alone may have to take what both would. */
  readonly hands: 'both' | 'L' | 'R';
  readonly fromKg: number;
  readonly toKg: number;
  /** Height and mass are on record; else the range covers light and heavy people. */
  readonly known: boolean;
  readonly rung: number;
  readonly rungs: number;
};

/** The masses that a range covers where nobody said, kg. */
const LIGHT_KG = 45;
const HEAVY_KG = 95;

/**
 * Kilograms on each wrist of everyone who does a loading row, both hands alike, or on the one that bears alone: the band of the set-up for their own
 * height and mass, or its middle for a light and a heavy person where these are not known. Whoever swaps or rests bears nothing.
 */
export function loadsOfRow(
  movement: Movement,
  people: readonly Person[],
  verdictOf: (personId: string) => Verdict | null,
): readonly PersonLoad[] {
  const { loadSetUp } = movement;
  if (!loadSetUp) return [];
  return people.flatMap((person) => {
    const hands = bearing(verdictOf(person.id));
    const load = hands && loadOf(loadSetUp, person, hands);
    return load ? [load] : [];
  });
}

function bearing(verdict: Verdict | null): PersonLoad['hands'] | null {
  const bears = (hand: 'L' | 'R') => verdict?.[hand].kind === 'do' || verdict?.[hand].kind === 'adapt';
  if (bears('L') && bears('R')) return 'both';
  return bears('L') ? 'L' : bears('R') ? 'R' : null;
}

function loadOf(setUp: LoadSetUp, person: Person, hands: PersonLoad['hands']): PersonLoad | null {
  const statureM = person.heightCm === undefined ? PLANNED_STATURE_M : person.heightCm / 100;
  const load = loadOfStance(usualStance(setUp, statureM), statureM);
  if (!load.ok) return null;
  const ladder = loadLadder(statureM);
  const { low, middle, high } = load.value;
  const each = (share: number, massKg: number) => perWristKg(share, massKg, 0.5).L;
  // One hand that leans as far as two would takes the whole share.
  const mostOf = hands === 'both' ? 1 : 2;
  const known = person.massKg !== undefined && person.heightCm !== undefined;
  return {
    person,
    hands,
    fromKg: person.massKg === undefined ? each(middle, LIGHT_KG) : each(low, person.massKg),
    toKg: mostOf * (person.massKg === undefined ? each(middle, HEAVY_KG) : each(high, person.massKg)),
    known,
    rung: ladder.findIndex((r) => r.setUp === setUp) + 1,
    rungs: ladder.length,
  };
}
