import { t } from '@lingui/core/macro';
import { asWritten } from '../words/words';

/** Languages in which the library’s pictures have names, by their tags, as they are called here. */
export const LANGUAGES: Record<string, string> = {
  ar: t`Arabic`,
  zh: t`Chinese`,
  fr: t`French`,
  de: t`German`,
  pl: t`Polish`,
  pt: t`Portuguese`,
  es: t`Spanish`,
  tr: t`Turkish`,
  uk: t`Ukrainian`,
  vi: t`Vietnamese`,
};

/** What a language is called here. @param tag as BCP 47 has it */
export const languageName = (tag: string): string => LANGUAGES[tag] ?? new Intl.DisplayNames([asWritten()], { type: 'language' }).of(tag) ?? tag;
