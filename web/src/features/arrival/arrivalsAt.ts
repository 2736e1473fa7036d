import type { Cell } from '../../api/types';

/** Where boards are brought in, to be opened from a board, in a cell if one is meant. */
export const arrivalsAt = (vocabulary: number, board: string, at?: Cell) =>
  `/vocabularies/${vocabulary}/arrivals?${new URLSearchParams({ board, ...(at && { row: String(at.row), column: String(at.column) }) }).toString()}`;
