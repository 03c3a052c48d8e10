import fc from 'fast-check';
import { freezeValues } from '@/core/frozen';
import { SEED } from './runs';

freezeValues();
// The same examples on every run; `npm run fuzz` takes others.
fc.configureGlobal({ seed: SEED });

/** That a new folder is on the disk is tried by scripts/power-cuts.mjs; here it would be a second for each. */
jest.mock('@/store/sync', () => ({
  ...jest.requireActual<typeof import('@/store/sync')>('@/store/sync'),
  syncTree: () => Promise.resolve(),
}));

/** A passphrase costs a tenth of a second; tests/store/lock.test.ts tries that once, and everything else at a little of it. */
jest.mock('@/server/lock/passphrase', () => {
  const real = jest.requireActual<typeof import('@/server/lock/passphrase')>('@/server/lock/passphrase');
  return {
    ...real,
    hashPassphrase: (words: string) => real.hashPassphrase(words, 2 ** 8),
    NOBODYS_PASSPHRASE: real.NOBODYS_PASSPHRASE.replace('65536', '256'),
  };
});

/** A thread of its own runs built code only; here its work is done where it is asked for. */
jest.mock('@/server/heavy/start-thread', () => ({
  startThread: () => ({
    ask: async (kind: never, given: never) =>
      jest.requireActual<typeof import('@/server/heavy/work')>('@/server/heavy/work').work(kind, given),
    stop: () => undefined,
  }),
}));
