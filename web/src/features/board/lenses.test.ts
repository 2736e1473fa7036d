import { describe, expect, it } from 'vitest';
import type { Board, Button, VocabularyView } from '../../api/types';
import { words } from './lenses';

const button = (id: string, column: number, more: Partial<Button> = {}): Button => ({
  id, cell: { row: 0, column }, span: { rows: 1, columns: 1 }, label: id, says: { type: 'label' }, layers: [], leads: { type: 'stays' }, doings: [], hidden: false, look: {}, ...more,
});

describe('the lens Words', () => {
  it('tells what leads nowhere, what is hidden, and which cells are kept free, and nothing else', () => {
    const board: Board = { id: 'b', name: 'b', rows: 1, columns: 5, heights: [], widths: [], look: {}, buttons: [
      button('plain', 0), button('loose', 1, { leads: { type: 'opens', board: 'gone' } }), button('opener', 2, { leads: { type: 'opens', board: 'b' } }), button('held', 3, { hidden: true })] };
    const view = { boards: [{ id: 'b', keptFree: [{ row: 0, column: 4 }] }] } as unknown as VocabularyView;
    expect(Object.fromEntries(words(view, board))).toEqual({
      '0-1': { classes: [], tag: 'leads nowhere', told: 'leads nowhere' },
      '0-3': { classes: ['hiddenWord'] },
      '0-4': { classes: ['keptFree'] },
    });
  });
});
