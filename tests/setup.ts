import { readFileSync } from 'node:fs';
import fc from 'fast-check';

// The same examples on every run; a failing seed is kept as a test of its own.
fc.configureGlobal({ seed: 20261124 });

jest.mock('@/store/pglite', () => {
  const real = jest.requireActual<typeof import('@/store/pglite')>('@/store/pglite');
  real.beginFrom(new Blob([readFileSync(process.env.OSKIL_TEST_EMPTY!)]));
  return real;
});
