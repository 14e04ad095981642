import { defineConfig, globalIgnores } from 'eslint/config';
import next from 'eslint-config-next';
import nextTypescript from 'eslint-config-next/typescript';
import prettier from 'eslint-config-prettier/flat';

export default defineConfig([
  { linterOptions: { reportUnusedDisableDirectives: 'error' } },
  ...next,
  ...nextTypescript,
  prettier,
  {
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    // What is longer says why, on the line above it.
    files: ['src/**', 'scripts/**', 'demo/**'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { 'max-lines-per-function': ['error', { max: 75 }] },
  },
  {
    files: ['**/*.cjs'],
    rules: { '@typescript-eslint/no-require-imports': 'off' },
  },
  {
    files: ['scripts/**', 'demo/**', 'e2e/**'],
    rules: { 'no-console': 'off' },
  },
  globalIgnores([
    '.next/**',
    '.next-made-up/**',
    'public/sw.js',
    'next-env.d.ts',
    'test-results/**',
  ]),
]);
