import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';

/** Where something is newer, of the vocabularies that words here were brought from. */
export const newer = (vocabulary: number, version: number) =>
  queryOptions({
    queryKey: ['newer', vocabulary, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/newer', { params: { path: { vocabulary } } })),
    staleTime: 0,
  });

/** Word by word. */
export const newerWords = (vocabulary: number, version: number, from: number) =>
  queryOptions({
    queryKey: ['newer', vocabulary, version, from],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/newer/{from}', { params: { path: { vocabulary, from } } })),
    staleTime: 0,
  });
