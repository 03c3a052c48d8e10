const ALPHABETS: readonly RegExp[] = [/\p{Script=Latin}/u, /\p{Script=Cyrillic}/u, /\p{Script=Greek}/u];

/** A name as it is kept and compared: wide letters are plain ones, and what nobody sees is not there. */
export const plainName = (typed: string): string =>
  typed
    .normalize('NFKC')
    .replace(/[\p{Cf}\p{Cc}\p{Co}\p{Cn}]/gu, '')
    .replace(/\s+/g, ' ')
    .trim();

/** Letters of alphabets that look alike, mixed: “Аnna” with a Cyrillic А is not “Anna”, and nobody can see it. */
export const mixesAlphabets = (name: string): boolean => ALPHABETS.filter((a) => a.test(name)).length > 1;
