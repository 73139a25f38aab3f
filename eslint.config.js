import js from '@eslint/js';
import globals from 'globals';

export default [
  js.configs.recommended,
  {
    languageOptions: { ecmaVersion: 2025, sourceType: 'module' },
    rules: {
      eqeqeq: 'error',
      'no-shadow': 'error',
      'no-unused-vars': ['error', { ignoreRestSiblings: true }],
      'prefer-const': 'error',
      'max-len': ['error', { code: 120, ignoreStrings: true, ignoreTemplateLiterals: true, ignoreRegExpLiterals: true }],
    },
  },
  { files: ['resources/js/**/*.js'], languageOptions: { globals: globals.browser } },
  { files: ['public/mat-worker.js'], languageOptions: { globals: globals.serviceworker } },
  {
    files: ['tests/Scripts/**/*.js', '**/*.config.js'],
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
  },
  { ignores: ['public/build/**', 'vendor/**', 'node_modules/**', 'storage/**'] },
];
