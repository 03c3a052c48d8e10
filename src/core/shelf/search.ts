import type { Declined, Movement } from '../catalogue';

type Entry = { readonly name: readonly string[]; readonly rest: readonly string[] };

/**
 * Movements that have every word, best matches first. A word that is nowhere spelled so is allowed
 * one slip, from four letters up.
 */
export function findMovements(movements: readonly Movement[], query: string): readonly Movement[] {
  const words = tokens(query);
  if (words.length === 0) return movements;
  const entries = movements.map((m) => ({ m, entry: entryOf(m) }));
  const match = matcherFor(
    words,
    entries.map((e) => e.entry),
  );
  return entries
    .map(({ m, entry }) => ({ m, score: scoreOf(entry, words, match) }))
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score)
    .map(({ m }) => m);
}

/** What was left out on purpose, for whoever looks for it: words as they are spelled, no slips. */
export function findDeclined(declined: readonly Declined[], query: string): readonly Declined[] {
  return declined.filter((d) => {
    const there = tokens(`${d.name} ${d.why}`);
    return tokens(query).every((word) => there.some((t) => t.startsWith(word)));
  });
}

const known = new WeakMap<Movement, Entry>();
/** A movement never changes, so its words are taken apart once. */
function entryOf(m: Movement): Entry {
  const there = known.get(m);
  if (there) return there;
  const entry = {
    name: tokens(m.name),
    rest: tokens(
      `${m.what} ${m.purpose} ${m.effort} ${m.propId ?? ''} ${m.joints.join(' ')} ${m.positions.join(' ')}`,
    ),
  };
  known.set(m, entry);
  return entry;
}

type Match = (word: string, token: string) => boolean;

function matcherFor(words: readonly string[], entries: readonly Entry[]): Match {
  const asSpelled: Match = (word, token) => token.startsWith(word);
  const somewhere = (word: string) =>
    entries.some(({ name, rest }) => [...name, ...rest].some((t) => asSpelled(word, t)));
  const slips = new Set(words.filter((w) => w.length >= 4 && !somewhere(w)));
  return (word, token) =>
    slips.has(word) ? oneSlip(word, token.slice(0, word.length + 1)) : asSpelled(word, token);
}

/** 0 when a word is nowhere; more for words in the name, most for the one it begins with. */
function scoreOf({ name, rest }: Entry, words: readonly string[], match: Match): number {
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
    .toLowerCase()
    .split(/[^a-z]+/)
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
