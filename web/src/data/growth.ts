import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { Scope } from '../api/types';

/** A word, by where it stands. */
export interface WordAt {
  board: string;
  button: string;
}

/** A word, or the boards whose words are meant. */
export type Whose = WordAt | { board: string; scope: Scope };

/** What words could grow into: one, or those of some boards. */
export const growth = (vocabulary: number, version: number, word: Whose) =>
  queryOptions({
    queryKey: ['growth', vocabulary, version, word],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/growth', { params: { path: { vocabulary }, query: { ...word } } })),
    staleTime: 0,
  });

/** What it would take to make a grown word one word again. */
export const shrinking = (vocabulary: number, version: number, word: WordAt) =>
  queryOptions({
    queryKey: ['shrinking', vocabulary, version, word],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/growth/shrinking', { params: { path: { vocabulary }, query: { ...word } } })),
    staleTime: 0,
  });
