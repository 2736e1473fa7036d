import { expect, it } from 'vitest';
import type { BoardLine, PassageLine, PassageRead } from '../../api/types';
import { byReason, parted, titleOf, typedAs, withRoom } from './lines';

const line = (word: string, sort: PassageLine['sort'], can: PassageLine['can']) => ({ word, sort, can, written: [word], times: 1, taps: 0, places: [] });

it('parts words by what can be done about them, names and numbers by themselves', () => {
  const lines = [
    line('go', 'WORD', 'SAID'),
    line('crab', 'WORD', 'HELD'),
    line('gull', 'WORD', 'WAITS'),
    line('eel', 'WORD', 'NO_WAY'),
    line('whelk', 'WORD', 'MISSING'),
    line('Piran', 'NAME', 'SAID'),
    line('3', 'NUMBER', 'MISSING'),
  ];
  const { said, later, missing, names, numbers } = parted({ lines } as unknown as PassageRead);
  expect([said, later, missing, names, numbers].map((some) => some.map((l) => l.word))).toEqual([['go'], ['crab', 'gull', 'eel'], ['whelk'], ['Piran'], ['3']]);
});

it('groups what is kept back by why', () => {
  const [one, other, third] = ['a', 'b', 'c'].map((w) => line(w, 'WORD', 'WAITS'));
  const lines = [
    { ...one, why: 'waits' },
    { ...other, why: 'held' },
    { ...third, why: 'waits' },
  ];
  expect(byReason(lines).map(([why, some]) => [why, some.map((l) => l.word)])).toEqual([
    ['waits', ['a', 'c']],
    ['held', ['b']],
  ]);
});

it('calls a board by the first line of the text, at a word’s end', () => {
  expect(titleOf(['', '\n Tide song:\nthe sea comes in'])).toBe('Tide song');
  expect(titleOf(['One two three four five six seven eight nine ten'])).toBe('One two three four five six seven eight');
  expect(titleOf([''])).toBe('');
});

it('opens a new board from where one comes from, else from home, if there is room', () => {
  const board = (id: string, empty: number, kept = 0) => ({ id, empty, keptFree: Array.from({ length: kept }), route: [] }) as unknown as BoardLine;
  const boards = [board('a', 1), board('home', 3, 2), board('b', 2, 2), board('c', 4)];
  expect(withRoom(boards, 'c', 'home').map((b) => b.id)).toEqual(['c', 'home', 'a']);
  expect(withRoom(boards, 'b', 'home').map((b) => b.id)).toEqual(['home', 'a', 'c']);
});

it('is typed with commas between words only', () => {
  expect(typedAs(['sea', 'well, well'])).toBe('sea, well  well');
});
