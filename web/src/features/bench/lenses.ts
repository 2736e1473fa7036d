import { t } from '@lingui/core/macro';
import type { Board, Preview } from '../../api/types';
import { stops, buttonAt } from '../../drawn/grid';
import { keyOf, spoken } from '../../data/cells';
import type { Lens, Overlay } from '../../drawn/overlay';

/** The plain view of a board: what leads nowhere, what the student does not see, and which cells are kept free. */
export const words: Lens = (view, board) => {
  const overlays = new Map<string, Overlay>();
  const boards = new Set(view.boards.map((b) => b.id));
  const kept = new Set(view.boards.find((b) => b.id === board.id)?.keptFree.map(keyOf));
  for (const cell of stops(board)) {
    const button = buttonAt(board, cell);
    if (!button) {
      if (kept.has(keyOf(cell))) overlays.set(keyOf(cell), { classes: ['keptFree'], kept: t`kept free`, told: t`kept free` });
      continue;
    }
    const loose = button.leads.type === 'opens' && !boards.has(button.leads.board);
    if (loose || button.hidden) {
      overlays.set(keyOf(cell), { classes: button.hidden ? ['hiddenWord'] : [], ...(loose && { tag: t`leads nowhere`, told: t`leads nowhere` }) });
    }
  }
  return overlays;
};

/** What lies over the board. Words are always told; a lens adds to them. */
export const lensOver = (over?: Lens): Lens => (over ? (view, board) => new Map([...words(view, board), ...over(view, board)]) : words);

/** Says on each button that would change place where it would go. */
export function withMoves(overlays: Map<string, Overlay>, board: Board, moving?: Preview['moving']): Map<string, Overlay> {
  const here = moving?.filter((m) => m.board === board.id) ?? [];
  if (here.length === 0) return overlays;
  const over = new Map(overlays);
  for (const m of here) over.set(keyOf(m.from), { classes: [], tag: t`to ${m.to.row + 1}, ${m.to.column + 1}`, told: t`would go to ${spoken(m.to)}` });
  return over;
}
