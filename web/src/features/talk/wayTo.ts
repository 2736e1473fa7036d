import type { Board, Button, VocabularyView } from '../../api/types';

/** A way from home to a word, cell by cell: each button to be touched, on its board. */
export interface Way {
  word: string;
  touches: { board: string; button: string }[];
}

/** The taps from home to a board, then the word itself; none if no taps lead there. */
export function wayTo(view: VocabularyView, boards: Map<string, Board>, board: Board, button: Button): Way | undefined {
  const route = view.boards.find((b) => b.id === board.id)?.route;
  if (!route) return undefined;
  const touches = route.flatMap((tap) => {
    const opens = boards.get(tap.board)?.buttons.find((b) => b.leads.type === 'opens' && b.leads.board === tap.opens && covers(b, tap.cell));
    return opens ? [{ board: tap.board, button: opens.id }] : [];
  });
  return { word: button.label, touches: [...touches, { board: board.id, button: button.id }] };
}

const covers = ({ cell, span }: Button, { row, column }: Button['cell']) =>
  row >= cell.row && row < cell.row + span.rows && column >= cell.column && column < cell.column + span.columns;

/** What is to be touched next on a board: its part of the way, else what leads home from there, else what leads back. */
export function nextOn(way: Way, board: Board): Button | undefined {
  const next = [...way.touches].reverse().find((touch) => touch.board === board.id);
  const leading = (type: 'home' | 'back') => board.buttons.find((b) => b.leads.type === type);
  return next ? board.buttons.find((b) => b.id === next.button) : (leading('home') ?? leading('back'));
}

/** Whether a touch is the last of the way: the word was found. */
export const isFound = (way: Way, button: Button) => way.touches[way.touches.length - 1].button === button.id;
