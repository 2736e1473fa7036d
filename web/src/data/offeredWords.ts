import { answer, client } from '../api/client';

/** Words for what is being spelt; what was said is asked with and kept nowhere. */
export const offeredWords = (vocabulary: number, spelled: { typed: string; said: string[]; shown: string[]; cells: number }, signal: AbortSignal) =>
  answer(client.POST('/api/vocabularies/{vocabulary}/offered-words', { params: { path: { vocabulary } }, body: spelled, signal }));
