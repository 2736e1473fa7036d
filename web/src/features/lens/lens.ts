import type { ReactNode } from 'react';
import type { Board, Button, Cell, Changed, Intention, VocabularyView } from '../../api/types';
import type { Wish } from '../../data/boards';
import type { Lens } from '../../drawn/overlay';

/** What a lens is given: the board that is shown, what is marked on it, and what can be done. */
export interface LensRoom {
  view: VocabularyView;
  board: Board;
  /** The marked one. */
  button?: Button;
  /** Chosen together. */
  chosen: Button[];
  mayEdit: boolean;
  edit: (made: Intention, base?: number) => Promise<Changed | undefined>;
  change: (wish: Wish) => Promise<Changed | undefined>;
  showAt: (board: string, cell: Cell) => void;
  go: (board: string) => void;
  open: (dialog: 'propose' | 'facts') => void;
}

/** What a lens does while it lies over the board. */
export interface LensAtWork {
  /** What lies over cells, beside what is always told. */
  overlay?: Lens;
  /** Drawn over the whole board. */
  over?: ReactNode;
  /** Shown in the place of the board. */
  instead?: ReactNode;
  /** Below the board, in the place of the word line and of what is worth a look. */
  below?: ReactNode;
  /** In the place of what tells of the marked cell. */
  side?: ReactNode;
  /** Further down beside the board. */
  beside?: ReactNode;
  /** Buttons a person taps or strokes over, instead of marking and dragging them. */
  onPaint?: (ids: string[]) => void;
  /** Taps mean something else than moving words. */
  paints?: boolean;
  /** Each board of the list is told with how many of its words are shown. */
  counted?: boolean;
  /** Over the page, also after another lens was chosen. */
  dialog?: ReactNode;
}

export interface HungLens {
  name: string;
  /** The first hangs on top. */
  place: number;
  /** What it shows, in a few words. */
  about: string;
  /** Drawn on a square of 16. */
  mark: ReactNode;
  /** A hook. What it remembers lasts while other lenses lie over the board. `room`: none while the board is on its way. */
  useLens: (room: LensRoom | undefined, on: boolean) => LensAtWork;
}

const hung: HungLens[] = [];

/** A lens hangs itself up when its folder is loaded. */
export function hang(lens: HungLens): void {
  hung.push(lens);
  hung.sort((one, other) => one.place - other.place);
}

export const lenses = (): readonly HungLens[] => hung;
