/** So many wrong tries cost nothing: a finger slips. */
export const FREE_EACH = 4;
/** Of all who are not known together, at one passphrase: more, so that one stranger does not make the others wait at once. */
export const FREE_TOGETHER = 20;
const FIRST_WAIT_S = 5;
const LONGEST_WAIT_S = 15 * 60;
/** Tries older than this are forgotten, s. */
export const REMEMBERED_S = 60 * 60;

/**
 * How long after the last wrong try the next is not even looked at, s: nothing for the first few, then five seconds, doubling
 * with each, up to a quarter of an hour.
 */
export const backoffSeconds = (wrongTries: number, free = FREE_EACH): number =>
  wrongTries <= free ? 0 : Math.min(LONGEST_WAIT_S, FIRST_WAIT_S * 2 ** (wrongTries - free - 1));

/** Wrong tries that one counter has seen; how long ago the last was, s, as a clock says that may have been put back. */
export type Counted = { readonly tries: number; readonly lastAgoS: number };

/** How long is still to be waited, s; never more than the stated wait, whatever the clock does. */
export function waitLeft({ tries, lastAgoS }: Counted, free: number): number {
  const wait = backoffSeconds(tries, free);
  return Math.max(0, wait - Math.max(0, lastAgoS));
}

/** Whom an address counts for: of version 6 its network, since one computer may take any address in it. */
export function networkOf(address: string): string {
  const plain = address
    .toLowerCase()
    .replace(/%.*$/, '')
    .replace(/^::ffff:(?=\d+\.)/, '');
  if (!plain.includes(':')) return plain;
  const [head = '', tail] = plain.split('::');
  const groups = head.split(':').filter(Boolean);
  const after = (tail ?? '').split(':').filter(Boolean);
  const zeros = tail === undefined ? [] : Array.from({ length: 8 - groups.length - after.length }, () => '0');
  return `${[...groups, ...zeros, ...after].slice(0, 4).join(':')}::/64`;
}

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
