import type { Board, Regridding, RegridSeen } from '../../api/types';

/** What is chosen of a new grid; what is left out is as it is proposed. */
export type Choice = Omit<Regridding, 'base'>;

/** The way to begin: the board that is meant, with one column more. */
export const begin = (board: Board): Choice => ({ board: board.id, scope: 'BOARD', rows: board.rows, columns: Math.min(MOST, board.columns + 1) });

export const MOST = 40;

/** Held the other way: as many columns as there were rows. */
export const turned = (choice: Choice, is: boolean): Choice => ({
  ...choice,
  turned: is || undefined,
  rows: choice.columns,
  columns: choice.rows,
  how: undefined,
});

/** With a row that stays together, or no longer does. */
export function pinning(choice: Choice, row: number): Choice {
  const pinned = choice.pinned ?? [];
  return { ...choice, pinned: pinned.includes(row) ? pinned.filter((r) => r !== row) : [...pinned, row].sort((a, b) => a - b) };
}

/** With a topic that goes to a board of its own, or no longer does; beginning with those proposed. */
export function going(choice: Choice, shown: RegridSeen['shown'], topic: string): Choice {
  const now = choice.topics ?? shown.going.flatMap((t) => (t.name ? [t.name] : []));
  return { ...choice, topics: now.includes(topic) ? now.filter((t) => t !== topic) : [...now, topic] };
}

export const isAsItIs = (choice: Choice, board: Board) =>
  choice.scope === 'BOARD' && !choice.turned && choice.rows === board.rows && choice.columns === board.columns;
