import { expect, it } from 'vitest';
import { bringing, NOTHING, takenHere, toggled, withBoards, withSingle, withWay } from './choice';

it('chooses and leaves out, in the order in which it was chosen', () => {
  const chosen = toggled(toggled(toggled(NOTHING, 'sea'), 'play'), 'sea');
  expect(withBoards(chosen, ['sea', 'play', 'attic']).boards).toEqual(['play', 'sea', 'attic']);
  expect(takenHere(takenHere(chosen, ['play', 'sea'], true), ['play'], false).instead).toEqual(['sea']);
});

it('one way out for all alike takes back what was said of one of them', () => {
  const one = withSingle(NOTHING, 'button', { type: 'points-to', board: 'home' });
  const all = withWay(withSingle(one, 'other', { type: 'speaks-only' }), 'tides', ['button'], { type: 'speaks-only' });
  expect(all.single).toEqual({ other: { type: 'speaks-only' } });
  expect(all.ways).toEqual({ tides: { type: 'speaks-only' } });
});

it('the button that opens them has no name of its own until it is given one', () => {
  expect(bringing(toggled(NOTHING, 'sea'), 7, 3, { board: 'home' }).where).toEqual({ board: 'home', name: '', section: false });
  expect(bringing({ ...NOTHING, name: 'shore' }, 7, 3, { board: 'home' }).where.name).toBe('shore');
});
