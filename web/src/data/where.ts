import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';

/** Where a word stands for each student, or where it belongs. */
export const whereIs = (word: string) =>
  queryOptions({
    queryKey: ['where', word],
    queryFn: () => answer(client.GET('/api/where', { params: { query: { word } } })),
    enabled: word !== '',
    placeholderData: keepPreviousData,
  });
