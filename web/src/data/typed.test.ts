import { describe, expect, it } from 'vitest';
import { countHere, onOneLine, opensBoards, startsFirst } from './typed';

describe('a text in the word line', () => {
  it('counts the words that are put here, not those of the boards it opens', () => {
    expect(countHere('kite')).toBe(1);
    expect(countHere('kite, crab')).toBe(2);
    expect(countHere('colours > red, blue ⏎ ferry')).toBe(2);
    expect(countHere('')).toBe(0);
  });
  it('opens boards where a sign stands behind a name', () => {
    expect(opensBoards('people at swimming >')).toBe(true);
    expect(opensBoards('kite ⏎ colours > red')).toBe(true);
    expect(opensBoards('kite')).toBe(false);
    expect(opensBoards('> red')).toBe(false);
  });
  it('keeps its breaks on one line where lines open boards', () => {
    expect(onOneLine('colours > red, blue\nshapes > circle\n')).toBe('colours > red, blue ⏎ shapes > circle');
    expect(onOneLine('kite\ncrab')).toBe('kite, crab');
  });

  it('what starts as typed comes first in a list', () => {
    const found = ['More doing words', 'Small words', 'Workshop'].map((label) => ({ label }));
    expect(found.sort((a, b) => startsFirst(a, b, { searchValue: 'wor' })).map((o) => o.label)).toEqual(['Workshop', 'More doing words', 'Small words']);
  });
});
