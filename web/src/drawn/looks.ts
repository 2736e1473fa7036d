import { createContext } from 'react';
import type { Board, Button, Kind, Look } from '../api/types';
import { palette } from '../theme';

/** The papers a button can be made of, in the order in which they lie. Core has the same (ColouredPaper). */
export const papers: { name: string; colour: string }[] = [
  { name: 'shell', colour: '#fbe4dd' },
  { name: 'peach', colour: '#ffddbd' },
  { name: 'straw', colour: '#ffeda6' },
  { name: 'lime', colour: '#e6f2a8' },
  { name: 'reed', colour: '#cbeab5' },
  { name: 'mint', colour: '#b9e8d3' },
  { name: 'tide', colour: '#b5e6ee' },
  { name: 'sky', colour: '#c6def9' },
  { name: 'bluebell', colour: '#d5d6fb' },
  { name: 'heather', colour: '#e7d2f4' },
  { name: 'rose', colour: '#f8cfe0' },
  { name: 'oat', colour: '#e6dcc7' },
];

/** What holds where nobody said anything; core has the same (Look.USUAL). */
export const USUAL = { label: 'BELOW', picture: 70, corner: 8, type: 'EACH', gap: 9, byKind: false } as const satisfies Look;

/** A look with nothing left open that has to be known to draw. */
export type Seen = Look & Required<Pick<Look, keyof typeof USUAL>>;

export type Papers = Partial<Record<Kind, string>>;

/** How all boards look, and the paper of each kind. */
export interface Looks {
  look: Look;
  papers: Papers;
}

/** What holds of the board a card stands on. */
export const LooksOfBoard = createContext<{ whole: Looks; board?: Board }>({ whole: { look: {}, papers: {} } });

const said = (look: Look): Look => Object.fromEntries(Object.entries(look).filter(([, value]) => value !== undefined && value !== null));

/** How a button is seen: what it does not say is as its board has it, what that does not say as the vocabulary. */
export function seen(whole: Looks, board: Look, button: Look, kind?: Kind): Seen {
  const around = { ...USUAL, ...said(whole.look), ...said(board) };
  const paper = around.byKind && kind ? whole.papers[kind] : undefined;
  return { ...around, ...(paper && { fill: paper }), ...said(button) };
}

/** The lines of a board as a CSS grid has them. */
export function gridLines(board: Board): { gridTemplateColumns: string; gridTemplateRows: string } {
  return { gridTemplateColumns: lines(board.columns, board.widths), gridTemplateRows: lines(board.rows, board.heights) };
}

const lines = (count: number, shares: number[]) =>
  shares.length === 0 ? `repeat(${count}, minmax(0, 1fr))` : shares.map((s) => `minmax(0, ${s}fr)`).join(' ');

/** Whether letters are white on a colour, as ink would be harder to read (WCAG 2.2 contrast; core: Colour.ink). */
export function lettersAreWhite(colour: string): boolean {
  const light = luminance(onWhite(colour));
  return contrast(light, 1) > contrast(light, INK);
}

const onWhite = (colour: string): number[] => {
  const [red, green, blue, alpha = 255] = (colour.slice(1).match(/../g) ?? []).map((part) => parseInt(part, 16));
  return [red, green, blue].map((part) => 255 - Math.trunc(((255 - part) * alpha) / 255));
};

const luminance = (parts: number[]) => {
  const [red, green, blue] = parts.map((part) => (part / 255 <= 0.04045 ? part / 255 / 12.92 : ((part / 255 + 0.055) / 1.055) ** 2.4));
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
};

const contrast = (one: number, other: number) => (Math.max(one, other) + 0.05) / (Math.min(one, other) + 0.05);
const INK = luminance(onWhite(palette.ink));

/** About how wide letters are, in parts of their height: rather too wide, so that a line surely fits. */
const WIDTHS: [RegExp, number][] = [
  [/[ijlftrI1'’.,:;!| ()-]/, 0.44],
  [/[mw]/, 0.84],
  [/[MW@%]/, 1.02],
  [/\p{Lu}/u, 0.73],
  [/[\p{Script=Latin}\p{Script=Greek}\d]/u, 0.59],
  [/[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}\p{Extended_Pictographic}]/u, 1],
];
const OTHERS_WIDTH = 0.8;
/** A label is set so that as many letters fill its cell when each is as wide as this, be it on a telephone or beside the edge of what opens a board. */
const SET_FOR = 0.66;
const LEAST_LETTERS = 4;

const widthOf = (text: string) =>
  [...text].reduce((sum, letter) => sum + (/\p{M}/u.test(letter) ? 0 : (WIDTHS.find(([which]) => which.test(letter))?.[1] ?? OTHERS_WIDTH)), 0);

/** How many letters of usual width the longest line of a label has: on two lines if it has a space, parted where they are most alike, else on one. */
export function longest(label: string): number {
  const words = label.split(' ');
  const lines = words.length === 1 ? [widthOf(label)] : words.slice(1).map((_, i) => Math.max(...[words.slice(0, i + 1), words.slice(i + 1)].map(together)));
  return Math.max(Math.min(...lines) / SET_FOR, LEAST_LETTERS);
}

const together = (words: string[]) => widthOf(words.join(' '));

const linesOf = (label: string) => (label.includes(' ') ? 2 : 1);

/** How large a label may be: percent of its cell's height, and the letters that have to fit its width. */
export interface TypeSize {
  height: number;
  letters: number;
}

/** As large as this button allows. `share`: the picture's, in percent. */
export function ownType(button: Pick<Button, 'label' | 'layers'>, look: Pick<Look, 'label' | 'picture'>): TypeSize {
  const n = linesOf(button.label);
  if (button.layers.length === 0) return { height: 36 - 6 * n, letters: longest(button.label) };
  const share = look.picture ?? USUAL.picture;
  if (look.label === 'BESIDE') return { height: 36 - 6 * n, letters: (longest(button.label) * 100) / (100 - share) };
  return { height: ((24 - 5 * n) * (100 - share)) / (100 - USUAL.picture), letters: longest(button.label) };
}

const equal = new WeakMap<Board, { look: Look; size: { height: number; letters: number } }>();

/** One size for a board: the largest at which every label fits, told in shares of the board so that cells of all sizes can take it. */
export function typeOn(board: Board, whole: Looks, button: Button): TypeSize {
  const known = equal.get(board);
  const size = known && known.look === whole.look ? known.size : equalOn(board, whole);
  if (!known || known.size !== size) equal.set(board, { look: whole.look, size });
  const room = shareOf(board, button);
  return { height: size.height / room.height, letters: size.letters * room.width };
}

function equalOn(board: Board, whole: Looks): { height: number; letters: number } {
  const all = board.buttons
    .filter((b) => b.label && !b.hidden)
    .map((b) => {
      const own = ownType(b, seen(whole, board.look, b.look, b.kind ?? undefined));
      const room = shareOf(board, b);
      return { height: own.height * room.height, letters: own.letters / room.width };
    });
  return all.length === 0
    ? { height: 19 / board.rows, letters: 4 * board.columns }
    : { height: Math.min(...all.map((a) => a.height)), letters: Math.max(...all.map((a) => a.letters)) };
}

/** What part of its board a button has, in each direction. */
function shareOf(board: Board, { cell, span }: Button): { width: number; height: number } {
  return { width: part(board.columns, board.widths, cell.column, span.columns), height: part(board.rows, board.heights, cell.row, span.rows) };
}

function part(count: number, shares: number[], from: number, lines: number): number {
  const sum = (some: number[]) => some.reduce((a, b) => a + b, 0);
  return shares.length === 0 ? lines / count : sum(shares.slice(from, from + lines)) / sum(shares);
}

/** Each step has a paper of its own, in the order in which papers lie; after the last the first comes again. */
export const paperOf = (number: number) => papers[(number * 5 + 1) % papers.length].colour;
