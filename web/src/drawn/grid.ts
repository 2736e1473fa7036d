import type { Board, Button, Cell, Intention } from '../api/types';
import { keyOf, sameCell } from '../data/cells';

/** Grid geometry and keyboard movement, without React. Rows and columns count from 0. */

/** The largest size of these proportions, width by height, that goes into a room. */
export function fitted(width: number, height: number, ratio: number): { width: number; height: number } {
  return { width: Math.floor(Math.min(width, height * ratio)), height: Math.floor(Math.min(height, width / ratio)) };
}

/** The ids of the buttons that begin in the rectangle two cells span. */
export function within(board: Board, one: Cell, other: Cell): string[] {
  const between = (n: number, a: number, b: number) => n >= Math.min(a, b) && n <= Math.max(a, b);
  return board.buttons.filter((b) => between(b.cell.row, one.row, other.row) && between(b.cell.column, one.column, other.column)).map((b) => b.id);
}

/** What is looked up again and again on a board, worked out once for each. */
interface Grid {
  /** The button that covers each cell, in reading order of cells. */
  buttons: (Button | undefined)[];
  stops: Cell[];
  stopAt: Map<string, number>;
}

const grids = new WeakMap<Board, Grid>();

function gridOf(board: Board): Grid {
  const known = grids.get(board);
  if (known) return known;
  const buttons = new Array<Button | undefined>(board.rows * board.columns).fill(undefined);
  for (const b of board.buttons) {
    for (let r = b.cell.row; r < Math.min(board.rows, b.cell.row + b.span.rows); r++) {
      for (let c = b.cell.column; c < Math.min(board.columns, b.cell.column + b.span.columns); c++) buttons[r * board.columns + c] = b;
    }
  }
  const stops: Cell[] = [];
  const stopAt = new Map<string, number>();
  buttons.forEach((button, i) => {
    const cell = { row: Math.floor(i / board.columns), column: i % board.columns };
    if (button && !sameCell(button.cell, cell)) return;
    stopAt.set(keyOf(cell), stops.length);
    stops.push(cell);
  });
  const grid = { buttons, stops, stopAt };
  grids.set(board, grid);
  return grid;
}

const isOn = (board: Board, cell: Cell) => cell.row >= 0 && cell.column >= 0 && cell.row < board.rows && cell.column < board.columns;

export const buttonAt = (board: Board, cell: Cell): Button | undefined =>
  isOn(board, cell) ? gridOf(board).buttons[cell.row * board.columns + cell.column] : undefined;

/** The cell a mark stands in: a button's own cell wherever on it. */
export const standing = (board: Board, cell: Cell): Cell => buttonAt(board, cell)?.cell ?? cell;

/** The cell an arrow key leads to; at an edge, the same cell. From a wide button the arrow leaves the whole of it. */
export function arrow(board: Board, from: Cell, key: string): Cell {
  const at = buttonAt(board, from);
  const top = at?.cell ?? from;
  const bottom = { row: top.row + (at?.span.rows ?? 1) - 1, column: top.column + (at?.span.columns ?? 1) - 1 };
  const to = {
    ArrowUp: { row: top.row - 1, column: from.column },
    ArrowDown: { row: bottom.row + 1, column: from.column },
    ArrowLeft: { row: from.row, column: top.column - 1 },
    ArrowRight: { row: from.row, column: bottom.column + 1 },
    Home: { row: from.row, column: 0 },
    End: { row: from.row, column: board.columns - 1 },
  }[key];
  if (!to || !isOn(board, to)) return from;
  return standing(board, to);
}

/** One on or one back in reading order, each button counted once; undefined past the ends, where Tab leaves the board. */
export function tab(board: Board, from: Cell, back: boolean): Cell | undefined {
  const { stops, stopAt } = gridOf(board);
  const i = stopAt.get(keyOf(standing(board, from))) ?? -1;
  return stops[i + (back ? -1 : 1)];
}

/** Every place the marker can stand: each button's own cell and each empty cell, in reading order. */
export const stops = (board: Board): Cell[] => gridOf(board).stops;

/** How many empty cells are for words. */
export const freeCells = (board: Board, keptFree: Cell[]): number => emptyCells(board, keptFree).length;

/** In reading order, but for those kept free; `from`: counts though it is kept free. */
function emptyCells(board: Board, keptFree: Cell[], from?: Cell): Cell[] {
  const kept = new Set(keptFree.map(keyOf));
  return stops(board).filter((c) => !buttonAt(board, c) && ((from && sameCell(c, from)) || !kept.has(keyOf(c))));
}

const isFrom = (from: Cell) => (c: Cell) => c.row > from.row || (c.row === from.row && c.column >= from.column);

/**
 * The empty cell the word line will fill: from a cell on in reading order, then from the top; undefined if the board
 * is full. Cells kept free are passed over, unless one is the very cell to begin at.
 */
export function nextEmpty(board: Board, from: Cell, keptFree: Cell[] = []): Cell | undefined {
  const empty = emptyCells(board, keptFree, from);
  return empty.find(isFrom(from)) ?? empty[0];
}

/** The next empty cells from one on, it first; undefined if there are fewer. */
export function cellsToFill(board: Board, from: Cell, count: number, keptFree: Cell[]): Cell[] | undefined {
  const empty = emptyCells(board, keptFree, from).filter(isFrom(from));
  return empty.length < count ? undefined : empty.slice(0, count);
}

/** A board put into a cell of another: the button there opens it, or a new one does. */
export function openingFrom(board: Board, cell: Cell, opened: string, name = ''): Intention {
  const there = buttonAt(board, cell);
  const leads = { type: 'opens' as const, board: opened };
  return there ? { type: 'lead-to', board: board.id, button: there.id, leads } : { type: 'put-opener', board: board.id, at: cell, label: name, leads };
}
