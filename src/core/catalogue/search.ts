import type { Declined, Movement } from './movement';

/** Movements that have every word, each allowed one slip from four letters up; best matches first. */
export function findMovements(movements: readonly Movement[], query: string): readonly Movement[] {
  const words = tokens(query);
  if (words.length === 0) return movements;
  return movements
    .map((m) => ({ m, score: scoreOf(m, words) }))
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score)
    .map(({ m }) => m);
}

/** What was left out on purpose, for whoever looks for it by name. */
export function findDeclined(declined: readonly Declined[], query: string): readonly Declined[] {
  const words = tokens(query);
  return declined.filter((d) => words.every((w) => closest(w, tokens(`${d.name} ${d.why}`)) > 0));
}

/** 0 when a word is nowhere; more for words in the name, and for words spelled as they are. */
function scoreOf(m: Movement, words: readonly string[]): number {
  const name = tokens(m.name);
  const rest = tokens(
    `${m.what} ${m.purpose} ${m.effort} ${m.propId ?? ''} ${m.joints.join(' ')} ${m.positions.join(' ')}`,
  );
  let total = 0;
  for (const word of words) {
    const leads = closest(word, name.slice(0, 1)) > 0 ? 1 : 0;
    const best = Math.max(4 * closest(word, name) + leads, closest(word, rest));
    if (best === 0) return 0;
    total += best;
  }
  return total;
}

const tokens = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter(Boolean);

/** 2 for the start of a token, 1 for one slip away from it, else 0. */
function closest(word: string, list: readonly string[]): number {
  if (list.some((t) => t.startsWith(word))) return 2;
  if (word.length < 4) return 0;
  return list.some((t) => oneSlip(word, t.slice(0, word.length + 1))) ? 1 : 0;
}

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
