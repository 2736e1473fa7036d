import { expect, it } from 'vitest';
import type { Board } from '../../api/types';
import { button } from '../../testing/plain';
import { ahead } from './usePicturesAhead';

const board = (id: string, ...opens: string[]): Board => ({
  id,
  name: id,
  rows: 1,
  columns: 1,
  heights: [],
  widths: [],
  look: {},
  buttons: opens.map((to, i) => button(to, 0, i, { leads: { type: 'opens', board: to } })),
});

it('finds the boards one touch opens, in order, and none that is not there', () => {
  const boards = new Map([board('food'), board('play')].map((b) => [b.id, b]));
  expect(ahead(board('home', 'play', 'gone', 'food'), boards).map((b) => b.id)).toEqual(['play', 'food']);
  expect(ahead(board('home'), boards)).toEqual([]);
});
