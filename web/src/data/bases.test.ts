import { describe, expect, it } from 'vitest';
import type { Changed, VocabularyView } from '../api/types';
import { after, Bases } from './bases';

describe('the version a change is made against', () => {
  it('is the one shown, and of changes on their way the one the last left', () => {
    const bases = new Bases();
    expect(bases.of(4)).toBe(4);
    bases.kept(4, 5);
    expect(bases.of(4)).toBe(5);
    bases.kept(5, 6);
    expect(bases.of(4)).toBe(6);
    expect(bases.of(6)).toBe(6);
  });

  it('stays what was seen when somebody else came in between, and when nothing was changed', () => {
    const bases = new Bases();
    bases.kept(4, 7);
    expect(bases.of(4)).toBe(4);
    bases.kept(7, 7);
    expect(bases.of(7)).toBe(7);
  });
});

const line = (id: string, buttons: number) => ({ id, name: id, buttons }) as VocabularyView['boards'][number];
const view = (version: number, ...boards: VocabularyView['boards']) => ({ version, home: 'home', boards }) as unknown as VocabularyView;
const changed = (since: number, vocabulary: VocabularyView, order?: string[]) =>
  ({ since, vocabulary, order, boards: [], added: [], steps: {} }) as unknown as Changed;
const told = (v?: VocabularyView) => v && [v.version, ...v.boards.map((b) => `${b.id} ${b.buttons}`)];

describe('the view after a change', () => {
  const known = view(7, line('home', 40), line('eat', 12), line('play', 9));
  it('takes the boards that are told anew and keeps the others', () => {
    expect(told(after(known, changed(7, view(8, line('eat', 13)))))).toEqual([8, 'home 40', 'eat 13', 'play 9']);
  });
  it('lists boards as they are listed now: new ones come in, and those that are gone are gone', () => {
    expect(told(after(known, changed(7, view(8, line('sea', 2)), ['home', 'sea', 'play'])))).toEqual([8, 'home 40', 'sea 2', 'play 9']);
  });
  it('is not known if somebody else changed something in between, and stays if it is newer already', () => {
    expect(after(view(6, line('home', 40)), changed(7, view(8)))).toBeUndefined();
    expect(after(known, changed(4, view(5)))).toBe(known);
  });
});
