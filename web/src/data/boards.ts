import { queryOptions, useMutation, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { answer, client, done, Problem } from '../api/client';
import type {
  Board,
  Bringing,
  Cell,
  Changed,
  ChosenWord,
  Folk,
  Intention,
  NewerTaking,
  Growing,
  GrowingWord,
  Ahead,
  Regridding,
  VocabularyView,
} from '../api/types';
import { caseload, glances } from './students';
import { after, Bases } from './bases';
import { answered } from '../shell/answered';

/** The vocabulary in force. It is not asked for again and again: live events tell when there is a newer one. */
export const vocabulary = (id: number) =>
  queryOptions({
    queryKey: ['vocabulary', id],
    queryFn: async ({ client: queries }) => {
      const read = await answer(client.GET('/api/vocabularies/{vocabulary}', { params: { path: { vocabulary: id } } }));
      const known = queries.getQueryData<VocabularyView>(['vocabulary', id]);
      return known && known.version > read.version ? known : read;
    },
  });

/** A board at a revision never changes. */
export const board = (id: number, boardId: string, revision: number | undefined) =>
  queryOptions({
    queryKey: ['board', id, boardId, revision],
    queryFn: () =>
      answer(client.GET('/api/vocabularies/{vocabulary}/boards/{board}', { params: { path: { vocabulary: id, board: boardId }, query: { revision } } })),
    enabled: revision !== undefined,
    staleTime: Infinity,
  });

export const allBoards = (id: number) =>
  queryOptions({
    queryKey: ['all boards', id],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/boards', { params: { path: { vocabulary: id } } })),
  });

/** What is worth a look in a version; those of one board come first. */
export const findings = (id: number, version: number, boardId: string) =>
  queryOptions({
    queryKey: ['findings', id, version, boardId],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/findings', { params: { path: { vocabulary: id }, query: { board: boardId } } })),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

/** What is worth knowing before words are put on a board. `count`: how many there are. */
export const advice = (id: number, version: number, boardId: string, word: string, count: number, lately?: string) =>
  queryOptions({
    queryKey: ['advice', id, version, boardId, word, count, lately],
    queryFn: () =>
      answer(client.GET('/api/vocabularies/{vocabulary}/advice', { params: { path: { vocabulary: id }, query: { board: boardId, word, count, lately } } })),
    staleTime: Infinity,
    retry: false,
  });

/** Every button that shows or says a text. */
export const places = (id: number, version: number, text: string) =>
  queryOptions({
    queryKey: ['places', id, version, text],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/places', { params: { path: { vocabulary: id }, query: { text } } })),
    enabled: text.trim() !== '',
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

/** Words that are not the same everywhere. */
export const differingWords = (id: number, version: number) =>
  queryOptions({
    queryKey: ['differing words', id, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/differing-words', { params: { path: { vocabulary: id } } })),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

/** What it costs to say the words of a board, and which words cost most. */
export const reachOf = (id: number, version: number, boardId: string) =>
  queryOptions({
    queryKey: ['reach', id, version, boardId],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/boards/{board}/reach', { params: { path: { vocabulary: id, board: boardId } } })),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

/** Where somebody would go for whom a word is the general one. */
export const placeForPerson = (id: number, version: number, general: string, own?: Folk['kind']) =>
  queryOptions({
    queryKey: ['place for person', id, version, general, own],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/place-for-person', { params: { path: { vocabulary: id }, query: { general, own } } })),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

/** The kinds of people around a student, and which have a board of their own here. */
export const folkIn = (id: number, version: number) =>
  queryOptions({
    queryKey: ['folk', id, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/folk', { params: { path: { vocabulary: id } } })),
    staleTime: Infinity,
  });

/** All boards as they are drawn. `folded`: boards whose further boards are not; undefined to fold by itself what would be too many. */
export const mapOf = (id: number, version: number | undefined, folded: string[] | undefined) =>
  queryOptions({
    queryKey: ['map', id, version, folded],
    queryFn: () =>
      answer(
        client.GET('/api/vocabularies/{vocabulary}/map', {
          params: { path: { vocabulary: id }, query: folded && { folded: folded.length > 0 ? folded : ['-'] } },
        }),
      ),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

export const versions = (id: number, version: number) =>
  queryOptions({
    queryKey: ['versions', id, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/versions', { params: { path: { vocabulary: id } } })),
    placeholderData: (before) => before,
  });

/** A board as a version held it, beside what it is in `version`. */
export const beside = (id: number, number: number | undefined, boardId: string, version: number) =>
  queryOptions({
    queryKey: ['beside', id, number, boardId, version],
    queryFn: () =>
      answer(
        client.GET('/api/vocabularies/{vocabulary}/versions/{number}/boards/{board}', {
          params: { path: { vocabulary: id, number: number!, board: boardId } },
        }),
      ),
    enabled: number !== undefined,
    staleTime: Infinity,
    retry: false,
  });

export const nameVersion = (id: number, number: number, name: string) =>
  done(client.PUT('/api/vocabularies/{vocabulary}/versions/{number}/name', { params: { path: { vocabulary: id, number } }, body: { name } }));

export const patterns = (id: number) =>
  queryOptions({
    queryKey: ['patterns'],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/patterns', { params: { path: { vocabulary: id } } })),
    staleTime: Infinity,
  });

/** What a copy is of, and how far both have moved since; empty if it is no copy. */
export const origin = (id: number, version: number) =>
  queryOptions({
    queryKey: ['origin', id, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/origin', { params: { path: { vocabulary: id } } })),
    placeholderData: (before) => before,
  });

/** What an edit would do to what stands where, without doing it. */
export const preview = (id: number, base: number, edit: Intention) =>
  answer(client.POST('/api/vocabularies/{vocabulary}/previews', { params: { path: { vocabulary: id } }, body: { base, edit } }));

/** What undo and redo would do for this person. */
export const steps = (id: number) =>
  queryOptions({
    queryKey: ['steps', id],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/steps', { params: { path: { vocabulary: id } } })),
  });

/** Something a person means to change, as data. `base`: the version of what was shown. */
export type Wish = {
  /** Of the plan, for words that are new by it; none for shown from now. */
  step?: string;
  /** True if the person was told what would move by it; `reason`: why, where places are kept. */
  sure?: boolean;
  reason?: string;
} & (
  | { what: 'edit'; base: number; edit: Intention }
  | { what: 'words'; base: number; board: string; from?: Cell; text: string; picture?: string; onNewBoard?: string; fillOn?: boolean; newRow?: boolean }
  | {
      what: 'board';
      base: number;
      name: string;
      openedFrom?: string;
      openedBy?: string;
      at?: Cell;
      pattern?: string;
      copyOf?: string;
      rows?: number;
      columns?: number;
    }
  | { what: 'bring boards'; base: number; bringing: Bringing }
  | { what: 'grow'; base: number; growing: Omit<Growing, 'base'> }
  | { what: 'grow in steps'; base: number; steps: GrowingWord[][]; ahead: Ahead }
  | { what: 'regrid'; base: number; regridding: Omit<Regridding, 'base'> }
  | { what: 'shrink'; base: number; board: string; button: string }
  | { what: 'take newer'; base: number; from: number; taking: Omit<NewerTaking, 'base'> }
  | { what: 'first words'; base: number; board: string; text?: string; chosen?: ChosenWord[] }
  | { what: 'first sentence'; base: number; board: string }
  | { what: 'step up'; base: number; starter: string }
  | { what: 'go back'; base: number; version: number }
  | { what: 'put back'; base: number; version: number; board?: string; button?: string }
  | { what: 'undo'; before?: number }
  | { what: 'redo' }
);

function send(id: number, base: number, wish: Wish): Promise<Changed> {
  const path = { vocabulary: id };
  const params = { path, query: { step: wish.step } };
  const sure = { path, query: { step: wish.step, sure: wish.sure, reason: wish.reason } };
  switch (wish.what) {
    case 'edit':
      return answer(client.POST('/api/vocabularies/{vocabulary}/edits', { params: sure, body: { base, edit: wish.edit } }));
    case 'words':
      return answer(
        client.POST('/api/vocabularies/{vocabulary}/words', {
          params,
          body: {
            base,
            board: wish.board,
            from: wish.from,
            text: wish.text,
            picture: wish.picture,
            onNewBoard: wish.onNewBoard,
            fillOn: wish.fillOn,
            newRow: wish.newRow,
          },
        }),
      );
    case 'board':
      return answer(
        client.POST('/api/vocabularies/{vocabulary}/boards', {
          params,
          body: {
            base,
            name: wish.name,
            openedFrom: wish.openedFrom,
            openedBy: wish.openedBy,
            at: wish.at,
            pattern: wish.pattern,
            copyOf: wish.copyOf,
            rows: wish.rows,
            columns: wish.columns,
          },
        }),
      );
    case 'bring boards':
      return answer(client.POST('/api/vocabularies/{vocabulary}/arrivals', { params, body: { ...wish.bringing, base } }));
    case 'grow':
      return answer(client.POST('/api/vocabularies/{vocabulary}/growth', { params: sure, body: { ...wish.growing, base } }));
    case 'grow in steps':
      return answer(client.POST('/api/vocabularies/{vocabulary}/growth/plan', { params: { path }, body: { base, steps: wish.steps, ahead: wish.ahead } }));
    case 'regrid':
      return answer(client.POST('/api/vocabularies/{vocabulary}/regrid', { params: sure, body: { ...wish.regridding, base } }));
    case 'shrink':
      return answer(client.POST('/api/vocabularies/{vocabulary}/growth/shrinking', { params: sure, body: { base, board: wish.board, button: wish.button } }));
    case 'take newer':
      return answer(
        client.POST('/api/vocabularies/{vocabulary}/newer/{from}', { params: { path: { ...path, from: wish.from } }, body: { ...wish.taking, base } }),
      );
    case 'first words':
      return answer(
        client.POST('/api/vocabularies/{vocabulary}/first-words', {
          params: { path },
          body: { base, board: wish.board, text: wish.text, chosen: wish.chosen },
        }),
      );
    case 'first sentence':
      return answer(client.POST('/api/vocabularies/{vocabulary}/first-sentence', { params: sure, body: { base, board: wish.board } }));
    case 'step up':
      return answer(client.POST('/api/vocabularies/{vocabulary}/step-up', { params: { path }, body: { base, starter: wish.starter, reason: wish.reason } }));
    case 'go back':
      return answer(client.POST('/api/vocabularies/{vocabulary}/going-back', { params: sure, body: { base, version: wish.version } }));
    case 'put back':
      return answer(
        client.POST('/api/vocabularies/{vocabulary}/putting-back', {
          params: { path },
          body: { base, version: wish.version, board: wish.board, button: wish.button },
        }),
      );
    case 'undo':
      return answer(client.POST('/api/vocabularies/{vocabulary}/undo', { params: sure, body: { before: wish.before } }));
    case 'redo':
      return answer(client.POST('/api/vocabularies/{vocabulary}/redo', { params: sure }));
  }
}

/** Puts chosen words on a board that is there, from its first empty cell on, or on a new one. Tells where they are. */
export async function putChosen(
  view: VocabularyView,
  on: { board: string } | { name: string },
  chosen: ChosenWord[],
): Promise<{ vocabulary: number; board: string }> {
  const path = { vocabulary: view.id };
  if ('board' in on) {
    await answer(client.POST('/api/vocabularies/{vocabulary}/words', { params: { path }, body: { base: view.version, board: on.board, chosen } }));
    return { vocabulary: view.id, board: on.board };
  }
  const changed = await answer(client.POST('/api/vocabularies/{vocabulary}/boards', { params: { path }, body: { base: view.version, name: on.name, chosen } }));
  return { vocabulary: view.id, board: changed.boards.find((b) => changed.added.includes(b.id))!.id };
}

const bases = new Map<number, Bases>();

function basesOf(id: number): Bases {
  const known = bases.get(id) ?? new Bases();
  bases.set(id, known);
  return known;
}

/** Sends changes one after the other, each made against what was shown when it was meant. */
export function useChanges(id: number) {
  const queries = useQueryClient();
  return useMutation({
    scope: { id: `vocabulary-${id}` },
    mutationFn: async (wish: Wish) => {
      const base = 'base' in wish ? basesOf(id).of(wish.base) : 0;
      const changed = await send(id, base, wish);
      if ('base' in wish) basesOf(id).kept(base, changed.vocabulary.version);
      return changed;
    },
    onSuccess: (changed) => take(queries, id, changed),
    onError: (error) => {
      if (error instanceof Problem && error.status !== 0) lookAgain(queries, id);
    },
  });
}

/** What a change left, as the server told it: the boards first, so that they are there when the view names them. */
function take(queries: QueryClient, id: number, changed: Changed): void {
  for (const now of changed.boards) {
    const revision = changed.vocabulary.boards.find((b) => b.id === now.id)?.revision;
    queries.setQueryData<Board>(board(id, now.id, revision).queryKey, now);
  }
  const known = queries.getQueryData<VocabularyView>(vocabulary(id).queryKey);
  const now = known && after(known, changed);
  if (now) answered(queries, vocabulary(id).queryKey, now);
  else void queries.invalidateQueries({ queryKey: vocabulary(id).queryKey });
  answered(queries, steps(id).queryKey, changed.steps);
  forgetBoards(queries, id);
  void queries.invalidateQueries({ queryKey: caseload.queryKey });
  void queries.invalidateQueries({ queryKey: glances.queryKey });
}

/** All boards together are asked for anew; who talks with them goes on with what is there until then. */
function forgetBoards(queries: QueryClient, id: number): void {
  const { queryKey } = allBoards(id);
  queries.removeQueries({ queryKey, type: 'inactive' });
  void queries.invalidateQueries({ queryKey });
}

/** Somebody changed something, or may have: what is in force is asked for. */
export function lookAgain(queries: QueryClient, id: number): void {
  void queries.invalidateQueries({ queryKey: vocabulary(id).queryKey });
  void queries.invalidateQueries({ queryKey: steps(id).queryKey });
  forgetBoards(queries, id);
}

/** Hears which version is in force, and looks again if it is not the one that is shown. */
export function useHeard(id: number): (version: number) => void {
  const queries = useQueryClient();
  return (version) => {
    const known = queries.getQueryData<VocabularyView>(vocabulary(id).queryKey);
    if (!known || version > known.version) lookAgain(queries, id);
  };
}
