import type { GrowingWord, Growth } from '../../api/types';

/** One of those that are proposed. */
export const keyOf = (one: Growth) => `${one.board} ${one.word.id} ${one.from ?? ''} ${one.kin.id}`;

export const asWord = ({ board, word, from, kin }: Growth, firstSays: boolean): GrowingWord => ({
  board,
  button: word.id,
  from: from ?? undefined,
  kin: kin.id,
  firstSays,
});

/** What is said most grows first: it is what is wanted, and what is known. Those alike stay as they were proposed. */
export const mostSaidFirst = (all: Growth[]) => [...all].sort((a, b) => b.times - a.times);
