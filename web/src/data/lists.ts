import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useNavigate } from 'react-router';
import { answer, client, done, sentence } from '../api/client';
import { fileBody } from '../api/file';
import type { ListEdit, PrintedFor, Second, WordList } from '../api/types';
import { answered } from '../shell/answered';

/** Lists one may see, the latest first. `student`: of this one alone. */
export const lists = (student?: string) =>
  queryOptions({
    queryKey: ['lists', student],
    queryFn: () => answer(client.GET('/api/lists', { params: { query: { student } } })),
  });

/** A list as it is in force. It is not asked for again and again: live events tell when there is a newer version. */
export const list = (id: number) =>
  queryOptions({
    queryKey: ['list', id],
    queryFn: () => answer(client.GET('/api/lists/{list}', { params: { path: { list: id } } })),
    /** What was asked before an edit and is answered after it is older than what is there. */
    structuralSharing: (before, now) => (((before as WordList | undefined)?.version ?? 0) > (now as WordList).version ? before : now),
  });

/** Hears which version is in force, and asks for the list if it is not the one that is shown. */
export function useHeard(id: number): (version: number) => void {
  const queries = useQueryClient();
  return (version) => {
    const known = queries.getQueryData<WordList>(list(id).queryKey);
    if (!known || version > known.version) void queries.invalidateQueries({ queryKey: list(id).queryKey, exact: true });
  };
}

/** What is printed at a version, as the student’s boards are now; `page` from 1. */
export const sheets = (id: number, version: number, page: number, printedFor: PrintedFor) =>
  queryOptions({
    queryKey: ['list', id, 'sheets', version, page, printedFor],
    queryFn: ({ signal }) => answer(client.GET('/api/lists/{list}/sheets', { params: { path: { list: id }, query: { page, printedFor } }, signal })),
    retry: false,
    placeholderData: (before) => before,
  });

/** Every side at a version, for the browser to print. */
export const pages = (id: number, version: number, printedFor: PrintedFor) =>
  queryOptions({
    queryKey: ['list', id, 'pages', version, printedFor],
    queryFn: ({ signal }) => answer(client.GET('/api/lists/{list}/pages', { params: { path: { list: id }, query: { printedFor } }, signal })),
    staleTime: 0,
  });

/** What else the list could be. */
export const offers = (id: number, version: number) =>
  queryOptions({
    queryKey: ['list', id, 'offers', version],
    queryFn: ({ signal }) => answer(client.GET('/api/lists/{list}/offers', { params: { path: { list: id } }, signal })),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

/** Filled-in lists to begin with, support by support. */
export const examples = queryOptions({
  queryKey: ['list examples'],
  queryFn: () => answer(client.GET('/api/lists/examples')),
  staleTime: Infinity,
});

/** Countries whose public holidays are known. */
export const holidayCountries = queryOptions({
  queryKey: ['holiday countries'],
  queryFn: () => answer(client.GET('/api/holiday-countries')),
  staleTime: Infinity,
});

/** Everything a list is printed for, as a piece of work: one PDF, or one for each student in a zip. */
export const printList = (id: number, each: boolean, printedFor: PrintedFor) =>
  answer(client.POST('/api/lists/{list}/print', { params: { path: { list: id } }, body: { each, printedFor } }));

/** A book for any reading program, as a piece of work. `people`: with photos that may show somebody. */
export const epubOf = (id: number, people: boolean) => answer(client.POST('/api/lists/{list}/epub', { params: { path: { list: id } }, body: { people } }));

/** A book as a package of boards, a page each. @param people true to take along photos that may show somebody */
export const bookAsBoards = (id: number, people: boolean) =>
  answer(client.POST('/api/lists/{list}/package', { params: { path: { list: id } }, body: { people } }));

/** What of a calendar file can be typed into days. */
export const calendarLines = (file: File) =>
  answer(
    client.POST('/api/calendar-lines', {
      ...fileBody(file),
    }),
  );

export const versions = (id: number, version: number) =>
  queryOptions({
    queryKey: ['list', id, 'versions', version],
    queryFn: () => answer(client.GET('/api/lists/{list}/versions', { params: { path: { list: id } } })),
    staleTime: Infinity,
  });

/** What a person does to a list. */
export type Act =
  | { what: 'edit'; edit: ListEdit }
  | { what: 'words'; text?: string; before?: string; picture?: string; chosen?: { word: string; picture?: string }[] }
  | { what: 'language'; second?: Second }
  | { what: 'class'; table: string }
  | { what: 'undo' | 'redo' }
  | { what: 'back'; number: number }
  | { what: 'share'; on: boolean };

function made(id: number, base: number, act: Act): Promise<WordList> {
  const path = { list: id };
  switch (act.what) {
    case 'edit':
      return answer(client.POST('/api/lists/{list}/edits', { params: { path }, body: { base, edit: act.edit } }));
    case 'words':
      return answer(
        client.POST('/api/lists/{list}/words', {
          params: { path },
          body: { base, text: act.text, before: act.before, picture: act.picture, chosen: act.chosen },
        }),
      );
    case 'language':
      return answer(client.POST('/api/lists/{list}/language', { params: { path }, body: { base, second: act.second } }));
    case 'class':
      return answer(client.POST('/api/lists/{list}/class', { params: { path }, body: { base, table: act.table } }));
    case 'undo':
      return answer(client.POST('/api/lists/{list}/undo', { params: { path } }));
    case 'redo':
      return answer(client.POST('/api/lists/{list}/redo', { params: { path } }));
    case 'back':
      return answer(client.POST('/api/lists/{list}/versions/{number}/back', { params: { path: { ...path, number: act.number } }, body: { base } }));
    case 'share':
      return act.on
        ? answer(client.PUT('/api/lists/{list}/shelf', { params: { path } }))
        : answer(client.DELETE('/api/lists/{list}/shelf', { params: { path } }));
  }
}

/**
 * Does something to a list, with the version it was seen at: what is done quickly after something else is brought together with that.
 * What the list is then is the answer, and what the page shows. If it met somebody else’s, the list is read anew.
 */
export function useActs(id: number) {
  const queries = useQueryClient();
  return useMutation({
    scope: { id: `list ${id}` },
    mutationFn: ({ base, ...act }: Act & { base: number }) => made(id, base, act),
    onSuccess: (now) => {
      answered(queries, list(id).queryKey, now);
      void queries.invalidateQueries({ queryKey: ['lists'] });
    },
    onError: () => void queries.invalidateQueries({ queryKey: list(id).queryKey, exact: true }),
  });
}

/** The same for what is shown just now; what cannot be is said. */
export function useAct(id: number) {
  const acts = useActs(id);
  const { message } = App.useApp();
  return (base: number, made: Act): Promise<WordList | undefined> =>
    acts.mutateAsync({ ...made, base }).catch((problem: unknown) => {
      void message.error(sentence(problem), 6);
      return undefined;
    });
}

/** With what a list begins: words typed or chosen, another list, or words of a vocabulary: of boards, of a step, new since a day, or said today. */
export interface Begun {
  name?: string;
  student?: string;
  text?: string;
  chosen?: { word: string; picture: string }[];
  from?: number;
  vocabulary?: number;
  boards?: string[];
  step?: string;
  since?: string;
  /** Buttons of the vocabulary in an order of their own. */
  buttons?: string[];
  support?: string;
  /** As what it stands on the student’s row. */
  as?: 'DAY' | 'WALK' | 'BOOK';
}

/** Begins a list and goes there; what cannot be is said. */
export function useBegin() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { message } = App.useApp();
  return async (wanted: Begun) => {
    try {
      const made = await beginList(wanted);
      void queries.invalidateQueries({ queryKey: ['lists'] });
      void navigate(`/lists/${made.id}`);
      return true;
    } catch (error) {
      void message.error(sentence(error), 6);
      return false;
    }
  };
}

export const beginList = (wanted: Begun) => answer(client.POST('/api/lists', { body: wanted }));

export const nameVersion = (id: number, number: number, name: string) =>
  done(client.PUT('/api/lists/{list}/versions/{number}/name', { params: { path: { list: id, number } }, body: { name } }));

export const deleteList = (id: number) => done(client.DELETE('/api/lists/{list}', { params: { path: { list: id } } }));
