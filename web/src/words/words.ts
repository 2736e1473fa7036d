import { i18n, type Messages } from '@lingui/core';

/** Every language there is a file for, such as `en.po`. */
const LANGUAGES = import.meta.glob<{ messages: Messages }>('./*.po');
/** Made from English, to see what was forgotten; its numbers and days are written as there. As a page’s language it has a name that browsers know. */
const PSEUDO = 'en-x-pseudo';

let written = 'en-GB';

/**
 * From now on, all that is said on the screen is said in this language, and days and numbers are written as its country does; English if there is no
 * file for it. To be waited for before anything is shown.
 *
 * @param tag of BCP 47, such as `en-GB`
 */
export async function speak(tag: string) {
  const language = tag === PSEUDO ? 'pseudo' : tag.split('-')[0];
  const file = LANGUAGES[`./${language}.po`] ?? LANGUAGES['./en.po'];
  if (tag !== PSEUDO) written = tag;
  i18n.loadAndActivate({ locale: language, locales: [written], messages: (await file()).messages });
}

/** How days and numbers are written, as BCP 47 has it. */
export const asWritten = () => written;

/** A number as it is written here: 1,204. */
export const number = (n: number, most = 0) => i18n.number(n, { maximumFractionDigits: most });
