import { describe, expect, it } from 'vitest';
import type { Board } from '../../api/types';
import { alike, byWords } from './ChooseMore';
import { within } from '../../drawn/grid';
import { folkOf, peopleOf, photoOf } from './people';
import { button } from '../../testing/plain';

describe('a list of people', () => {
  it('has one a line, however who they are is written', () => {
    expect(peopleOf('Lot, sister\nMiss Wren (teacher)\r\n\nBram - friend\n  Opa\tgrandpa \nAnne-Marie')).toEqual([
      { name: 'Lot', general: 'sister' },
      { name: 'Miss Wren', general: 'teacher' },
      { name: 'Bram', general: 'friend' },
      { name: 'Opa', general: 'grandpa' },
      { name: 'Anne-Marie', general: '' },
    ]);
    expect(peopleOf(' \n')).toEqual([]);
  });
  it('finds the photo that is called like the person', () => {
    const files = ['lot.jpg', 'miss_wren-2.png', 'Lotte.jpg'].map((name) => new File(['x'], name));
    expect(photoOf('Lot', files)?.name).toBe('lot.jpg');
    expect(photoOf('Miss Wren', files)?.name).toBe('miss_wren-2.png');
    expect(photoOf('Bram', files)).toBeUndefined();
  });
  it('knows what kind of people they are', () => {
    const folk = [
      { kind: 'FAMILY' as const, words: ['sister'], boardName: 'Family', there: true },
      { kind: 'SCHOOL' as const, words: ['teacher'], boardName: 'School people', there: false },
    ];
    expect(['Sister', ' teacher', 'pilot'].map((word) => folkOf(folk, word)?.kind)).toEqual(['FAMILY', 'SCHOOL', undefined]);
  });
});

const sky = { look: { fill: '#c6def9' } };
const board: Board = {
  id: 'b',
  name: 'b',
  rows: 2,
  columns: 3,
  heights: [],
  widths: [],
  look: {},
  buttons: [button('Crab', 0, 0, sky), button('gull', 0, 1), button('seal', 1, 2, sky)],
};

describe('choosing more', () => {
  it('by words, whatever their capitals', () => expect(byWords(board, 'crab; SEAL, whale')).toEqual(['Crab', 'seal']));
  it('by look', () => expect(alike(board, board.buttons[0])).toEqual(['Crab', 'seal']));
  it('between two cells', () => expect(within(board, { row: 1, column: 1 }, { row: 0, column: 2 })).toEqual(['gull', 'seal']));
});
