/** What an entry is looked for by: words of its name count more than the rest. */
type SearchText = { readonly name: string; readonly rest: string };

type Tokens = { readonly name: readonly string[]; readonly rest: readonly string[] };
type Match = (word: string, token: string) => boolean;

/** Words that tell nothing apart: "make a fist" looks for a fist. */
const SAY_NOTHING: ReadonlySet<string> = new Set(
  'a an the of with and to your my in on for do doing make making exercise'.split(' '),
);

/** From so many letters a word may be misspelled once: one letter turns "sand" into "hand". */
const LETTERS_FOR_A_SLIP = 5;

/**
 * Entries that have every word of the query, by the start of a word or in the singular, best matches first; all of them, in their
 * order, for an empty query. Unless `slips` is false, a word that is nowhere spelled so is allowed one slip.
 * Without `smallWords` those count for nothing; in a list of people they may be names.
 */
export function search<T extends object>(
  entries: readonly T[],
  textOf: (entry: T) => SearchText,
  query: string,
  { slips = true, smallWords = true } = {},
): readonly T[] {
  const said = tokens(query);
  if (said.length === 0) return entries;
  const telling = smallWords ? said : said.filter((word) => !SAY_NOTHING.has(word));
  const words = telling.length > 0 ? telling : said;
  const known = entries.map((entry) => ({ entry, words: tokensOf(entry, textOf) }));
  const match = matcherFor(
    words,
    known.map((k) => k.words),
    slips,
  );
  return known
    .map((k) => ({ entry: k.entry, score: scoreOf(k.words, words, match) }))
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score)
    .map(({ entry }) => entry);
}

const taken = new WeakMap<object, Tokens>();
/** An entry never changes, so its words are taken apart once. */
function tokensOf<T extends object>(entry: T, textOf: (entry: T) => SearchText): Tokens {
  const there = taken.get(entry);
  if (there) return there;
  const text = textOf(entry);
  const made = { name: tokens(text.name), rest: tokens(text.rest) };
  taken.set(entry, made);
  return made;
}

function matcherFor(words: readonly string[], entries: readonly Tokens[], slips: boolean): Match {
  const asSpelled: Match = (word, token) =>
    token.startsWith(word) || (word.endsWith('s') && token === word.slice(0, -1));
  const somewhere = (word: string) =>
    entries.some(({ name, rest }) => [...name, ...rest].some((t) => asSpelled(word, t)));
  const slipped = new Set(words.filter((w) => slips && w.length >= LETTERS_FOR_A_SLIP && !somewhere(w)));
  return (word, token) =>
    slipped.has(word) ? oneSlip(word, token.slice(0, word.length + 1)) : asSpelled(word, token);
}

/** 0 when a word is nowhere; more for words in the name, most for the one it begins with. */
function scoreOf({ name, rest }: Tokens, words: readonly string[], match: Match): number {
  let total = 0;
  for (const word of words) {
    const inName = name.some((t) => match(word, t));
    if (!inName && !rest.some((t) => match(word, t))) return 0;
    total += inName ? (match(word, name[0] ?? '') ? 9 : 8) : 2;
  }
  return total;
}

const tokens = (text: string): readonly string[] =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

/** One letter wrong, missing, extra, or two swapped, against the start of a token. */
function oneSlip(word: string, token: string): boolean {
  let i = 0;
  while (i < word.length && i < token.length && word[i] === token[i]) i++;
  const [w, t] = [word.slice(i), token.slice(i)];
  return (
    t.startsWith(w.slice(1)) ||
    t.slice(1).startsWith(w.slice(1)) ||
    t.slice(1).startsWith(w) ||
    (w.length > 1 && t.length > 1 && w[0] === t[1] && w[1] === t[0] && t.slice(2).startsWith(w.slice(2)))
  );
}
