import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';

/** What of texts a vocabulary can say. `version`: the one that is known, so that it is asked again when boards change. */
export const passage = (vocabulary: number, version: number | undefined, texts: string[]) =>
  queryOptions({
    queryKey: ['passage', vocabulary, version, texts],
    queryFn: () => answer(client.POST('/api/vocabularies/{vocabulary}/passage', { params: { path: { vocabulary } }, body: { texts } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
