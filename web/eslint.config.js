import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['target', 'node_modules', 'src/api/schema.gen.ts'] },
  js.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked,
  reactHooks.configs.flat.recommended,
  prettier,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
    linterOptions: { reportUnusedDisableDirectives: 'error' },
  },
  {
    // A simulated server answers at once, and takes its parts off what they belong to.
    files: ['src/**/*.test.{ts,tsx}', 'src/testing/**'],
    rules: { '@typescript-eslint/require-await': 'off', '@typescript-eslint/unbound-method': 'off' },
  },
  { files: ['*.js', '*.mjs', '*.cjs', 'vite.config.ts'], extends: [tseslint.configs.disableTypeChecked] },
);
