import type { ConditionState } from '../people';

/** How conditions and their states are called, by id; handed in. */
export type SaidWords = {
  readonly conditions: Readonly<Record<string, readonly string[]>>;
  readonly states: Readonly<Partial<Record<ConditionState, readonly string[]>>>;
  readonly well: readonly string[];
  /** Places and treatments elsewhere than on hands and arms: breaks, operations and injections there are no trouble of the hands. */
  readonly elsewhere: readonly string[];
  /** The same of the trunk, which a class does move: who has something there is asked what it is. */
  readonly trunk: readonly string[];
  /** What is on hands and arms. */
  readonly here: readonly string[];
  /** Words that are never only a note: who says one besides a condition is asked what it is. */
  readonly alarming: readonly string[];
  /** The same where they are not said of something elsewhere. */
  readonly alarmingHere: readonly string[];
};
type KnownCondition = { readonly id: string; readonly sided: boolean };
export type Knowledge = {
  readonly words: SaidWords;
  readonly conditions: readonly KnownCondition[];
  /** A fracture of this year or the last is not an old one. */
  readonly thisYear: number;
};

/** A remark in plain lower-case words, without accents and signs; "flare-up" is one word, an apostrophe's s stays. */
export const wordsOf = (text: string): readonly string[] =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/flare[- ]up/g, 'flareup')
    .replace(/['’]/g, '')
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

/** From so many letters a word may be misspelled once, and from so many twice. */
const [ONE_SLIP, TWO_SLIPS] = [5, 9];

/** Is a word as it was written the one that is known: spelled so, in the plural, or with a slip? */
export function soundsLike(written: string, known: string): boolean {
  if (written === known || written === `${known}s` || `${written}s` === known) return true;
  const slips = known.length >= TWO_SLIPS ? 2 : known.length >= ONE_SLIP ? 1 : 0;
  return slips > 0 && written[0] === known[0] && slipsBetween(written, known, slips) <= slips;
}

/** Letters wrong, missing, extra or swapped between two words (optimal string alignment); given up above `most`. */
function slipsBetween(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  const rows: number[][] = Array.from({ length: a.length + 1 }, (_, i) => [i]);
  for (let j = 0; j <= b.length; j++) rows[0]![j] = j;
  for (let i = 1; i <= a.length; i++)
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      const swapped = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1];
      rows[i]![j] = Math.min(
        rows[i - 1]![j]! + 1,
        rows[i]![j - 1]! + 1,
        rows[i - 1]![j - 1]! + same,
        swapped ? rows[i - 2]![j - 2]! + 1 : Infinity,
      );
    }
  return rows[a.length]![b.length]!;
}
