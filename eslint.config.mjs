import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import { defineConfig } from 'eslint/config';
import ts from 'typescript-eslint';

// One program knows the types of both; what runs in one of them names nothing of the other.
const OF_THE_PAGE = [
  'window',
  'document',
  'localStorage',
  'sessionStorage',
  'navigator',
  'location',
  'history',
  'self',
];
const OF_NODE = [
  'process',
  'Buffer',
  'global',
  'require',
  'module',
  '__dirname',
  '__filename',
  'setImmediate',
];

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
    // Core and the contract run in Node, in the page and in workers, and know none of them.
    files: ['packages/{core,contract}/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-undef': 'error' },
  },
  {
    files: ['packages/{server,cli}/src/**/*.ts'],
    rules: { 'no-restricted-globals': ['error', ...OF_THE_PAGE] },
  },
  {
    files: ['packages/web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-globals': ['error', ...OF_NODE] },
  },
  {
    files: ['packages/{server,web,cli,contract,core/rules}/**/*.{ts,tsx}'],
    // A migration is what it was.
    ignores: ['**/*.test.{ts,tsx}', '**/test/**', '**/migrations/**'],
    rules: { 'max-lines-per-function': ['error', 60], complexity: ['error', 15] },
  },
  {
    files: ['packages/web/**/*.tsx', 'packages/web/**/*.ts'],
    plugins: { 'react-hooks': hooks, 'jsx-a11y': a11y },
    rules: {
      ...hooks.configs.recommended.rules,
      ...a11y.flatConfigs.recommended.rules,
      // What one opens by a key or a click takes the focus with it.
      'jsx-a11y/no-autofocus': 'off',
      // What is around controls may hear their keys, and files that are dropped on it; a click wants a control.
      'jsx-a11y/no-noninteractive-element-interactions': ['error', { handlers: ['onClick', 'onMouseDown'] }],
      'jsx-a11y/no-static-element-interactions': ['error', { handlers: ['onClick', 'onMouseDown'] }],
      'jsx-a11y/label-has-associated-control': [
        'error',
        { controlComponents: ['Input', 'InputNumber', 'Choose', 'Words', 'DatePicker', 'Checkbox'] },
      ],
    },
  },
  {
    files: ['**/*.mjs'],
    languageOptions: { globals: { process: 'readonly', console: 'readonly', URL: 'readonly' } },
  },
);
