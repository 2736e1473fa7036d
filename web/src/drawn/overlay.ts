import type { Board, VocabularyView } from '../api/types';

/** What a lens lays over one cell. */
export interface Overlay {
  /** How the cell looks for it, by name in the bench's styles. */
  classes: ('hiddenWord' | 'keptFree' | 'silentWord' | 'waitingWord' | 'glows')[];
  /** A sign in the corner: a step's number on its paper, or what keeps the word back. */
  badge?: { text: string; paper: string };
  /** A few words of warning, shown at the top of the cell. */
  tag?: string;
  /** What an empty cell is kept for. */
  kept?: string;
  /** A few words shown over the head of the cell. */
  note?: string;
  /** What is added to the cell's name for who does not see it. */
  told?: string;
}

/** A computed overlay: what lies over which cells of a board, by the cell's key. Cells that get nothing are left out. */
export type Lens = (view: VocabularyView, board: Board) => Map<string, Overlay>;
