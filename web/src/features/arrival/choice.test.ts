import { expect, it } from 'vitest';
import { asTree, bringing, NOTHING, takenHere, toggled, withBoards, withSingle, withWay } from './choice';

const board = (id: string, opens: string[]) => ({ board: id, name: id, words: 1, rows: 2, columns: 2, opens });

it('shows each board once, where it is opened nearest to home, and those nothing leads to last', () => {
  const tree = asTree(
    [board('home', ['sea', 'play']), board('sea', ['play', 'tides', 'home']), board('play', ['tides']), board('tides', []), board('attic', ['gone'])],
    'home',
  );
  expect(tree.map((b) => `${b.depth} ${b.board.board}`)).toEqual(['0 home', '1 sea', '2 tides', '1 play', '0 attic']);
});

it('goes round in a ring once', () => {
  expect(asTree([board('a', ['b']), board('b', ['a'])], 'a').map((b) => b.board.board)).toEqual(['a', 'b']);
});

it('chooses and leaves out, in the order in which it was chosen', () => {
  const chosen = toggled(toggled(toggled(NOTHING, 'sea'), 'play'), 'sea');
  expect(withBoards(chosen, ['sea', 'play', 'attic']).boards).toEqual(['play', 'sea', 'attic']);
  expect(takenHere(takenHere(chosen, 'play', true), 'play', false).instead).toEqual([]);
});

it('one way out for all alike takes back what was said of one of them', () => {
  const one = withSingle(NOTHING, 'button', { type: 'points-to', board: 'home' });
  const all = withWay(withSingle(one, 'other', { type: 'speaks-only' }), 'tides', ['button'], { type: 'speaks-only' });
  expect(all.single).toEqual({ other: { type: 'speaks-only' } });
  expect(all.ways).toEqual({ tides: { type: 'speaks-only' } });
});

it('the button that opens them is called like the first board until it is called otherwise', () => {
  expect(bringing(toggled(NOTHING, 'sea'), 7, 3, { board: 'home' }, 'Sea').where).toEqual({ board: 'home', name: 'Sea', section: false });
  expect(bringing({ ...NOTHING, name: 'shore' }, 7, 3, { board: 'home' }, 'Sea').where.name).toBe('shore');
});
