import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';

/** Where a word that is on no board belongs in a vocabulary; none if no board has room. */
export const placeForWord = (vocabulary: number, word: string) =>
  answer(client.GET('/api/vocabularies/{vocabulary}/place-for-word', { params: { path: { vocabulary }, query: { word } } }));

/** Where a word stands for each student, or where it belongs. */
export const whereIs = (word: string) =>
  queryOptions({
    queryKey: ['where', word],
    queryFn: () => answer(client.GET('/api/where', { params: { query: { word } } })),
    enabled: word !== '',
    placeholderData: keepPreviousData,
  });
