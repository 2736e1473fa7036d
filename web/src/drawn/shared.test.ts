import { describe, expect, it } from 'vitest';
import shared from '../../../core/src/test/resources/org/dwimble/core/shared-cases.json';
import type { Board } from '../api/types';
import { moved, whole } from './layers';
import { nextEmpty } from './grid';
import { isList, onOneLine, wordsOf } from '../data/typed';

/** The rules core needs too, on the cases it is tried on as well. */
interface Cases {
  nextCell: { board: string[]; from: [number, number]; keptFree: [number, number][]; next: [number, number] | null }[];
  layers: { of: [number, number, number]; is: [number, number, number] }[];
  separators: { text: string; words: string[] }[];
}
const cases = shared as unknown as Cases;
const cell = ([row, column]: [number, number]) => ({ row, column });

function board(rows: string[]): Board {
  const words = rows.map((r) => r.split(' '));
  return {
    id: 'b',
    name: 'b',
    rows: rows.length,
    columns: words[0].length,
    heights: [],
    widths: [],
    look: {},
    buttons: words.flatMap((row, r) =>
      row.flatMap((w, c) =>
        w === '.'
          ? []
          : [
              {
                id: w,
                cell: { row: r, column: c },
                span: { rows: 1, columns: 1 },
                label: w,
                says: { type: 'label' as const },
                layers: [],
                leads: { type: 'stays' as const },
                doings: [],
                hidden: false,
                look: {},
              },
            ],
      ),
    ),
  };
}

describe('rules that core has too', () => {
  it.each(cases.nextCell)('the next cell after $from on $board', ({ board: drawn, from, keptFree, next }) => {
    expect(nextEmpty(board(drawn), cell(from), keptFree.map(cell)) ?? null).toEqual(next && cell(next));
  });
  it.each(cases.layers)('a layer of $of', ({ of: [x, y, size], is }) => {
    const kept = moved({ ...whole('base/kite'), x, y, size }, 0, 0);
    expect([kept.x, kept.y, kept.size]).toEqual(is);
  });
  it.each(cases.separators)('the words of $text', ({ text, words }) => {
    expect(wordsOf(text)).toEqual(words);
    expect(isList(text)).toBe(words.length > 1 || (words.length === 0 && text.trim() !== ''));
  });
  it('a list goes onto one line without losing a word', () => {
    expect(onOneLine('kite\ncrab;gull\n')).toBe('kite, crab, gull');
    expect(wordsOf(onOneLine('a\r\n\tb'))).toEqual(['a', 'b']);
  });
});
