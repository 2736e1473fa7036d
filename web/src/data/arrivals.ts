import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { Bringing } from '../api/types';

/** What boards can be brought from. */
export const sources = (vocabulary: number) =>
  queryOptions({
    queryKey: ['arrivals', vocabulary, 'sources'],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/arrivals/sources', { params: { path: { vocabulary } } })),
  });

export const source = (vocabulary: number, from: number) =>
  queryOptions({
    queryKey: ['arrivals', vocabulary, 'sources', from],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/arrivals/sources/{from}', { params: { path: { vocabulary, from } } })),
  });

/** A board there beside one here, as it would come. */
export const alike = (vocabulary: number, from: number, there: string, here: string, people: boolean) =>
  queryOptions({
    queryKey: ['arrivals', vocabulary, 'sources', from, there, here, people],
    queryFn: () =>
      answer(
        client.GET('/api/vocabularies/{vocabulary}/arrivals/sources/{from}/alike', {
          params: { path: { vocabulary, from }, query: { there, here, people } },
        }),
      ),
  });

/** What would come, before anything happens. */
export const arrival = (vocabulary: number, bringing: Bringing) =>
  queryOptions({
    queryKey: ['arrivals', vocabulary, 'look', bringing],
    queryFn: () => answer(client.POST('/api/vocabularies/{vocabulary}/arrivals/look', { params: { path: { vocabulary } }, body: bringing })),
    placeholderData: keepPreviousData,
    staleTime: 0,
  });

/** Brings them in as a piece of work, which can be ended before it is done. */
export const bringAsWork = (vocabulary: number, bringing: Bringing) =>
  answer(client.POST('/api/vocabularies/{vocabulary}/arrivals/work', { params: { path: { vocabulary } }, body: bringing }));
