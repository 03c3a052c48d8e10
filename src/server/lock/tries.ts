import { createHash } from 'node:crypto';
import { FREE_EACH, FREE_TOGETHER, networkOf, REMEMBERED_S, waitLeft } from '@/core/lock';
import { fail, type Failure } from '@/core/result';
import { plural } from '@/core/words';
import type { Db } from '@/store/db';
import {
  addGuess,
  forgetOwn,
  isKnownBrowser,
  knowBrowser,
  ofAddress,
  ofAim,
  ofBrowser,
  oneByOne,
  takeBack,
  tidyGuesses,
  type Guess,
} from '@/store/guesses';
import { addressOf, isFromHere } from './addresses';
import { BROWSER_COOKIE, cookieIn } from './cookies';

/** Where a try comes from. */
export type Caller = {
  readonly address: string;
  /** From this computer itself. */
  readonly isHere: boolean;
  /** What its cookie says; null in a browser that was never let in. */
  readonly browser: string | null;
};

export const callerOf = (headers: Headers): Caller => ({
  address: networkOf(addressOf(headers) ?? 'unknown'),
  isHere: isFromHere(headers),
  browser: cookieIn(headers, BROWSER_COOKIE) ?? null,
});

/** What is tried: the passphrase of an instructor by name, or the one for all. */
export const aimAt = (name: string): string => `passphrase:${name.toLowerCase()}`;

export const browserHash = (browser: string): string => createHash('sha256').update(browser).digest('hex');

/** A try that may be looked at. */
export type Try = {
  /** The secret was right: whoever knew it is known in this browser from now on, and their own slips are forgotten. */
  readonly right: (browser: string | null) => Promise<void>;
  /** It was no try at the passphrase. */
  readonly takeBack: () => Promise<void>;
};

/**
 * Counts a try before it is looked at, one after the other, so that many at once do not get in for one; or says how long to wait.
 * A browser that was let in there before has a counter of its own, so that no stranger keeps its owner out. Whoever was not waits for
 * those at the same address and, but for this computer itself, for all who tried the same passphrase.
 */
export const startTry = (db: Db, aim: string, from: Caller): Promise<Try | Failure> =>
  db.transaction(async (tx) => {
    await oneByOne(tx);
    await tidyGuesses(tx, REMEMBERED_S);
    const hash = from.browser === null ? null : browserHash(from.browser);
    const known = hash !== null && (await isKnownBrowser(tx, hash, aim)) ? hash : null;
    const wait = known
      ? waitLeft(await ofBrowser(tx, known, aim), FREE_EACH)
      : Math.max(
          waitLeft(await ofAddress(tx, from.address), FREE_EACH),
          from.isHere ? 0 : waitLeft(await ofAim(tx, aim), FREE_TOGETHER),
        );
    if (wait > 0) return fail('too-many-tries', `Too many wrong tries. Try again in ${waitWords(wait)}.`);
    const guess: Guess = { aim, address: from.address, fromHere: from.isHere, browserHash: known };
    const id = await addGuess(tx, guess);
    return {
      right: async (browser) => {
        await takeBack(db, id);
        await forgetOwn(db, guess);
        if (browser !== null) await knowBrowser(db, browserHash(browser), aim);
      },
      takeBack: () => takeBack(db, id),
    };
  });

const waitWords = (seconds: number): string =>
  seconds > 90 ? plural(Math.ceil(seconds / 60), 'minute') : plural(Math.ceil(seconds), 'second');
