import type { Board } from '../api/types';

/** Whether something that can be said here passes the turn to the other. */
export const takesTurns = (boards: Board[]) => boards.some((b) => b.buttons.some((button) => button.doings.some((d) => d.type === 'pass-turn')));
