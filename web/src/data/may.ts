import type { VocabularyView } from '../api/types';

/** What somebody does with a thing; which of them this person may, the server says with it. */
export type Act = VocabularyView['may'][number];

/** Nothing may be done with what is not here yet. */
export const may = (thing: { may: Act[] } | undefined, act: Act): boolean => thing?.may.includes(act) ?? false;
