import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { Regridding } from '../api/types';

/** Boards as they would be on another grid. */
export const regridSeen = (vocabulary: number, regridding: Regridding) =>
  queryOptions({
    queryKey: ['regrid', vocabulary, regridding],
    queryFn: () => answer(client.POST('/api/vocabularies/{vocabulary}/regrid/preview', { params: { path: { vocabulary } }, body: regridding })),
    placeholderData: keepPreviousData,
    staleTime: 0,
    retry: false,
  });
