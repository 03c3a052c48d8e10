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
