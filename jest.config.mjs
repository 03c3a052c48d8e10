export default {
  testEnvironment: 'node',
  roots: ['<rootDir>/tests/core', '<rootDir>/tests/store'],
  testMatch: ['**/*.test.ts'],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: { target: 'es2022', parser: { syntax: 'typescript', tsx: true } },
        module: { type: 'commonjs' },
      },
    ],
  },
  setupFiles: ['<rootDir>/tests/setup.ts'],
  testTimeout: 60_000,
};
