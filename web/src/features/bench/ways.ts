import type { Advice, Cell } from '../../api/types';

/** A way on for words that have no room on the board that is shown, and the key that goes it. */
export type WayOn =
  | { way: 'board'; board: string; name: string; empty: number }
  | { way: 'new board'; from: string; name: string; boards: number }
  | { way: 'new row'; rows: number; heightMm: number; thenMm: number; small: boolean }
  | { way: 'kept cell'; cell: Cell; home: boolean };

/** With Enter alone the first of them is gone; each by its own key. The other boards are pressed. */
export const KEYS = { board: 'Enter', 'new board': 'Ctrl+Enter', 'new row': 'Alt+Enter', 'kept cell': 'Shift+Enter' } as const;

/** Every way on, the one that Enter goes first. */
export function waysOn(advice: Advice): WayOn[] {
  const { rooms, further, row, kept } = advice;
  return [
    ...rooms.map((r): WayOn => ({ way: 'board', board: r.board, name: r.name, empty: r.empty })),
    ...(further ? [{ way: 'new board' as const, ...further }] : []),
    ...(row ? [{ way: 'new row' as const, ...row }] : []),
    ...(kept ? [{ way: 'kept cell' as const, ...kept }] : []),
  ];
}

/** The way on that Enter goes with these keys held; none if there is none such. */
export function wayByKey(advice: Advice, held: { ctrlKey: boolean; metaKey: boolean; altKey: boolean; shiftKey: boolean }): WayOn | undefined {
  const key = held.ctrlKey || held.metaKey ? 'Ctrl+Enter' : held.altKey ? 'Alt+Enter' : held.shiftKey ? 'Shift+Enter' : 'Enter';
  const ways = waysOn(advice);
  return key === 'Enter' ? ways[0] : ways.find((w) => KEYS[w.way] === key);
}
