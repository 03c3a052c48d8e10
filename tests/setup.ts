import { readFileSync } from 'node:fs';
import fc from 'fast-check';

// The same examples on every run; a failing seed is kept as a test of its own.
fc.configureGlobal({ seed: 20261124 });

jest.mock('@/store/pglite', () => {
  const real = jest.requireActual<typeof import('@/store/pglite')>('@/store/pglite');
  real.beginFrom(new Blob([readFileSync(process.env.OSKIL_TEST_EMPTY!)]));
  return real;
});

/** That a new folder is on the disk is tried by scripts/power-cuts.mjs; here it would be a second for each. */
jest.mock('@/store/sync', () => ({
  ...jest.requireActual<typeof import('@/store/sync')>('@/store/sync'),
  syncTree: () => Promise.resolve(),
}));

/** A thread of its own runs built code only; here its work is done where it is asked for. */
jest.mock('@/server/heavy/start-thread', () => ({
  startThread: () => ({
    ask: async (kind: never, given: never) =>
      jest.requireActual<typeof import('@/server/heavy/work')>('@/server/heavy/work').work(kind, given),
    stop: () => undefined,
  }),
}));
