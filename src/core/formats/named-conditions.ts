import { soundsLike, type Knowledge, type SaidWords } from './said-words';

/** One of these places is named, and nothing of hands and arms. */
const isOf = (places: readonly string[], said: readonly string[], { here }: SaidWords): boolean =>
  said.some((word) => places.some((place) => soundsLike(word, place))) &&
  !said.some((word) => here.includes(word));
export const isElsewhere = (said: readonly string[], words: SaidWords): boolean =>
  isOf(words.elsewhere, said, words);

/** Trouble of one place of a hand says nothing beside what that hand is known to have. */
export const withoutVague = (found: readonly Found[], { conditions }: Knowledge): readonly Found[] =>
  found.some(({ id }) => id !== VAGUE && conditions.some((c) => c.id === id && c.sided))
    ? found.filter(({ id }) => id !== VAGUE)
    : found;
const VAGUE = 'hand-unseen';

/** What can only be about a hand where nothing elsewhere is named: "hip fracture", "knee operation". */
const OF_ANY_PLACE: ReadonlySet<string> = new Set([
  'wrist-fracture',
  'old-fracture',
  'hand-surgery',
  'joint-repair',
  'hand-oa',
  VAGUE,
]);

type Found = {
  readonly id: string;
  readonly letters: number;
  /** Words that were not spelled as they are known. */
  readonly slips: number;
  readonly used: readonly string[];
};

/** All conditions that are named, but for those of a hand where something elsewhere is meant. */
export const conditionsIn = (said: readonly string[], words: SaidWords): readonly Found[] =>
  inTurn(said, words.conditions).filter(
    ({ id }) => !OF_ANY_PLACE.has(id) || !isOf([...words.elsewhere, ...words.trunk], said, words),
  );

export const namesCondition = (said: readonly string[], { conditions }: SaidWords): boolean =>
  bestCondition(said, conditions) !== null;

/** The most telling condition, then the most telling among the words that are left, until none is. */
function inTurn(said: readonly string[], phrases: SaidWords['conditions']): readonly Found[] {
  const found = bestCondition(said, phrases);
  if (!found) return [];
  const others = inTurn(
    said.filter((word) => !found.used.includes(word)),
    phrases,
  );
  return [found, ...others.filter((other) => other.id !== found.id)];
}

/** The condition whose phrase has the most letters among those of which every word was said, and was spelled best. */
function bestCondition(said: readonly string[], phrases: SaidWords['conditions']): Found | null {
  const found = Object.entries(phrases).flatMap(([id, all]) =>
    all.flatMap((phrase): Found[] => {
      const words = phrase.split(' ');
      const used = words.map((word) => said.find((s) => soundsLike(s, word)));
      if (!used.every((word) => word !== undefined)) return [];
      const slips = used.filter((word, i) => word !== words[i]).length;
      return [{ id, letters: phrase.length, slips, used }];
    }),
  );
  return found.reduce<Found | null>((best, next) => (best && isMoreTelling(best, next) ? best : next), null);
}

const isMoreTelling = (a: Found, b: Found): boolean =>
  a.letters > b.letters || (a.letters === b.letters && a.slips <= b.slips);
