import { readdirSync } from 'node:fs';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import importX from 'eslint-plugin-import-x';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Imports point one way: app -> ui, server, demo -> store -> catalogue -> core. */
const oneWay = (files, forbidden, message) => ({
  files,
  rules: {
    'no-restricted-imports': ['error', { patterns: [{ regex: forbidden, message }] }],
  },
});

/** Folders of the core, lowest first: each may import those on the floors below it, through their door, and nothing else. */
export const FLOORS = [
  ['backup', 'lock', 'lead', 'dose', 'draw'],
  ['body'],
  ['hand'],
  ['catalogue'],
  ['cord', 'people', 'stance', 'voice'],
  ['screening', 'measure'],
  ['load', 'shelf'],
  ['plan'],
  ['teach', 'draft'],
  ['progress'],
  ['term', 'home', 'drill', 'practice'],
  ['paper', 'formats', 'models'],
  ['venue'],
];

const folders = readdirSync('src/core', { withFileTypes: true }).flatMap((e) =>
  e.isDirectory() ? [e.name] : [],
);
const homeless = folders.filter((f) => !FLOORS.flat().includes(f));
if (homeless.length > 0) throw new Error(`On no floor: src/core/${homeless.join(', src/core/')}`);

/** A folder is entered by its door alone, and not at all from its own floor or below. */
const zones = FLOORS.flatMap((floor, level) =>
  floor.flatMap((name) => {
    const from = `./src/core/${name}`;
    const below = FLOORS.slice(0, level + 1).flat();
    return [
      {
        target: below.filter((other) => other !== name).map((other) => `./src/core/${other}`),
        from,
        message: `core/${name} stands above or beside this folder: imports in the core run down (FLOORS in eslint.config.mjs).`,
      },
      {
        target: [
          './src/!(core)/**',
          ...folders.filter((other) => other !== name).map((other) => `./src/core/${other}`),
        ],
        from,
        except: ['./index.ts'],
        message: `Come in by the door, core/${name}/index.ts, and list there what you need.`,
      },
    ].filter((zone) => zone.target.length > 0);
  }),
);

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
  {
    files: ['src/**'],
    plugins: { 'import-x': importX },
    settings: {
      ...importX.flatConfigs.typescript.settings,
      'import-x/resolver-next': [createTypeScriptImportResolver()],
    },
    rules: {
      'import-x/no-cycle': ['error', { ignoreExternal: true }],
      'import-x/no-restricted-paths': ['error', { zones }],
    },
  },
  {
    files: ['src/core/*.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '^\\./.+/', message: 'It stands below every folder.' }] },
      ],
    },
  },
  oneWay(['src/core/*/**'], outsideCore, 'The core imports only the core, zod and small pure libraries.'),
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
  {
    files: ['src/app/**', 'src/ui/**'],
    ignores: ['src/ui/page/link.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: "ImportDeclaration[source.value='next/link']", message: 'Take Link from ui/link.' },
      ],
    },
  },
  oneWay(
    ['src/ui/**'],
    '^(@/(app|store|server|demo)/)',
    'Shared pieces know the core and the catalogue only.',
  ),
);
