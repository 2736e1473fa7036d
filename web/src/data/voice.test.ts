// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { breaths } from './voice';

it('says a long text in pieces, parted between words where it can be', () => {
  expect(breaths('  ')).toEqual([]);
  expect(breaths('the ferry is here', 9)).toEqual(['the ferry', 'is here']);
  expect(breaths('abcdefghij', 4)).toEqual(['abcd', 'efgh', 'ij']);
  const long = 'look at the tide pool '.repeat(60).trim();
  expect(breaths(long).every((piece) => piece.length <= 400)).toBe(true);
  expect(breaths(long).join(' ')).toBe(long);
});
