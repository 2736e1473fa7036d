import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';

/** The forms of the words of a vocabulary at a version; none if it is not English. */
export const wordForms = (vocabulary: number, version: number) =>
  queryOptions({
    queryKey: ['word forms', vocabulary, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/word-forms', { params: { path: { vocabulary } } })),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });
