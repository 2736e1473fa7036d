// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { effectsFor, inDrawers, type Effect } from './effects';

const effect = (name: string, words: string[], drawer: string): Effect => ({ id: `effect/${name}`, name, words, drawer });
const all = [effect('gull', ['seagull', 'bird'], 'animals'), effect('seal', ['sea lion'], 'animals'), effect('waves', ['sea', 'beach'], 'weather and sea')];
const names = (found: Effect[]) => found.map((e) => e.name);

it('finds a sound by its name first, then by other words, then by its drawer', () => {
  expect(names(effectsFor(all, 'sea'))).toEqual(['seal', 'gull', 'waves']);
  expect(names(effectsFor(all, ' Bird'))).toEqual(['gull']);
  expect(names(effectsFor(all, 'animals'))).toEqual(['gull', 'seal']);
  expect(effectsFor(all, 'kite')).toEqual([]);
  expect(effectsFor(all, '')).toBe(all);
  const barking = [effect('seal', ['sea lion', 'bark'], 'animals'), effect('dog', ['bark', 'woof'], 'animals')];
  expect(names(effectsFor(barking, 'bark'))).toEqual(['dog', 'seal']);
});

it('lays sounds in their drawers', () => {
  expect(inDrawers(all).map(([drawer, of]) => [drawer, names(of)])).toEqual([
    ['animals', ['gull', 'seal']],
    ['weather and sea', ['waves']],
  ]);
});
