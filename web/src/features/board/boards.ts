import { queryOptions, useMutation, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { answer, client, Problem } from '../../api/client';
import type { Board, Cell, Changed, ChosenWord, Edit, VocabularyView } from '../../api/types';
import { caseload } from '../student/students';

export const vocabulary = (id: number) =>
  queryOptions({
    queryKey: ['vocabulary', id],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}', { params: { path: { vocabulary: id } } })),
    refetchInterval: 20_000,
  });

export const board = (id: number, boardId: string) =>
  queryOptions({
    queryKey: ['vocabulary', id, 'board', boardId],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/boards/{board}', { params: { path: { vocabulary: id, board: boardId } } })),
    enabled: boardId !== '',
  });

export const allBoards = (id: number) =>
  queryOptions({
    queryKey: ['vocabulary', id, 'boards'],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/boards', { params: { path: { vocabulary: id } } })),
  });

/** Something a person means to change, as data. */
export type Intent =
  | { what: 'edit'; edit: Edit; base?: number }
  | { what: 'words'; board: string; from: Cell; text: string; picture?: string }
  | { what: 'board'; name: string; openedFrom?: string; openedBy?: string }
  | { what: 'undo' }
  | { what: 'redo' };

function send(id: number, base: number, intent: Intent): Promise<Changed> {
  const path = { vocabulary: id };
  switch (intent.what) {
    case 'edit':
      return answer(client.POST('/api/vocabularies/{vocabulary}/edits', { params: { path }, body: { base: intent.base ?? base, edit: intent.edit } }));
    case 'words':
      return answer(client.POST('/api/vocabularies/{vocabulary}/words', { params: { path }, body: { base, board: intent.board, from: intent.from, text: intent.text, picture: intent.picture } }));
    case 'board':
      return answer(client.POST('/api/vocabularies/{vocabulary}/boards', { params: { path }, body: { base, name: intent.name, openedFrom: intent.openedFrom, openedBy: intent.openedBy } }));
    case 'undo':
      return answer(client.POST('/api/vocabularies/{vocabulary}/undo', { params: { path }, body: { base } }));
    case 'redo':
      return answer(client.POST('/api/vocabularies/{vocabulary}/redo', { params: { path }, body: { base } }));
  }
}

/** Puts chosen words on a board that is there, from its first empty cell on, or on a new one. Tells where they are. */
export async function putChosen(view: VocabularyView, on: { board: string } | { name: string }, chosen: ChosenWord[]): Promise<{ vocabulary: number; board: string }> {
  const path = { vocabulary: view.id };
  if ('board' in on) {
    await answer(client.POST('/api/vocabularies/{vocabulary}/words', { params: { path }, body: { base: view.version, board: on.board, chosen } }));
    return { vocabulary: view.id, board: on.board };
  }
  const changed = await answer(client.POST('/api/vocabularies/{vocabulary}/boards', { params: { path }, body: { base: view.version, name: on.name, chosen } }));
  return { vocabulary: view.id, board: changed.boards.find((b) => changed.added.includes(b.id))!.id };
}

/** Sends changes one after the other, each made against the version the one before it left. */
export function useChanges(id: number) {
  const queries = useQueryClient();
  return useMutation({
    scope: { id: `vocabulary-${id}` },
    mutationFn: (intent: Intent) => send(id, queries.getQueryData(vocabulary(id).queryKey)?.version ?? 0, intent),
    onSuccess: (changed) => take(queries, id, changed),
    onError: (error) => {
      if (error instanceof Problem && error.status !== 0) void queries.invalidateQueries({ queryKey: ['vocabulary', id] });
    },
  });
}

function take(queries: QueryClient, id: number, changed: Changed): void {
  const before = queries.getQueryData<VocabularyView>(vocabulary(id).queryKey);
  queries.setQueryData(vocabulary(id).queryKey, changed.vocabulary);
  for (const now of changed.boards) queries.setQueryData<Board>(board(id, now.id).queryKey, now);
  if (before && Math.abs(changed.vocabulary.version - before.version) > 1) {
    void queries.invalidateQueries({ queryKey: ['vocabulary', id, 'board'] });
  }
  queries.removeQueries({ queryKey: allBoards(id).queryKey });
  void queries.invalidateQueries({ queryKey: caseload.queryKey });
}
