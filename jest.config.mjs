const swc = (syntax) => [
  '@swc/jest',
  { jsc: { target: 'es2022', parser: { syntax, tsx: true } }, module: { type: 'commonjs' } },
];
/** Packages that come as ES modules only and are read by tests. */
const MODULES_ONLY = '@apidevtools/json-schema-ref-parser';

export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/tests/core', '<rootDir>/tests/store'],
  testMatch: ['**/*.test.ts'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  transform: { '^.+\\.tsx?$': swc('typescript'), [`${MODULES_ONLY}/.+\\.js$`]: swc('ecmascript') },
  transformIgnorePatterns: [`/node_modules/(?!${MODULES_ONLY}/)`],
  // What only a server of its own can show; scripts/test.mjs starts one.
  testPathIgnorePatterns: process.env.OSKIL_TEST_POSTGRES ? [] : ['postgres.test'],
  globalSetup: '<rootDir>/tests/global-setup.mjs',
  globalTeardown: '<rootDir>/tests/global-teardown.mjs',
  setupFiles: ['<rootDir>/tests/setup.ts'],
  testTimeout: 60_000,
  // Every core: by default one is left idle, which on a small machine is half of them.
  maxWorkers: '100%',
};
