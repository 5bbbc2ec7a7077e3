import js from '@eslint/js';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import { importX } from 'eslint-plugin-import-x';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import { readdirSync } from 'node:fs';
import tseslint from 'typescript-eslint';

const foldersIn = (path) =>
  readdirSync(path, { withFileTypes: true })
    .filter((entry) => entry.isDirectory())
    .map(({ name }) => `./${path}/${name}`);

const forbid = (target, from, why) => ({ target, from, message: `${target} may not import from ${from}: ${why}` });

/** A layer may import only what is listed for it: arrows point down. */
const layers = {
  './src/core': [],
  './src/contracts': ['./src/core'],
  './src/server': ['./src/core', './src/contracts'],
  './src/web': ['./src/core', './src/contracts'],
  './src/cli': ['./src/core', './src/contracts'],
  './demo': ['./src/core', './src/contracts', './src/server'],
  './bench': ['./src/core', './src/contracts', './demo', './scripts'],
  './scripts': ['./src/contracts'],
  './e2e': ['./src/core'],
};
const betweenLayers = Object.entries(layers).flatMap(([target, allowed]) =>
  Object.keys(layers)
    .filter((from) => from !== target && !allowed.includes(from))
    .map((from) => forbid(target, from, 'see ARCHITECTURE.md, Layers.')),
);

/** What several features share of a case lies in case-log, which knows none of them. */
const features = foldersIn('src/web/features');
const shared = './src/web/features/case-log';
const betweenFeatures = features.flatMap((target) =>
  features
    .filter((from) => from !== target && from !== shared)
    .map((from) => forbid(target, from, 'what features share lies in case-log.')),
);

/** Below the features: they are put together by the router alone. */
const belowFeatures = ['shell', 'api', 'charts', 'components', 'device', 'stores', 'theme', 'workers']
  .map((name) => `./src/web/${name}`)
  .flatMap((target) => ['./src/web/features', './src/web/app'].map((from) => forbid(target, from, 'it lies below.')));

const zones = [...betweenLayers, ...betweenFeatures, ...belowFeatures];

const impureInCore = [
  ['Date', 'pass `now` in'],
  ['window', 'the core has no DOM'],
  ['document', 'the core has no DOM'],
  ['process', 'the core has no Node'],
  ['Buffer', 'the core has no Node'],
  ['console', 'the core does no I/O'],
  ['fetch', 'the core does no I/O'],
  ['setTimeout', 'the core does not wait'],
  ['performance', 'the core has no clock'],
  ['crypto', 'pass randomness in'],
].map(([name, message]) => ({ name, message }));

const imports = {
  plugins: { 'import-x': importX },
  settings: { 'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })] },
  rules: {
    'import-x/no-restricted-paths': ['error', { zones }],
    'import-x/no-cycle': 'error',
    eqeqeq: 'error',
    'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
    'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
    'no-restricted-syntax': [
      'error',
      {
        selector: 'ImportExpression > :not(Literal).source',
        message: 'Import by a literal path, so that the arrow can be seen.',
      },
    ],
  },
};

export default tseslint.config(
  { ignores: ['dist', 'node_modules', '.data', 'test-results', 'playwright-report', 'coverage'] },
  js.configs.recommended,
  { files: ['**/*.{ts,tsx,mjs}'], ...imports },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.strictTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': [
        'error',
        { ignoreArrowShorthand: true, ignoreVoidReturningFunctions: true },
      ],
    },
  },
  {
    files: ['src/web/**/*.{ts,tsx}'],
    extends: [reactHooks.configs.flat.recommended, jsxA11y.flatConfigs.recommended],
    // Dialogs and forms that one opens to type in begin at their field; React Aria sees to the rest.
    rules: { 'jsx-a11y/no-autofocus': ['error', { ignoreNonDOM: true }] },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/core/**/*.test.ts', 'src/core/**/testing-*.ts'],
    rules: {
      'no-restricted-globals': ['error', ...impureInCore],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness comes in as an argument.' },
      ],
      'no-restricted-imports': ['error', { patterns: ['node:*', 'react', 'react-*', 'express', 'pg', 'zod'] }],
    },
  },
  {
    // Jest's matchers and supertest's bodies are any; what a fake promises needs nothing to wait for.
    files: ['**/*.test.{ts,tsx}', '**/testing-*.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/require-await': 'off',
    },
  },
  {
    // A journey is one story from top to bottom.
    files: ['**/*.test.{ts,tsx}', 'e2e/**/*.ts'],
    rules: { 'max-lines-per-function': 'off' },
  },
  {
    // A fixture without dependencies is written with an empty pattern.
    files: ['e2e/**/*.ts'],
    rules: { 'no-empty-pattern': 'off' },
  },
  {
    // Declarative tables may be long.
    files: [
      'src/core/*/catalogue/*.ts',
      'src/core/diagnosis/conclusions.test.ts',
      'src/server/shops-apart.test.ts',
      'demo/cases/*.ts',
    ],
    rules: { 'max-lines': 'off', 'max-lines-per-function': 'off' },
  },
  {
    files: ['**/*.mjs'],
    languageOptions: { globals: { ...globals.node } },
  },
  {
    // What these hand to the browser runs there.
    files: ['scripts/screenshots.mjs', 'bench/interface/*.mjs'],
    languageOptions: { globals: { ...globals.browser } },
  },
);
