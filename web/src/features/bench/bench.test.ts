import { describe, expect, it } from 'vitest';
import type { Board } from '../../api/types';
import { begin, markedOn, moved, typed, type BenchState, type Conflict } from './bench';
import { button } from '../../testing/plain';

const at = (row: number, column: number) => ({ row, column });
const harbour: Board = {
  id: 'harbour',
  name: 'Harbour',
  rows: 2,
  columns: 2,
  heights: [],
  widths: [],
  look: {},
  buttons: [button('crab', 0, 0), button('gull', 0, 1)],
};
const play: Board = { id: 'play', name: 'Play', rows: 1, columns: 2, heights: [], widths: [], look: {}, buttons: [button('ball', 0, 0)] };
const open = (board: Board, state = begin(board.id)): BenchState => moved(state, { move: 'opened', board, keptFree: [] });
const conflict: Conflict = { sentence: 'Marit changed the same thing first.', wish: { what: 'redo' }, version: 7 };

describe('the bench', () => {
  it('opens a board with its first empty cell marked, and the same board only once', () => {
    const opened = open(harbour);
    expect(opened.marked).toEqual(at(1, 0));
    const marked = moved(opened, { move: 'mark', cell: at(0, 1) });
    expect(open(harbour, marked)).toBe(marked);
    expect(open(play, marked).marked).toEqual(at(0, 1));
  });

  it('gives up what was typed when another board is opened, but never a conflict', () => {
    const typing = moved(moved(open(harbour), { move: 'type', text: 'ki' }), { move: 'met', conflict });
    const there = open(play, typing);
    expect(typed(there).text).toBe('');
    expect(there.conflicts).toEqual([conflict]);
    expect(moved(there, { move: 'settled' }).conflicts).toEqual([]);
  });

  it('keeps conflicts in the order they were met', () => {
    const second = { ...conflict, version: 8 };
    const both = moved(moved(open(harbour), { move: 'met', conflict }), { move: 'met', conflict: second });
    expect(moved(both, { move: 'settled' }).conflicts).toEqual([second]);
  });

  it('forgets a picked picture as soon as another letter is typed', () => {
    const picked = moved(moved(open(harbour), { move: 'type', text: 'kite' }), { move: 'pick', picture: 'base/kite' });
    expect(typed(picked)).toMatchObject({ text: 'kite', picture: 'base/kite' });
    expect(typed(moved(picked, { move: 'type', text: 'kites' })).picture).toBeUndefined();
  });

  it('marks the next empty cell after the word that was put, on the board it was put on', () => {
    const with1 = { ...harbour, buttons: [...harbour.buttons, button('kite', 1, 0)] };
    expect(moved(open(harbour), { move: 'put', on: with1, added: ['kite'], keptFree: [] }).marked).toEqual(at(1, 1));
    const elsewhere = open(play);
    expect(moved(elsewhere, { move: 'put', on: with1, added: ['kite'], keptFree: [] })).toBe(elsewhere);
  });

  it('gives the text back when it could not be put, unless something else is being typed by now', () => {
    expect(typed(moved(open(harbour), { move: 'not put', text: 'kite' })).text).toBe('kite');
    expect(typed(moved(moved(open(harbour), { move: 'type', text: 'cr' }), { move: 'not put', text: 'kite' })).text).toBe('cr');
  });

  it('stops renaming when something else is marked, and goes on typing', () => {
    expect(moved(moved(open(harbour), { move: 'rename' }), { move: 'mark', cell: at(0, 0) }).doing.what).toBe('resting');
    expect(moved(moved(open(harbour), { move: 'type', text: 'k' }), { move: 'mark', cell: at(0, 0) }).doing.what).toBe('typing');
  });

  it('moves the focus only when asked to', () => {
    const opened = open(harbour);
    expect(moved(opened, { move: 'mark', cell: at(0, 0) }).focus).toBe(opened.focus);
    expect(moved(opened, { move: 'mark', cell: at(0, 0), focus: true }).focus).toBe(opened.focus + 1);
    expect(moved(opened, { move: 'rest', focus: true }).focus).toBe(opened.focus + 1);
  });

  it('keeps the mark on a board that became smaller or whose cell a wide button now covers', () => {
    const state = moved(open(harbour), { move: 'mark', cell: at(1, 1) });
    expect(markedOn(state, play)).toEqual(at(0, 1));
    const wide = { ...harbour, buttons: [{ ...button('ferry', 0, 0), span: { rows: 2, columns: 2 } }] };
    expect(markedOn(state, wide)).toEqual(at(0, 0));
  });

  it('keeps a button in hand on another board, until it is put or left', () => {
    const carried = moved(open(harbour), { move: 'carry', board: harbour.id, button: 'crab', label: 'crab' });
    expect(carried.doing).toEqual({ what: 'moving', board: harbour.id, button: 'crab', label: 'crab' });
    expect(moved(carried, { move: 'opened', board: play, keptFree: [] }).doing).toEqual(carried.doing);
    expect(moved(carried, { move: 'rest' }).doing).toEqual({ what: 'resting' });
  });

  it('chooses several: one more or one less by Ctrl, all up to a cell by Shift, none once something else is marked', () => {
    const board = {
      ...harbour,
      rows: 2,
      columns: 3,
      heights: [],
      widths: [],
      look: {},
      buttons: [button('a', 0, 0), button('b', 0, 1), button('c', 0, 2), button('d', 1, 0)],
    };
    const marked = moved(open(board), { move: 'mark', cell: at(0, 0) });
    const two = moved(marked, { move: 'choose', board, cell: at(0, 2), how: 'this too' });
    expect(two.chosen).toEqual(['a', 'c']);
    expect(moved(two, { move: 'choose', board, cell: at(0, 2), how: 'this too' }).chosen).toEqual(['a']);
    expect(moved(marked, { move: 'choose', board, cell: at(1, 1), how: 'up to here' }).chosen).toEqual(['a', 'b', 'd']);
    expect(moved(two, { move: 'choose', board, cell: at(1, 2), how: 'this too' }).chosen).toEqual(['a', 'c']);
    expect(moved(two, { move: 'mark', cell: at(1, 0) }).chosen).toEqual([]);
  });

  it('a look and a preview are left by resting, and marking leaves them as they are', () => {
    const looking = moved(begin('harbour'), { move: 'look' });
    expect(moved(looking, { move: 'mark', cell: at(0, 1) }).doing).toEqual({ what: 'looking' });
    const intention = { type: 'make-home' as const, board: 'harbour' };
    const shown = moved(looking, { move: 'preview', intention, moving: [] });
    expect(shown.doing).toEqual({ what: 'previewing', intention, moving: [] });
    expect(moved(shown, { move: 'rest' }).doing).toEqual({ what: 'resting' });
  });
});
