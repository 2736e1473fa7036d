import type { Board, VocabularyView } from '../../api/types';
import { keyOf, stops, buttonAt } from './grid';

/** What a lens lays over one cell. */
export interface Overlay {
  /** How the cell looks for it, by name in the bench's styles. */
  classes: ('hiddenWord' | 'keptFree')[];
  /** A few words shown on the cell. */
  tag?: string;
  /** What is added to the cell's name for who does not see it. */
  told?: string;
}

/** A computed overlay: what lies over which cells of a board, by the cell's key. Cells that get nothing are left out. */
export type Lens = (view: VocabularyView, board: Board) => Map<string, Overlay>;

/** The plain view of a board: what leads nowhere, what the student does not see, and which cells are kept free. */
export const words: Lens = (view, board) => {
  const overlays = new Map<string, Overlay>();
  const boards = new Set(view.boards.map((b) => b.id));
  const kept = new Set(view.boards.find((b) => b.id === board.id)?.keptFree.map(keyOf));
  for (const cell of stops(board)) {
    const button = buttonAt(board, cell);
    if (!button) {
      if (kept.has(keyOf(cell))) overlays.set(keyOf(cell), { classes: ['keptFree'] });
      continue;
    }
    const loose = button.leads.type === 'opens' && !boards.has(button.leads.board);
    if (loose || button.hidden) {
      overlays.set(keyOf(cell), { classes: button.hidden ? ['hiddenWord'] : [], ...(loose && { tag: 'leads nowhere', told: 'leads nowhere' }) });
    }
  }
  return overlays;
};
