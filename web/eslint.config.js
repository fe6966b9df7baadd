import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['dist/', 'target/', 'node_modules/', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  prettier,
  ...svelte.configs.prettier,
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'] } },
  },
  // A place knows no other place; what two of them need has a room of its own.
  {
    files: ['src/places/*/**'],
    rules: { 'no-restricted-imports': ['error', { patterns: [{ regex: '^\\.\\./[^.]|/places/' }] }] },
  },
  // One look for all that is pressed and filled in: from parts. Only what is drawn has its own.
  {
    files: ['src/**/*.svelte'],
    ignores: ['src/parts/**', 'src/drawing/**'],
    rules: {
      'svelte/no-restricted-html-elements': [
        'error',
        { elements: ['button', 'input', 'select', 'progress'], message: 'Use the one of parts/.' },
      ],
    },
  },
  // Routes are hashes; there is no base path to resolve.
  { rules: { 'svelte/no-navigation-without-resolve': 'off' } },
);
