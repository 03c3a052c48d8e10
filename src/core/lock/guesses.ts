/** So many wrong tries cost nothing: a finger slips. */
const FREE = 4;
const FIRST_WAIT_S = 5;
const LONGEST_WAIT_S = 15 * 60;
/** Tries older than this are forgotten, s. */
export const REMEMBERED_S = 60 * 60;

/**
 * How long after the last wrong try the next is not even looked at, s: nothing for the first few, then five seconds, doubling
 * with each, up to a quarter of an hour.
 */
export const waitAfter = (wrongTries: number): number =>
  wrongTries <= FREE ? 0 : Math.min(LONGEST_WAIT_S, FIRST_WAIT_S * 2 ** (wrongTries - FREE - 1));

/** Letters and figures that are not taken for one another when read aloud or off paper. */
export const CODE_SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
export const CODE_LENGTH = 8;

/** A helper's code from random numbers of 0 to 255; those that would favour some signs are passed over. */
export function codeFrom(bytes: Iterable<number>): string {
  const fair = Math.floor(256 / CODE_SIGNS.length) * CODE_SIGNS.length;
  let code = '';
  for (const b of bytes) if (b < fair && code.length < CODE_LENGTH) code += CODE_SIGNS[b % CODE_SIGNS.length];
  return code;
}

/** As it was typed: small letters, spaces and dashes do not matter. */
export const plainCode = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, '');
