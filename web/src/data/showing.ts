import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { DayNow } from '../api/types';

/** A list as it is shown on a screen. `vocabulary`: from a button of which; then it has to be of the same student. */
export const showing = (list: number, vocabulary?: number) =>
  queryOptions({
    queryKey: ['showing', list, { vocabulary }],
    queryFn: () => answer(client.GET('/api/lists/{list}/showing', { params: { path: { list }, query: { vocabulary } } })),
    staleTime: 0,
  });

/** How often it is asked how a day stands: somebody else may have marked something. */
const DAY_MS = 15_000;

export const dayNow = (list: number) =>
  queryOptions({
    queryKey: ['showing', list, 'day'],
    queryFn: () => answer(client.GET('/api/lists/{list}/day', { params: { path: { list } } })),
    staleTime: 0,
    refetchInterval: DAY_MS,
  });

export type Mark = 'OVER' | 'NOT_OVER' | 'NOT_TODAY';

/** `mark`: none takes back what was said today. */
export const markDay = (list: number, word: string, mark?: Mark): Promise<DayNow> =>
  answer(client.PUT('/api/lists/{list}/day', { params: { path: { list } }, body: { word, mark } }));

/** Days, walks and books that stand on a student’s row. */
export const rowOf = (student: string) =>
  queryOptions({
    queryKey: ['row', student],
    queryFn: () => answer(client.GET('/api/students/{student}/row', { params: { path: { student } } })),
    staleTime: 0,
  });
