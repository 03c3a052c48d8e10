import { bell, dice, type Dice } from '../dice';
import { nobodyKnown, type Person, type PersonCondition } from '../people';
import type { PracticeLevel } from './level';

/** Somebody who does not exist: a record as a plan judges it, and how they are in a class. */
export type MadeUpPerson = {
  readonly person: Person;
  /** Which of the drawn people. */
  readonly build: number;
  /** How long after the count they move, ms. */
  readonly lagMs: number;
  /** How far they go of what is shown, 0 to 1. */
  readonly range: number;
  /** The hand they begin with when nobody says which. */
  readonly habit: 'L' | 'R';
  /** How well they take in what is said, 0 to 1. */
  readonly understanding: number;
  /** The pace they keep up with, as a share of a plan's: 1 as planned. */
  readonly quickness: number;
  readonly talkative: number;
  readonly hasRing: boolean;
  /** May be light-headed in a hard class. */
  readonly isFaint: boolean;
  /** Pain they come with, of ten. */
  readonly pain: Readonly<Record<'L' | 'R', number>>;
};

/** What made-up people may have: a condition, its state, and how many of a hundred have it. */
export type Likely = Pick<PersonCondition, 'conditionId' | 'state'> & {
  readonly sided: boolean;
  readonly ofHundred: number;
};

export const FEWEST_PEOPLE = 6;
export const MOST_PEOPLE = 15;

const NAMES = [
  'Alma',
  'Bertil',
  'Celeste',
  'Dov',
  'Eithne',
  'Florin',
  'Greta',
  'Halim',
  'Ilka',
  'Jonah',
  'Karin',
  'Lazlo',
  'Mirele',
  'Nils',
  'Odette',
] as const;

/** A group made up by chance: the same for the same seed. */
export function madeUpGroup(
  seed: number,
  n: number,
  level: PracticeLevel,
  likely: readonly Likely[],
): readonly MadeUpPerson[] {
  const roll = dice(seed);
  return Array.from({ length: n }, (_, i) => {
    const name = { firstName: NAMES[i % NAMES.length]!, initial: letter(roll) };
    const grip = 14 + 14 * roll();
    const measure = (hand: 'L' | 'R', value: number) =>
      ({ kind: 'grip', hand, value: Math.round(value), on: '2026-01-01' }) as const;
    const person: Person = {
      ...nobodyKnown(name),
      id: idOf(i),
      archived: false,
      screened: true,
      dominantHand: roll() < 0.88 ? 'R' : 'L',
      conditions: conditionsOf(roll, likely),
      measures: [measure('L', grip * 0.92), measure('R', grip)],
    };
    return inClass(person, i, roll, level);
  });
}

/** The people of a list without names, contacts, notes and what clinicians wrote; how each is in a class is made up. */
export function withoutNames(
  people: readonly Person[],
  seed: number,
  level: PracticeLevel,
): readonly MadeUpPerson[] {
  const roll = dice(seed);
  return people.slice(0, MOST_PEOPLE).map((known, i) => {
    const { contact: _contact, agreedOn: _agreedOn, ...rest } = known;
    const person: Person = {
      ...rest,
      id: idOf(i),
      firstName: 'Person',
      initial: LETTERS[i]!,
      notes: '',
      wantedTask: '',
      clearances: rest.clearances.map((c) => ({ ...c, by: 'their clinician', what: '' })),
    };
    return inClass(person, i, roll, level);
  });
}

function inClass(person: Person, i: number, roll: Dice, level: PracticeLevel): MadeUpPerson {
  const slow = person.conditions.some((c) => SLOW.has(c.conditionId));
  const hurts = (side: 'L' | 'R') =>
    person.conditions.some((c) => (c.side === side || c.side === 'both') && c.state !== 'settled');
  const painOf = (side: 'L' | 'R') =>
    Math.round(Math.min(level.painMost, level.painMost * (hurts(side) ? 1 : 0.5) * roll()) * 2) / 2;
  return {
    person,
    build: i,
    lagMs: Math.round(inside(350 + 150 * bell(roll) + (slow ? 250 : 0), 80, 1_100)),
    range: inside(0.92 + 0.08 * bell(roll), 0.6, 1),
    habit: person.dominantHand,
    understanding: inside(0.75 + 0.15 * bell(roll) - (slow ? 0.2 : 0), 0.2, 1),
    quickness: inside(1.15 + 0.12 * bell(roll) - (slow ? 0.15 : 0), 0.75, 1.5),
    talkative: inside(0.5 + 0.4 * bell(roll), 0, 1.5),
    hasRing: roll() < 0.4,
    isFaint: roll() < 0.25,
    pain: { L: painOf('L'), R: painOf('R') },
  };
}

/** Who takes longer to follow. */
const SLOW: ReadonlySet<string> = new Set([
  'memory',
  'poor-hearing',
  'poor-sight',
  'tremor',
  'one-sided-weakness',
]);

function conditionsOf(roll: Dice, likely: readonly Likely[]): readonly PersonCondition[] {
  return likely.flatMap(({ conditionId, state, sided, ofHundred }): PersonCondition[] => {
    const [has, which] = [roll() * 100 < ofHundred, roll()];
    if (!has) return [];
    const side = !sided ? 'none' : which < 0.45 ? 'R' : which < 0.8 ? 'L' : 'both';
    return [{ conditionId, side, state, since: null, spots: [] }];
  });
}

const LETTERS = 'ABCDEFGHIJKLMNO';
const letter = (roll: Dice): string => LETTERS[Math.floor(roll() * LETTERS.length)]!;
const inside = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));
/** Nobody of a record has it. */
const idOf = (i: number): string => `00000000-0000-4000-8000-${String(i + 1).padStart(12, '0')}`;
