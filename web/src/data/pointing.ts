import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { NewCheck, PointingView } from '../api/types';

/** What is asked for: grids as “rows x columns”, and so many targets of each, or as few as it takes. */
export interface Asked {
  grid: string[];
  count?: number;
  level: number;
  /** The number of the sheet: the same targets for the same. */
  seed: number;
}

/** Pointing checks of a student, the latest first. */
export const pointing = (student: string) =>
  queryOptions({
    queryKey: ['pointing', student],
    queryFn: () => answer(client.GET('/api/students/{student}/pointing', { params: { path: { student } } })),
    staleTime: 0,
  });

export const targets = (student: string, asked: Asked) =>
  queryOptions({
    queryKey: ['pointing targets', student, asked],
    queryFn: () => answer(client.GET('/api/students/{student}/pointing/targets', { params: { path: { student }, query: { ...asked } } })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    retry: false,
  });

export const keepCheck = (student: string, check: NewCheck) =>
  answer(client.POST('/api/students/{student}/pointing', { params: { path: { student } }, body: check }));

export const takeOff = (student: string, check: number): Promise<PointingView[]> =>
  answer(client.DELETE('/api/students/{student}/pointing/{check}', { params: { path: { student, check } } }));

export const putBack = (student: string, check: number): Promise<PointingView[]> =>
  answer(client.PUT('/api/students/{student}/pointing/{check}', { params: { path: { student, check } } }));

export function sheetAddress(student: string, { grid, count, seed }: Asked, fewest: number): string {
  const query = new URLSearchParams([...grid.map((g) => ['grid', g]), ['count', String(count ?? fewest)], ['seed', String(seed)]]);
  return `/api/students/${encodeURIComponent(student)}/pointing/sheet.pdf?${query.toString()}`;
}
