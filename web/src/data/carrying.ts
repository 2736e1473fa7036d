import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { Along } from '../api/types';

/** What is asked before boards are carried away. `board`: of this one alone. */
export const carries = (vocabulary: number, version: number, board?: string) =>
  queryOptions({
    queryKey: ['carries', vocabulary, version, board],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/carrying-away', { params: { path: { vocabulary }, query: { board } } })),
    // Whom a photo shows may be said anew, which makes no version of the boards.
    staleTime: 0,
  });

export const carryAway = (vocabulary: number, along: Along) =>
  answer(client.POST('/api/vocabularies/{vocabulary}/carrying-away', { params: { path: { vocabulary } }, body: along }));

/** Where one board is fetched as a file. */
export const boardFile = (vocabulary: number, board: string, along: Along) =>
  `/api/vocabularies/${vocabulary}/boards/${encodeURIComponent(board)}/board.obf?${new URLSearchParams(Object.entries(along).map(([k, v]) => [k, String(v)]))}`;
