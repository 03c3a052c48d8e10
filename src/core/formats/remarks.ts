import type { ConditionState, PersonCondition } from '../people';
import { conditionsIn, isElsewhere, namesCondition, withoutVague } from './named-conditions';
import { soundsLike, wordsOf, type Knowledge, type SaidWords } from './said-words';

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

/** What the remarks about one person became; what is a note and nothing else is none of them. */
export function remarksAsGuesses(
  parts: readonly string[],
  knowledge: Knowledge,
): { readonly guesses: readonly Guess[]; readonly notes: readonly string[] } {
  const remarks = withQualifiers(parts, knowledge);
  // Of "hip replacement and a sore left thumb" the hip is a note.
  const isNote = (remark: string) =>
    halvesOf(remark).some(
      (half) => isElsewhere(wordsOf(half), knowledge.words) && guessesIn(half, knowledge).length === 0,
    );
  const read = remarks.map((remark) => ({ remark, guesses: guessesOf(remark, knowledge) }));
  return {
    guesses: withoutEchoes(read.flatMap(({ guesses }) => guesses)),
    notes: read
      .filter(({ remark, guesses }) => guesses.some((g) => g.noted) || isNote(remark))
      .map(({ remark }) => remark),
  };
}

/** Does it name a condition, a state or something alarming, so that it can be no name? */
export function saysSomething(text: string, { words }: Knowledge): boolean {
  const said = wordsOf(text);
  return (
    namesCondition(said, words) ||
    said.some(
      (word) => isStateWord(word, words.states) || [...words.alarming, ...words.alarmingHere].includes(word),
    )
  );
}

/** "stroke, left side weak": said twice, once with its side, is said once. */
const withoutEchoes = (guesses: readonly Guess[]): readonly Guess[] =>
  guesses.filter(
    (guess) =>
      guess.asks !== 'side' ||
      !guesses.some((other) => other.conditionId === guess.conditionId && other.asks !== 'side'),
  );

/**
 * "RA, both hands, flaring": what only says a side or a state belongs to the remark before it; not where that is about no hand, or
 * "osteoporosis, right wrist sore" would lose the wrist.
 */
function withQualifiers(parts: readonly string[], { words, conditions }: Knowledge): readonly string[] {
  const isSided = (remark: string) =>
    conditionsIn(wordsOf(remark), words).some(({ id }) => conditions.some((c) => c.id === id && c.sided));
  const qualifies = (part: string, before: string) => {
    const said = wordsOf(part);
    const isState = (word: string) => isStateWord(word, words.states);
    const isOfHand = (word: string) => words.here.includes(word) || SIDES.has(word);
    return (
      said.every((word) => EMPTY.has(word) || isState(word)) &&
      (!(said.some(isState) && said.some(isOfHand)) || isSided(before))
    );
  };
  return parts.reduce<readonly string[]>((remarks, part) => {
    const before = remarks.at(-1);
    return before !== undefined && qualifies(part, before)
      ? [...remarks.slice(0, -1), `${before}, ${part}`]
      : [...remarks, part];
  }, []);
}

/** "osteoporosis and carpal tunnel left" is two remarks where each half is known, and one otherwise. */
function guessesOf(remark: string, knowledge: Knowledge): readonly Guess[] {
  if (isWell(remark, knowledge.words)) return [];
  const halves = halvesOf(remark);
  const apart = halves.map((half) => guessesIn(half, knowledge));
  const areKnown = apart.every((half) => half.every((guess) => guess.conditionId !== null));
  return halves.length > 1 && areKnown ? apart.flat() : guessesIn(remark, knowledge);
}

const halvesOf = (remark: string): readonly string[] =>
  remark.split(/\s+and\s+|\s*[&+/]\s*/i).filter(Boolean);

const isWell = (remark: string, { well }: SaidWords): boolean =>
  well.some((phrase) => phrase === wordsOf(remark).join(' '));

/** Words that say nothing by themselves. */
const EMPTY = new Set(
  'a an the in of on her his their with has had have some bit bad mild slight very since and no not at from base joint joints hand hands wrist wrists finger fingers arm arms thumb thumbs side both left right l r lt rt lh rh bilateral yet been'.split(
    ' ',
  ),
);

/**
 * Every condition of one remark; one that is not understood where there is none, or where it says something alarming besides. What is
 * elsewhere than on a hand is neither.
 */
function guessesIn(text: string, knowledge: Knowledge): readonly Guess[] {
  const { words } = knowledge;
  const said = wordsOf(text);
  const found = withoutVague(conditionsIn(said, words), knowledge);
  const used = found.flatMap((f) => f.used);
  const left = said.filter(
    (word) => !EMPTY.has(word) && !used.includes(word) && !isStateWord(word, words.states),
  );
  const known = found.flatMap(({ id }) => guessOf(id, text, left.length > 0, knowledge));
  const apart = isElsewhere(said, words);
  const alarms = apart ? words.alarming : [...words.alarming, ...words.alarmingHere];
  // An injection is no infection that was misspelled.
  const isKnown = (word: string) => Object.values(words.conditions).some((phrases) => phrases.includes(word));
  const isAlarming = left.some(
    (word) => alarms.includes(word) || (!isKnown(word) && alarms.some((alarm) => soundsLike(word, alarm))),
  );
  if (apart && !isAlarming) return known;
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

const SIDES: ReadonlySet<string> = new Set('left right both l r lt rt lh rh bilateral'.split(' '));

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
