import boundaries from 'eslint-plugin-boundaries';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import { folderOf, importTable } from './import-table.mjs';

const names = Object.keys(importTable);

export default tseslint.config(
  { ignores: ['dist/**', 'node_modules/**', '.cache/**', '.expo/**', 'expo-env.d.ts', 'test-results/**'] },
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...tseslint.configs.strictTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // What must be there is taken by `itemAt`, `entryAt` or `present` of core/base, which fail where it is not.
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/restrict-plus-operands': ['error', { allowNumberAndString: true }],
      '@typescript-eslint/no-confusing-void-expression': 'off',
      // Only strings of digits and signs of our own are spread.
      '@typescript-eslint/no-misused-spread': 'off',
    },
  },
  {
    // In a test a missing thing fails the test by itself.
    files: ['**/*.{test,spec}.{ts,tsx}', '{e2e,recipes,reference,soak}/**/*.{ts,tsx}', 'src/*/testing/*.{ts,tsx}'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  {
    files: ['**/*.{ts,tsx}'],
    plugins: { 'react-hooks': reactHooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    files: ['{app,src,server,batch,bench,demo,recipes,soak,reference,e2e}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'src/*/testing/*.{ts,tsx}'],
    plugins: { boundaries },
    settings: {
      'boundaries/elements': names.map((type) => ({ type, pattern: folderOf(type), partialMatch: false })),
      'import/resolver': { typescript: { project: './tsconfig.json' } },
    },
    rules: {
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          policies: names.map((name) => ({
            from: { element: { type: name } },
            allow: { to: { element: { types: { anyOf: [name, ...importTable[name]] } } } },
          })),
        },
      ],
    },
  },
  {
    // What stands in for a module is typed by the module that it stands in for.
    files: ['recipes/*.tsx', 'src/places/**/*.test.tsx'],
    rules: { '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }] },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      // No React, DOM, storage, clock or hidden randomness; of packages only the schema validator and the calendar.
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: '^(?!\\.{1,2}(/|$)|zod/mini$|temporal-polyfill/fns/PlainDate$)',
              message: 'core imports nothing outside core',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'navigator',
        'localStorage',
        'Date',
        'performance',
        'self',
        'fetch',
      ],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
    },
  },
);
