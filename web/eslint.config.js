import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['dist/', 'target/', 'src/lib/api/generated/', 'public/'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs['flat/recommended'],
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } },
  { files: ['**/*.svelte', '**/*.svelte.ts'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    files: ['src/**'],
    ignores: ['src/ui/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        { paths: [{ name: 'bits-ui', message: 'Only src/ui imports bits-ui; take our dressed part from $ui.' }] },
      ],
    },
  },
);
