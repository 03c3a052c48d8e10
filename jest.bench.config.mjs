import base from './jest.config.mjs';

/** Timings are reported, never asserted. */
export default { ...base, roots: ['<rootDir>/tests/bench'], testMatch: ['**/*.bench.ts'] };
