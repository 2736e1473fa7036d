import { describe, expect, it } from 'vitest';
import type { Board, Button, VocabularyView } from '../../api/types';
import { lensOver, withMoves, words } from './lenses';
import { button as plain } from '../../testing/plain';

const button = (id: string, column: number, more: Partial<Button> = {}) => plain(id, 0, column, more);

describe('the lens Words', () => {
  it('tells what leads nowhere, what is hidden, and which cells are kept free, and nothing else', () => {
    const board: Board = {
      id: 'b',
      name: 'b',
      rows: 1,
      columns: 5,
      heights: [],
      widths: [],
      look: {},
      buttons: [
        button('plain', 0),
        button('loose', 1, { leads: { type: 'opens', board: 'gone' } }),
        button('opener', 2, { leads: { type: 'opens', board: 'b' } }),
        button('held', 3, { hidden: true }),
      ],
    };
    const view = { boards: [{ id: 'b', keptFree: [{ row: 0, column: 4 }] }] } as unknown as VocabularyView;
    expect(Object.fromEntries(words(view, board))).toEqual({
      '0-1': { classes: [], tag: 'leads nowhere', told: 'leads nowhere' },
      '0-3': { classes: ['hiddenWord'] },
      '0-4': { classes: ['keptFree'], kept: 'kept free', told: 'kept free' },
    });
  });
});

describe('the other lenses', () => {
  const board: Board = {
    id: 'b',
    name: 'b',
    rows: 1,
    columns: 3,
    heights: [],
    widths: [],
    look: {},
    buttons: [
      button('crab', 0, { kind: 'thing' }),
      button('more', 1, { says: { type: 'words', text: 'more please' }, leads: { type: 'opens', board: 'gone' } }),
      button('topic', 2, { says: { type: 'nothing' } }),
    ],
  };
  const view = { boards: [{ id: 'b', keptFree: [] }] } as unknown as VocabularyView;

  it('add to what is always told', () => {
    const over = lensOver(() => new Map([['0-0', { classes: [], note: 'a note' }]]))(view, board);
    expect([over.get('0-0')?.note, over.get('0-1')?.tag]).toEqual(['a note', 'leads nowhere']);
  });

  it('let what would move be seen over everything else', () => {
    const moving = [
      { board: 'b', button: 'crab', label: 'crab', from: { row: 0, column: 0 }, to: { row: 1, column: 0 } },
      { board: 'other', button: 'x', label: 'x', from: { row: 0, column: 1 }, to: { row: 1, column: 1 } },
    ];
    const over = withMoves(words(view, board), board, moving);
    expect(over.get('0-0')).toEqual({ classes: [], tag: 'to 2, 1', told: 'would go to row 2, place 1' });
    expect(over.get('0-1')?.tag, 'of another board nothing is said here').toBe('leads nowhere');
    expect(withMoves(over, board, undefined)).toBe(over);
  });
});
