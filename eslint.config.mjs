import tseslint from 'typescript-eslint';
import reactHooks from 'eslint-plugin-react-hooks';

/** Imports point one way: app -> ui, server, demo -> store -> catalogue -> core. */
const oneWay = (files, forbidden, message) => ({
  files,
  rules: {
    'no-restricted-imports': ['error', { patterns: [{ regex: forbidden, message }] }],
  },
});

const outsideCore = '^(@/(?!core/)|react|next|radix-ui|@electric-sql|lucide|date-fns|node:)';

export default tseslint.config(
  { ignores: ['node_modules', '.next', 'data', 'next-env.d.ts', 'test-results', 'public/sw.js'] },
  ...tseslint.configs.recommended,
  {
    plugins: { 'react-hooks': reactHooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: 'error',
    },
  },
  oneWay(['src/core/**'], outsideCore, 'The core imports only the core, zod and small pure libraries.'),
  {
    files: ['src/core/**'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'localStorage',
        'process',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'Pass the time in.' },
        { object: 'Math', property: 'random', message: 'Pass the randomness in.' },
      ],
    },
  },
  oneWay(
    ['src/catalogue/**'],
    '^(@/(?!core/|catalogue/)|react|next|node:)',
    'The catalogue is data over core types.',
  ),
  oneWay(['src/store/**'], '^(@/(ui|app|server|demo)/|react|next)', 'The store knows the core and SQL only.'),
  oneWay(['src/demo/**'], '^(@/(ui|app)/|react|next)', 'The demo scenario writes through the store.'),
  oneWay(['src/server/**'], '^(@/(ui|app)/|react)', 'Server logic never imports screens.'),
  oneWay(
    ['src/workers/**'],
    '^(@/(?!core/|catalogue/|workers/)|react|next|node:)',
    'A worker knows the core and the catalogue only.',
  ),
  oneWay(
    ['src/ui/**'],
    '^(@/(app|store|server|demo)/)',
    'Shared pieces know the core and the catalogue only.',
  ),
);
