import { expect, it } from 'vitest';
import type { Board, RegridSeen } from '../../api/types';
import { begin, going, isAsItIs, pinning, turned } from './choice';

const board = { id: 'home', rows: 5, columns: 8 } as Board;

it('begins with one column more, on the board that is meant', () => {
  expect(begin(board)).toEqual({ board: 'home', scope: 'BOARD', rows: 5, columns: 9 });
  expect(begin({ ...board, columns: 40 }).columns).toBe(40);
});

it('held the other way it has as many columns as it had rows, and back', () => {
  const across = begin(board);
  const up = turned(across, true);
  expect([up.rows, up.columns, up.turned]).toEqual([9, 5, true]);
  expect(turned(up, false)).toEqual({ ...across, turned: undefined, how: undefined });
});

it('rows stay together, or no longer do', () => {
  const two = pinning(pinning(begin(board), 4), 0);
  expect(two.pinned).toEqual([0, 4]);
  expect(pinning(two, 4).pinned).toEqual([0]);
});

it('topics are chosen beginning with those proposed', () => {
  const shown = { going: [{ name: 'animals', words: [] }, { words: [] }] } as unknown as RegridSeen['shown'];
  const more = going(begin(board), shown, 'food');
  expect(more.topics).toEqual(['animals', 'food']);
  expect(going(more, shown, 'animals').topics).toEqual(['food']);
});

it('the grid a board has is nothing to do, unless others come with it or it is turned', () => {
  const same = { ...begin(board), columns: 8 };
  expect(isAsItIs(same, board)).toBe(true);
  expect(isAsItIs({ ...same, scope: 'ALL' }, board)).toBe(false);
  expect(isAsItIs({ ...same, turned: true }, board)).toBe(false);
});
