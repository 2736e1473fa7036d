import { describe, expect, it, vi } from 'vitest';
import type { Board, Button, Comparison, VocabularyView, WordFate } from '../../api/types';
import { arrowsOn, once, wasAt } from '../../data/places';
import { placesLens } from './placesLens';
import { button as plain } from '../../testing/plain';

// What asks the server is in the same files; nothing is asked here.
vi.hoisted(() => vi.stubGlobal('window', { location: { origin: 'http://localhost' } }));

const button = (id: string, column: number, more: Partial<Button> = {}) => plain(id, 0, column, more);
const board = (...buttons: Button[]): Board => ({ id: 'home', name: 'Home', rows: 1, columns: 6, heights: [], widths: [], look: {}, buttons });
const here = board(button('I', 0), button('want', 1), button('go', 2), button('home', 3, { leads: { type: 'home' } }), button('egg', 4));

const spot = (name: string, row: number, column: number) => ({ board: name, name, rows: 4, columns: 6, cell: { row, column }, taps: [] });
const fate = (id: string, more: Partial<WordFate>): WordFate => ({ button: id, text: id, says: true, fate: 'MOVED', byText: false, ...more });

describe('the places lens', () => {
  const moved = fate('I', { was: spot('home', 0, 5), is: spot('home', 0, 0) });
  const from = fate('want', { was: spot('food', 1, 2), is: spot('home', 0, 1) });
  const compared = { words: [moved, from, fate('crab', { fate: 'GONE', was: spot('home', 0, 3) })] } as Comparison;
  it('says where a word was, in steps on its board', () => {
    expect(wasAt(moved, 'home')).toBe('was 5 places further right');
    expect(wasAt(from, 'home')).toBe('was on food, row 2, place 3');
    expect(wasAt(fate('x', { was: spot('home', 0, 0), is: spot('home', 2, 0) }))).toBe('was 2 rows further up');
  });
  it('keeps what kept its place faint, and draws arrows on one board', () => {
    const over = placesLens(compared)({} as VocabularyView, here);
    expect(over.get('0-2')).toMatchObject({ classes: ['waitingWord'], told: 'kept its place' });
    expect(over.get('0-5')).toMatchObject({ note: 'I was here' });
    expect(arrowsOn(compared, 'home')).toEqual([{ id: 'I', from: { row: 0, column: 5 }, to: { row: 0, column: 0 } }]);
  });
});

it('lists a word once, where the fewest taps lead to it', () => {
  const tap = { board: 'home', name: 'home', rows: 4, columns: 6, cell: { row: 0, column: 0 } };
  const far = fate('1', { text: 'More', is: { ...spot('food', 0, 0), taps: [tap] } });
  const near = fate('2', { text: 'more', is: spot('home', 0, 0) });
  const noWay = fate('3', { text: 'gull', is: { ...spot('loose', 0, 0), taps: undefined } });
  const gull = fate('4', { text: 'gull', is: far.is });
  expect(once([far, noWay, near, gull])).toEqual([near, gull]);
});
