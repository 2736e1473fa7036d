import type { Board, Button, Cell } from '../../api/types';

/** Grid geometry and keyboard movement, without React. Rows and columns count from 0. */

export const sameCell = (a: Cell, b: Cell) => a.row === b.row && a.column === b.column;

export function covers(button: Button, cell: Cell): boolean {
  return cell.row >= button.cell.row && cell.row < button.cell.row + button.span.rows
    && cell.column >= button.cell.column && cell.column < button.cell.column + button.span.columns;
}

export const buttonAt = (board: Board, cell: Cell): Button | undefined => board.buttons.find((b) => covers(b, cell));

export const spoken = (cell: Cell) => `row ${cell.row + 1}, place ${cell.column + 1}`;

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
  if (!to || to.row < 0 || to.column < 0 || to.row >= board.rows || to.column >= board.columns) return from;
  return buttonAt(board, to)?.cell ?? to;
}

/** One on or one back in reading order, each button counted once; undefined past the ends, where Tab leaves the board. */
export function tab(board: Board, from: Cell, back: boolean): Cell | undefined {
  const cells = stops(board);
  const start = buttonAt(board, from)?.cell ?? from;
  const i = cells.findIndex((c) => sameCell(c, start));
  return cells[i + (back ? -1 : 1)];
}

/** Every place the marker can stand: each button's own cell and each empty cell, in reading order. */
export function stops(board: Board): Cell[] {
  const cells: Cell[] = [];
  for (let row = 0; row < board.rows; row++) {
    for (let column = 0; column < board.columns; column++) {
      const button = buttonAt(board, { row, column });
      if (!button || sameCell(button.cell, { row, column })) cells.push({ row, column });
    }
  }
  return cells;
}

/**
 * The empty cell the word line will fill: from a cell on in reading order, then from the top; undefined if the board
 * is full. Cells kept free are passed over, unless one is the very cell to begin at.
 */
export function nextEmpty(board: Board, from: Cell, keptFree: Cell[] = []): Cell | undefined {
  const empty = stops(board).filter((c) => !buttonAt(board, c) && (sameCell(c, from) || !keptFree.some((k) => sameCell(k, c))));
  return empty.find((c) => c.row > from.row || (c.row === from.row && c.column >= from.column)) ?? empty[0];
}
