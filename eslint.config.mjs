import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import { defineConfig } from 'eslint/config';
import ts from 'typescript-eslint';

export default defineConfig(
  { ignores: ['**/node_modules', 'dist', 'data', 'demo-data', 'test-results'] },
  js.configs.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [ts.configs.strictTypeChecked, ts.configs.stylisticTypeChecked],
    languageOptions: {
      parserOptions: { project: 'tsconfig.json', tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      // A handler that calls another is one line long.
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/prefer-nullish-coalescing': ['error', { ignorePrimitives: { string: true } }],
      '@typescript-eslint/no-misused-promises': [
        'error',
        { checksVoidReturn: { arguments: false, attributes: false } },
      ],
      'max-lines': ['error', 300],
    },
  },
  {
    // Core runs in Node, in the page and in workers, and knows none of them.
    files: ['packages/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-undef': 'error' },
  },
  {
    files: ['packages/{server,web,cli,contract,core/rules}/**/*.{ts,tsx}'],
    // A migration is what it was.
    ignores: ['**/*.test.{ts,tsx}', '**/test/**', '**/migrations/**'],
    rules: { 'max-lines-per-function': ['error', 60], complexity: ['error', 15] },
  },
  {
    files: ['packages/web/**/*.tsx', 'packages/web/**/*.ts'],
    plugins: { 'react-hooks': hooks },
    rules: hooks.configs.recommended.rules,
  },
  {
    files: ['**/*.mjs'],
    languageOptions: { globals: { process: 'readonly', console: 'readonly', URL: 'readonly' } },
  },
);
