import { t } from '@lingui/core/macro';
import type { Cell } from '../api/types';

export const sameCell = (a: Cell, b: Cell) => a.row === b.row && a.column === b.column;

/** By which cells are looked up. */
export const keyOf = (cell: Cell) => `${cell.row}-${cell.column}`;

/** As a cell is told; rows and places count from 1 there. */
export const spoken = (cell: Cell) => t`row ${cell.row + 1}, place ${cell.column + 1}`;
