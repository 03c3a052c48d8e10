import type { Person } from '../people';
import type { Verdict } from '../screening';
import {
  likeRungs,
  loadFor,
  loadLadder,
  PLANNED_STATURE_M,
  shareOn,
  type Band,
  type LadderRung,
  type RowMovement,
} from '../stance';

/** What a person's busier wrist bears in a loading row, kilograms, and where that stands on their ladder. */
export type PersonLoad = {
  readonly person: Person;
  /** The hands that bear weight; one alone may have to take what both would. */
  readonly hands: 'both' | 'L' | 'R';
  readonly fromKg: number;
  readonly toKg: number;
  /** Height and mass are on record; else the range covers light and heavy people. */
  readonly known: boolean;
  /** The first of the rungs that ask about the same, from 1. */
  readonly rung: number;
  /** The last of the rungs that ask about the same, from 1. */
  readonly rungTo: number;
  readonly rungs: number;
};

/** The masses that a range covers where nobody said, kg. */
const LIGHT_KG = 45;
const HEAVY_KG = 95;

/**
 * Kilograms on the busier wrist of everyone who does a loading row, or on the one that bears alone: the band of the
 * set-up for their own height and mass, or its middle for a light and a heavy person where these are not known. Whoever
 * swaps or rests bears nothing; whose hands do not reach is left out.
 */
export function loadsOfRow(
  movement: RowMovement,
  people: readonly Person[],
  verdictOf: (personId: string) => Verdict | null,
): readonly PersonLoad[] {
  if (!movement.loadSetUp) return [];
  return people.flatMap((person) => {
    const hands = bearing(verdictOf(person.id));
    const load = hands && loadOf(movement, person, hands);
    return load ? [load] : [];
  });
}

/** Whose hands do not reach in the set-up, by their height. */
export const outOfReach = (movement: RowMovement, people: readonly Person[]): readonly Person[] =>
  people.filter((p) => loadFor(movement, statureOf(p))?.ok === false);

const statureOf = ({ heightCm }: Person): number =>
  heightCm === undefined ? PLANNED_STATURE_M : heightCm / 100;

function bearing(verdict: Verdict | null): PersonLoad['hands'] | null {
  const bears = (hand: 'L' | 'R') => verdict?.[hand].kind === 'do' || verdict?.[hand].kind === 'adapt';
  if (bears('L') && bears('R')) return 'both';
  return bears('L') ? 'L' : bears('R') ? 'R' : null;
}

function loadOf(movement: RowMovement, person: Person, hands: PersonLoad['hands']): PersonLoad | null {
  const statureM = statureOf(person);
  const load = loadFor(movement, statureM);
  if (!load?.ok) return null;
  const ladder = loadLadder(statureM);
  const { wrist } = load.value;
  const busier = Math.max(shareOn(movement.press, 'L'), shareOn(movement.press, 'R'));
  // One hand that leans as far as two would takes the whole share.
  const most = hands === 'both' ? busier : 1;
  const [light, heavy] = person.massKg === undefined ? [LIGHT_KG, HEAVY_KG] : [person.massKg, person.massKg];
  const [lowShare, highShare] =
    person.massKg === undefined ? [wrist.middle, wrist.middle] : [wrist.low, wrist.high];
  return {
    person,
    hands,
    fromKg: lowShare * light * busier,
    toKg: highShare * heavy * most,
    known: person.massKg !== undefined && person.heightCm !== undefined,
    rungs: ladder.length,
    ...placeOf(wrist, ladder),
  };
}

/** Where a band stands on a ladder: at the first and the last rung that ask about the same, from 1. */
function placeOf(band: Band, ladder: readonly LadderRung[]): Pick<PersonLoad, 'rung' | 'rungTo'> {
  const like = likeRungs(ladder, band);
  const under = ladder.filter((r) => r.band.high < band.low).length;
  return like.length === 0
    ? { rung: Math.max(1, under), rungTo: Math.max(1, under) }
    : { rung: ladder.indexOf(like[0]!) + 1, rungTo: ladder.indexOf(like.at(-1)!) + 1 };
}
