import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';

/** How large the cells of a first board can be for a student. */
export const firstBoards = (student: string) =>
  queryOptions({
    queryKey: ['student', student, 'first boards'],
    queryFn: () => answer(client.GET('/api/students/{student}/first-boards', { params: { path: { student } } })),
  });

/** A vocabulary of one board without words but those of its sentence. */
export const makeFirstBoard = (student: string, cells: number, sentence: boolean) =>
  answer(client.POST('/api/students/{student}/first-boards', { params: { path: { student } }, body: { cells, sentence } }));
