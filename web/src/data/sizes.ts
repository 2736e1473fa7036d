import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';

/** A screen by its sides in micrometres; by its diagonal in inches and its dots; or by its dots and how many a bank card on it is wide. */
export interface Measured {
  width?: number;
  height?: number;
  diagonal?: number;
  card?: number;
  across?: number;
  down?: number;
}

/** How large cells are on a student’s screen, or on another. */
export const sizes = (student: string, on: Measured) =>
  queryOptions({
    queryKey: ['sizes', student, on],
    queryFn: () => answer(client.GET('/api/students/{student}/sizes', { params: { path: { student }, query: { ...on } } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
