import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** No React, DOM, storage, clock or hidden randomness in the core; of packages only the schema validator and the calendar. */
export const coreRules = {
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
};

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
      // There are no enums, and to look for what is assigned to them takes an eighth of the time.
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
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
    // What stands in for a module is typed by the module that it stands in for.
    files: ['recipes/*.tsx', 'src/places/**/*.test.tsx'],
    rules: { '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }] },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: coreRules,
  },
);
