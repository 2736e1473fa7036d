import { describe, expect, it } from 'vitest';
import shared from '../../../core/src/test/resources/org/dwimble/core/shared-cases.json';
import type { Board, Button, Look } from '../api/types';
import { gridLines, lettersAreWhite, longest, ownType, papers, seen, typeOn } from './looks';
import { button as plain } from '../testing/plain';

/** Looks as core has them (SharedCasesTest), on the same cases. */
interface Cases {
  papers: { name: string; colour: string }[];
  looks: { whole: Look; board: Look; button: Look; kindPaper: string | null; seen: Record<string, unknown> }[];
  darkOnes: { colour: string; white: boolean }[];
}
const cases = shared as unknown as Cases;

const button = (id: string, column: number, more: Partial<Button> = {}) => plain(id, 0, column, more);
const board = (buttons: Button[], more: Partial<Board> = {}): Board => ({
  id: 'b',
  name: 'b',
  rows: 1,
  columns: 4,
  heights: [],
  widths: [],
  look: {},
  buttons,
  ...more,
});

describe('looks', () => {
  it('has the papers core has', () => expect(papers).toEqual(cases.papers));
  it.each(cases.looks)('$whole, $board, $button', ({ whole, board: of, button: own, kindPaper, seen: expected }) => {
    const is = seen({ look: whole, papers: kindPaper ? { thing: kindPaper } : {} }, of, own, 'thing') as Record<string, unknown>;
    for (const [aspect, value] of Object.entries(expected)) expect(is[aspect] ?? null, aspect).toEqual(value);
  });
  it.each(cases.darkOnes)('letters on $colour', ({ colour, white }) => expect(lettersAreWhite(colour)).toBe(white));

  it('draws lines by their shares', () => {
    expect(gridLines(board([])).gridTemplateColumns).toBe('repeat(4, minmax(0, 1fr))');
    expect(gridLines(board([], { widths: [2, 1, 1, 2] })).gridTemplateColumns).toBe('minmax(0, 2fr) minmax(0, 1fr) minmax(0, 1fr) minmax(0, 2fr)');
  });

  it('lets a label have what its picture leaves', () => {
    const pictured = { label: 'crab', layers: [{ picture: 'base/crab', x: 0, y: 0, size: 1000 }] };
    expect(longest('a very long label')).toBe(longest('long label'.replace(' ', '.')));
    expect(longest('mammoth'), 'wide letters need more room').toBeGreaterThan(longest('littlest'));
    expect(longest('船船船船船')).toBeGreaterThan(longest('boats'));
    expect(ownType(pictured, {}).height).toBe(19);
    expect(ownType(pictured, { picture: 40 }).height).toBe(38);
    expect(ownType(pictured, { picture: 50, label: 'BESIDE' }).letters).toBe(8);
    expect(ownType({ label: 'crab', layers: [] }, {}).height).toBe(30);
  });

  it('one size for a board is the largest at which the longest label fits', () => {
    const whole = { look: {}, papers: {} };
    const [short, long] = [button('cup', 0), button('wellingtons', 1)];
    const on = board([short, long]);
    expect(typeOn(on, whole, short)).toEqual(typeOn(on, whole, long));
    expect(typeOn(on, whole, short).letters).toBeCloseTo(longest('wellingtons'));
    const wide = button('cup', 2, { span: { rows: 1, columns: 2 } });
    expect(typeOn(board([long, wide]), whole, wide).letters, 'twice as wide, so twice the letters at one size').toBeCloseTo(2 * longest('wellingtons'));
  });
});
