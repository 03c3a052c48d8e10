import type { ConditionState, PersonCondition } from '../people';
import { soundsLike, wordsOf } from './said-words';

/** How conditions and their states are called, by id; handed in. */
export type SaidWords = {
  readonly conditions: Readonly<Record<string, readonly string[]>>;
  readonly states: Readonly<Partial<Record<ConditionState, readonly string[]>>>;
  readonly well: readonly string[];
  /** Words that are never only a note: who says one besides a condition is asked what it is. */
  readonly alarming: readonly string[];
};
type KnownCondition = { readonly id: string; readonly sided: boolean };
export type Knowledge = {
  readonly words: SaidWords;
  readonly conditions: readonly KnownCondition[];
  /** A fracture of this year or the last is not an old one. */
  readonly thisYear: number;
};

/** What one remark about somebody became. */
export type Guess = {
  readonly text: string;
  /** Null where the remark is not understood: that hand rests until somebody answers. */
  readonly conditionId: string | null;
  readonly side: PersonCondition['side'];
  readonly state: ConditionState;
  /** What is asked, where the remark leaves it open. */
  readonly asks: 'what' | 'side' | 'cleared' | null;
  /** Words beyond those of the condition; the whole remark is kept as a note. */
  readonly noted: boolean;
};

/** What the remarks about one person became. */
export const remarksAsGuesses = (parts: readonly string[], knowledge: Knowledge): readonly Guess[] =>
  withoutEchoes(withQualifiers(parts, knowledge.words).flatMap((remark) => guessesOf(remark, knowledge)));

/** Does it name a condition, a state or something alarming, so that it can be no name? */
export function saysSomething(text: string, { words }: Knowledge): boolean {
  const said = wordsOf(text);
  return (
    bestCondition(said, words.conditions) !== null ||
    said.some((word) => isStateWord(word, words.states) || words.alarming.includes(word))
  );
}

/** "stroke, left side weak": said twice, once with its side, is said once. */
const withoutEchoes = (guesses: readonly Guess[]): readonly Guess[] =>
  guesses.filter(
    (guess) =>
      guess.asks !== 'side' ||
      !guesses.some((other) => other.conditionId === guess.conditionId && other.asks !== 'side'),
  );

/** "RA, both hands, flaring": what only says a side or a state belongs to the remark before it. */
function withQualifiers(parts: readonly string[], { states }: SaidWords): readonly string[] {
  const qualifies = (part: string) =>
    wordsOf(part).every((word) => EMPTY.has(word) || isStateWord(word, states));
  return parts.reduce<readonly string[]>((remarks, part) => {
    const before = remarks.at(-1);
    return before !== undefined && qualifies(part)
      ? [...remarks.slice(0, -1), `${before}, ${part}`]
      : [...remarks, part];
  }, []);
}

/** "osteoporosis and carpal tunnel left" is two remarks where each half is known, and one otherwise. */
function guessesOf(remark: string, knowledge: Knowledge): readonly Guess[] {
  if (isWell(remark, knowledge.words)) return [];
  const halves = remark.split(/\s+and\s+|\s*[&+/]\s*/i).filter(Boolean);
  const apart = halves.map((half) => guessesIn(half, knowledge));
  const areKnown = apart.every((half) => half.every((guess) => guess.conditionId !== null));
  return halves.length > 1 && areKnown ? apart.flat() : guessesIn(remark, knowledge);
}

const isWell = (remark: string, { well }: SaidWords): boolean =>
  well.some((phrase) => phrase === wordsOf(remark).join(' '));

/** Words that say nothing by themselves. */
const EMPTY = new Set(
  'a an the in of on her his their with has had have some bit bad mild slight very since and no not at from base joint joints hand hands wrist wrists finger fingers arm arms thumb thumbs side both left right l r lt rt lh rh bilateral yet been'.split(
    ' ',
  ),
);

/** Every condition of one remark; one that is not understood where there is none, or where it says something alarming besides. */
function guessesIn(text: string, knowledge: Knowledge): readonly Guess[] {
  const { words } = knowledge;
  const said = wordsOf(text);
  const found = conditionsIn(said, words.conditions);
  const used = found.flatMap((f) => f.used);
  const left = said.filter(
    (word) => !EMPTY.has(word) && !used.includes(word) && !isStateWord(word, words.states),
  );
  const known = found.flatMap(({ id }) => guessOf(id, text, left.length > 0, knowledge));
  const isAlarming = left.some((word) => words.alarming.some((alarm) => soundsLike(word, alarm)));
  return known.length === 0 || isAlarming ? [...known, unknown(text, sideIn(said))] : known;
}

function guessOf(
  id: string,
  text: string,
  noted: boolean,
  { words, conditions, thisYear }: Knowledge,
): Guess[] {
  const said = wordsOf(text);
  const conditionId = FRACTURES.has(id) ? fractureOf(id, text, thisYear) : id;
  const known = conditions.find((c) => c.id === conditionId);
  if (!known) return [];
  const fresh = conditionId === 'wrist-fracture';
  const [side, state] = [sideIn(said), stateIn(said, text, words.states)];
  return [
    {
      text,
      conditionId,
      side: known.sided ? (side ?? 'both') : 'none',
      state: state ?? (fresh ? 'not cleared' : 'settled'),
      asks: known.sided && !side ? 'side' : fresh && state !== 'not cleared' ? 'cleared' : null,
      noted,
    },
  ];
}

const unknown = (text: string, side: 'L' | 'R' | 'both' | null): Guess => ({
  text,
  conditionId: null,
  side: side ?? 'both',
  // Rests the hand.
  state: 'not cleared',
  asks: 'what',
  noted: true,
});

type Found = { readonly id: string; readonly letters: number; readonly used: readonly string[] };

/** The most telling condition, then the most telling among the words that are left, until none is. */
function conditionsIn(said: readonly string[], phrases: SaidWords['conditions']): readonly Found[] {
  const found = bestCondition(said, phrases);
  if (!found) return [];
  const others = conditionsIn(
    said.filter((word) => !found.used.includes(word)),
    phrases,
  );
  return [found, ...others.filter((other) => other.id !== found.id)];
}

/** The condition whose phrase has the most letters among those of which every word was said. */
function bestCondition(said: readonly string[], phrases: SaidWords['conditions']): Found | null {
  const found = Object.entries(phrases).flatMap(([id, all]) =>
    all.flatMap((phrase): Found[] => {
      const words = phrase.split(' ');
      const used = words.map((word) => said.find((s) => soundsLike(s, word)));
      return used.every((word) => word !== undefined)
        ? [{ id, letters: phrase.length, used: used as string[] }]
        : [];
    }),
  );
  return found.reduce<Found | null>(
    (best, next) => (best && best.letters >= next.letters ? best : next),
    null,
  );
}

function sideIn(said: readonly string[]): 'L' | 'R' | 'both' | null {
  const has = (...words: string[]) => words.some((word) => said.includes(word));
  const [left, right] = [has('left', 'l', 'lt', 'lh'), has('right', 'r', 'rt', 'rh')];
  if (has('both', 'bilateral', 'hands', 'thumbs', 'wrists') || (left && right)) return 'both';
  return left ? 'L' : right ? 'R' : null;
}

const isStateWord = (word: string, states: SaidWords['states']): boolean =>
  Object.values(states).some((all) => all.includes(word));

const FRACTURES: ReadonlySet<string> = new Set(['wrist-fracture', 'old-fracture']);

const fractureOf = (id: string, text: string, thisYear: number): string => {
  if (NEGATED.test(text)) return 'wrist-fracture';
  return isOld(text, thisYear) ? 'old-fracture' : id;
};

const NEGATED = /\b(?:not|never|isn['’]?t|hasn['’]?t|wasn['’]?t|yet to)\b/i;

/** The worst that is said counts; what is said not to have healed, settled or been cleared is not cleared. */
function stateIn(said: readonly string[], text: string, states: SaidWords['states']): ConditionState | null {
  const says = (state: ConditionState) => states[state]?.some((word) => said.includes(word)) ?? false;
  if (says('settled') && NEGATED.test(text)) return 'not cleared';
  return (['not cleared', 'flare', 'sore', 'settled'] as const).find(says) ?? null;
}

/** Said to be old or healed, or of two years ago and more; a fracture that was cleared lately is not an old one. */
function isOld(text: string, thisYear: number): boolean {
  const years = [...text.matchAll(/\b(?:19|20)\d\d\b/g)].map(([year]) => Number(year));
  const ago = Number(/\b(\d+) years? ago\b/i.exec(text)?.[1] ?? 0);
  return (
    /\bold (?:\p{L}+ )?(?:fracture|break)\b|\bold broken\b|\bhealed\b|(?<!\b(?:1|a|one) )\byears? ago\b|\blong ago\b/iu.test(
      text,
    ) ||
    ago >= 2 ||
    years.some((year) => year <= thisYear - 2)
  );
}
