import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import lingui from 'eslint-plugin-lingui';
import tseslint from 'typescript-eslint';

/** What no one reads as a sentence. */
const NO_SENTENCE = [
  '^[^A-Za-z]*$',
  // A code, a key, a name in the program: one word, small or all in capitals or with a capital inside.
  '^[a-z][\\w.:/#-]*$',
  '^[A-Z_]+$',
  '^[A-Z][a-z]+[A-Z]\\w*$',
  // Keys and paper, which are called so everywhere, and our name.
  '^(Arrow|Home|End|Space|Dwimble|([A-Z][a-z]+\\+)?Enter|A[0-9])$',
  // An address, a file, a style, a header of HTTP.
  '^(/|\\.|#|\\[|var\\(|url\\(|data:|calc|minmax|repeat|@page|image/|--)',
  '^(GET|SHA-256|XSRF-TOKEN=|X-XSRF-TOKEN|_blank|2d|2-digit|200px|T12:00|\\.pdf)$',
  // Of a few that the compiler knows by name.
  '^(new row|as the student sees)$',
];
/** Names of what holds no words. */
const NO_WORDS_IN = '^(className|style|key|id|type|href|to|d|viewBox|transform|autoComplete|accept|queryKey|gridTemplate.*|--.*)$';

export default tseslint.config(
  { ignores: ['target', 'node_modules', 'src/api/schema.gen.ts', 'src/features/recording/capture.js'] },
  js.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked,
  reactHooks.configs.flat.recommended,
  prettier,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      // Prettier breaks no sentence.
      'max-len': ['error', { code: 160 }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
    linterOptions: { reportUnusedDisableDirectives: 'error' },
  },
  {
    // What is said on the screen comes from the catalogue: a sentence that stands plain in the code is found.
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/**/*.test.{ts,tsx}', 'src/testing/**'],
    plugins: { lingui },
    rules: {
      'lingui/t-call-in-function': 'off',
      'lingui/no-unlocalized-strings': [
        'error',
        {
          useTsTypes: true,
          ignore: NO_SENTENCE,
          ignoreNames: [{ regex: { pattern: NO_WORDS_IN } }],
          ignoreFunctions: ['*.querySelector', '*.querySelectorAll', '*.closest', '*.matchMedia', '*.matches', '*.split', '*.replace', '*.test', '*.evaluate'],
        },
      ],
    },
  },
  {
    // A simulated server answers at once, and takes its parts off what they belong to.
    files: ['src/**/*.test.{ts,tsx}', 'src/testing/**'],
    rules: { '@typescript-eslint/require-await': 'off', '@typescript-eslint/unbound-method': 'off' },
  },
  { files: ['*.js', '*.mjs', '*.cjs', 'vite.config.ts'], extends: [tseslint.configs.disableTypeChecked] },
);
