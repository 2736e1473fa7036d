import { expect, it } from 'vitest';
import type { Board, Button, VocabularyView } from '../../api/types';
import { isFound, nextOn, wayTo } from './wayTo';

const at = (id: string, column: number, leads: Button['leads'] = { type: 'stays' }) =>
  ({ id, label: id, cell: { row: 0, column }, span: { rows: 1, columns: 1 }, leads }) as Button;
const home = { id: 'home', buttons: [at('go', 0), at('sea', 1, { type: 'opens', board: 'sea' })] } as Board;
const sea = { id: 'sea', buttons: [at('crab', 0), at('homeward', 1, { type: 'home' })] } as Board;
const attic = { id: 'attic', buttons: [at('kite', 0), at('backward', 1, { type: 'back' })] } as Board;
const boards = new Map([home, sea, attic].map((b) => [b.id, b]));
const view = {
  boards: [{ id: 'home', route: [] }, { id: 'sea', route: [{ board: 'home', cell: { row: 0, column: 1 }, opens: 'sea' }] }, { id: 'attic' }],
} as unknown as VocabularyView;

it('goes from home through what opens the boards to the word', () => {
  const way = wayTo(view, boards, sea, sea.buttons[0])!;
  expect(way.touches.map((t) => t.button)).toEqual(['sea', 'crab']);
  expect(nextOn(way, home)?.id).toBe('sea');
  expect(nextOn(way, sea)?.id).toBe('crab');
  expect(isFound(way, sea.buttons[0])).toBe(true);
  expect(isFound(way, home.buttons[1])).toBe(false);
});

it('goes home first from a board that is not on the way, or back where that is all there is', () => {
  const way = wayTo(view, boards, home, home.buttons[0])!;
  expect(nextOn(way, sea)?.id).toBe('homeward');
  expect(nextOn(way, attic)?.id).toBe('backward');
});

it('knows no way where no taps lead', () => {
  expect(wayTo(view, boards, attic, attic.buttons[0])).toBeUndefined();
});
