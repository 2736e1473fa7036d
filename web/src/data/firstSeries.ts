import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, client, done } from '../api/client';

/** What somebody typed or pasted: for whom, and with which photos. `meant`: whom a name in it means, where that was said. */
export interface FirstTableTyped {
  table: string;
  student?: string;
  meant: Record<string, string>;
  files: string[];
}

export const reading = (typed: FirstTableTyped) =>
  queryOptions({
    queryKey: ['first table', typed],
    queryFn: () => answer(client.POST('/api/first-series/reading', { body: typed })),
    placeholderData: keepPreviousData,
  });

export interface FirstLine {
  student: string;
  board?: string;
  words: { word: string; picture?: string }[];
}

/** All of them with a first page, or none. */
export const makeSeries = (lines: FirstLine[]) => answer(client.POST('/api/first-series', { body: { lines } }));

export const allSeries = queryOptions({ queryKey: ['first series'], queryFn: () => answer(client.GET('/api/first-series')), staleTime: 0 });

export const series = (id: number) =>
  queryOptions({
    queryKey: ['first series', id],
    queryFn: () => answer(client.GET('/api/first-series/{series}', { params: { path: { series: id } } })),
    staleTime: 0,
  });

export const forgetSeries = (id: number) => done(client.DELETE('/api/first-series/{series}', { params: { path: { series: id } } }));
