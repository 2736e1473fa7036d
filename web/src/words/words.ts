import { i18n, type Messages } from '@lingui/core';
import type { Locale as PartsWords } from 'antd/es/locale';

/** Every language there is a file for, such as `en.po`. */
const LANGUAGES = import.meta.glob<{ messages: Messages }>('./*.po');
/** What the parts of the screen from elsewhere say of their own, in every language they know, such as `de_DE.js`. */
const OF_PARTS = import.meta.glob<{ default: PartsWords }>('/node_modules/antd/es/locale/??_??.js');
/** Made from English, to see what was forgotten; its numbers and days are written as there. As a page’s language it has a name that browsers know. */
const PSEUDO = 'en-x-pseudo';

let written = 'en-GB';
let ofParts: PartsWords | undefined;

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
  // They speak English by themselves.
  const like = language === 'en' || !LANGUAGES[`./${language}.po`] ? [] : Object.keys(OF_PARTS).filter((name) => name.includes(`/${language}_`));
  const [parts] = [...like.filter((name) => name.endsWith(`/${written.replace('-', '_')}.js`)), ...like];
  ofParts = parts ? (await OF_PARTS[parts]()).default : undefined;
  i18n.loadAndActivate({ locale: language, locales: [written], messages: (await file()).messages });
}

/** What the parts of the screen from elsewhere say; undefined for their English. */
export const wordsOfParts = () => ofParts;

/** How days and numbers are written, as BCP 47 has it. */
export const asWritten = () => written;

/** A number as it is written here: 1,204. */
export const number = (n: number, most = 0) => i18n.number(n, { maximumFractionDigits: most });
