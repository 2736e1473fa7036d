import { t } from '@lingui/core/macro';
import { createContext, useContext } from 'react';
import type { Board, BoardLine, Button, Cell, Changed, Intention, VocabularyView } from '../../api/types';
import type { Wish } from '../../data/boards';
import type { BenchState, Move } from './bench';

/** A board together with the vocabulary it is a part of, as they were at one version: what a person sees, and so means. */
export interface Shown {
  view: VocabularyView;
  line: BoardLine;
  board: Board;
}

/** What everything that stands on the bench knows: what is shown, what the person is doing, and how it is changed. */
export interface BenchRoom extends Shown {
  /** Of the vocabulary. */
  id: number;
  boardId: string;
  version: number;
  mayEdit: boolean;
  state: BenchState;
  move: (made: Move) => void;
  /** Done with what is under way; the focus goes back to the marked cell. */
  rest: () => void;
  change: (wish: Wish) => Promise<Changed | undefined>;
  edit: (made: Intention, base?: number) => Promise<Changed | undefined>;
  /** Takes back, or makes again. `before`: the last one older than this version. */
  step: (what: 'undo' | 'redo', before?: number) => Promise<void>;
  go: (board: string) => void;
  showAt: (board: string, cell: Cell) => void;
  /** The marked cell, also after the board has changed under it. */
  marked: Cell;
  /** The button that covers it. */
  button?: Button;
  /** Chosen together. */
  chosen: Button[];
}

const Room = createContext<BenchRoom | undefined>(undefined);
export const BenchRoomOf = Room.Provider;

export function useRoom(): BenchRoom {
  const room = useContext(Room);
  if (!room) throw new Error(t`this stands on the bench alone`);
  return room;
}
