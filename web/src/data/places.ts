import { plural, t } from '@lingui/core/macro';
import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { Comparison, Spot, WordFate } from '../api/types';
import { spoken } from './cells';

/** What became of every word; `then`: a version of this vocabulary, or of the one named by `of`. `version`: the newest this person knows. */
export const comparison = (id: number, version: number, { then, of }: { then?: number; of?: number }) =>
  queryOptions({
    queryKey: ['comparison', id, version, then, of],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/comparison', { params: { path: { vocabulary: id }, query: { then, of, version } } })),
    staleTime: Infinity,
    placeholderData: (before) => before,
  });

export const on = (spot: Spot | undefined, board: string) => spot?.board === board;

export const TAGS: Record<WordFate['fate'], string> = {
  MOVED: t`moved`,
  REROUTED: t`another way`,
  NEW: t`new`,
  GONE: t`gone`,
  REPLACED: t`replaced`,
  HELD: t`not shown now`,
  SHOWN: t`shown now`,
  KEPT: t`kept`,
};

/** “was on Food, row 2, place 3”; on the same board “was one up, two left”. */
export function wasAt(word: WordFate, board?: string): string {
  const { was, is } = word;
  if (!was) return t`was not there`;
  if (!is || was.board !== (board ?? is.board) || was.board !== is.board) return t`was on ${was.name}, ${spoken(was.cell)}`;
  const down = is.cell.row - was.cell.row;
  const right = is.cell.column - was.cell.column;
  const steps = [
    down &&
      (down > 0
        ? plural(down, { one: 'one row further up', other: '# rows further up' })
        : plural(-down, { one: 'one row further down', other: '# rows further down' })),
    right &&
      (right > 0
        ? plural(right, { one: 'one place further left', other: '# places further left' })
        : plural(-right, { one: 'one place further right', other: '# places further right' })),
  ].filter(Boolean);
  return steps.length > 0 ? t`was ${steps.join(', ')}` : t`is reached another way`;
}

/** Each word once, though it stands on several boards: where fewest taps lead to it. The order stays. */
export function once(words: WordFate[]): WordFate[] {
  const taps = (w: WordFate) => w.is?.taps?.length ?? Number.MAX_SAFE_INTEGER;
  const nearest = new Map<string, WordFate>();
  for (const w of words) {
    const word = w.text.toLocaleLowerCase();
    const other = nearest.get(word);
    if (!other || taps(w) < taps(other)) nearest.set(word, w);
  }
  return [...nearest.values()];
}

/** Arrows on a board: from where each button was that stands here now and stood here then. */
export const arrowsOn = (compared: Comparison, board: string) =>
  compared.words.filter((w) => w.fate === 'MOVED' && on(w.was, board) && on(w.is, board)).map((w) => ({ id: w.button, from: w.was!.cell, to: w.is!.cell }));
