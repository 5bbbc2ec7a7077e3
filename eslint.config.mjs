import js from '@eslint/js';
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import { importX } from 'eslint-plugin-import-x';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** A layer may import only what is listed for it: arrows point down. */
const layers = {
  './src/core': [],
  './src/contracts': ['./src/core'],
  './src/server': ['./src/core', './src/contracts'],
  './src/web': ['./src/core', './src/contracts'],
  './src/cli': ['./src/core', './src/contracts'],
  './demo': ['./src/core', './src/contracts', './src/server'],
  './bench': ['./src/core', './src/contracts', './demo'],
  './e2e': [],
};

const zones = Object.entries(layers).flatMap(([target, allowed]) =>
  [...Object.keys(layers), './scripts']
    .filter((from) => from !== target && !allowed.includes(from))
    .map((from) => ({ target, from, message: `${target} may not import from ${from}: see ARCHITECTURE.md, Layers.` })),
);

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

export default tseslint.config(
  { ignores: ['dist', 'node_modules', '.data', 'test-results', 'playwright-report'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    files: ['**/*.{ts,tsx}'],
    plugins: { 'import-x': importX, 'react-hooks': reactHooks },
    settings: { 'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })] },
    rules: {
      'import-x/no-restricted-paths': ['error', { zones }],
      'import-x/no-cycle': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/ban-ts-comment': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      eqeqeq: 'error',
    },
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
    // A fixture without dependencies is written with an empty pattern.
    files: ['e2e/**/*.ts'],
    rules: { 'no-empty-pattern': 'off', 'react-hooks/rules-of-hooks': 'off' },
  },
  {
    // Declarative tables may be long.
    files: ['src/core/*/catalogue/*.ts', 'src/core/diagnosis/conclusions.test.ts', 'demo/cases/*.ts'],
    rules: { 'max-lines': 'off' },
  },
  {
    files: ['scripts/**/*.mjs', 'bench/**/*.mjs', '*.mjs'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        fetch: 'readonly',
        Buffer: 'readonly',
        clearTimeout: 'readonly',
        localStorage: 'readonly',
        document: 'readonly',
        performance: 'readonly',
        MutationObserver: 'readonly',
        requestAnimationFrame: 'readonly',
      },
    },
  },
);
