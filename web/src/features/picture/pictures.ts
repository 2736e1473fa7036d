import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../../api/client';

/** Where a button's picture is served: the library's from its folder, a vocabulary's own from that vocabulary. */
export function pictureAddress(picture: string, vocabulary: number): string {
  return picture.startsWith('base/') ? `/art/${picture}.svg` : `/api/vocabularies/${vocabulary}/pictures/${picture.slice('own/'.length)}`;
}

export const found = (query: string, most: number) =>
  queryOptions({
    queryKey: ['pictures', query, most],
    queryFn: () => answer(client.GET('/api/pictures', { params: { query: { query, most } } })),
    enabled: query.trim() !== '',
    staleTime: Infinity,
  });
