import { defineConfig } from '@lingui/conf';
import { formatter } from '@lingui/format-po';

/** Words on the screen: a language is one file below src/words. `pseudo` is made from English, long and accented, to see what was forgotten. */
export default defineConfig({
  sourceLocale: 'en',
  locales: ['en', 'pseudo'],
  pseudoLocale: 'pseudo',
  fallbackLocales: { pseudo: 'en' },
  catalogs: [{ path: 'src/words/{locale}', include: ['src'], exclude: ['**/*.test.*', '**/testing/**'] }],
  format: formatter({ lineNumbers: false, printPlaceholdersInComments: false }),
});
