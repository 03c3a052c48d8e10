const swc = [
  '@swc/jest',
  { jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true } }, module: { type: 'commonjs' } },
];

export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/tests/core', '<rootDir>/tests/store'],
  testMatch: ['**/*.test.ts'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  transform: { '^.+\\.tsx?$': swc },
  // What only a server of its own can show; scripts/test.mjs starts one.
  testPathIgnorePatterns: process.env.OSKIL_TEST_POSTGRES ? [] : ['postgres.test'],
  globalSetup: '<rootDir>/tests/global-setup.ts',
  globalTeardown: '<rootDir>/tests/global-teardown.mjs',
  setupFiles: ['<rootDir>/tests/setup.ts'],
  // Only what hangs is ended: beside other work a test may take ten times as long.
  testTimeout: 300_000,
  // Every core: by default one is left idle, which on a small machine is half of them.
  maxWorkers: '100%',
};
