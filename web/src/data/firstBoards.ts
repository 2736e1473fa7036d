import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { ChosenWord } from '../api/types';

/** How large the cells of a first board can be for a student. */
export const firstBoards = (student: string) =>
  queryOptions({
    queryKey: ['student', student, 'first boards'],
    queryFn: () => answer(client.GET('/api/students/{student}/first-boards', { params: { path: { student } } })),
  });

/** What a first board is to hold, and the words it begins with: as typed, or with their pictures. */
export interface FirstBoardWanted {
  cells: number;
  sentence: boolean;
  text?: string;
  chosen?: ChosenWord[];
}

/** A vocabulary of one board with all these words; if it cannot hold them, nothing is made. */
export const makeFirstBoard = (student: string, body: FirstBoardWanted) =>
  answer(client.POST('/api/students/{student}/first-boards', { params: { path: { student } }, body }));

/** What the step from these first boards to each starter would do. */
export const stepsUp = (vocabulary: number, version: number) =>
  queryOptions({
    queryKey: ['steps up', vocabulary, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/step-up', { params: { path: { vocabulary } } })),
  });
