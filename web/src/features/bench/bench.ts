import type { Board, Button, Cell, Intention, Preview } from '../../api/types';
import type { Wish } from '../../data/boards';
import { buttonAt, nextEmpty, standing, within } from '../../drawn/grid';

/** The bench's state as one plain value, and its moves as pure functions of it. */

/** What the person is doing; one thing at a time. */
export type Doing =
  | { what: 'resting' }
  | { what: 'typing'; text: string; picture?: string }
  | { what: 'renaming' }
  | { what: 'choosing a picture' }
  | { what: 'linking' | 'moving'; board: string; button: string; label: string }
  | { what: 'looking' }
  /** What would change place by something that is not done yet. */
  | { what: 'previewing'; intention: Intention; moving: Preview['moving'] }
  /** A change that would take words from places the student has learned; it waits for this person's answer. */
  | { what: 'asked'; asked: Asked }
  | { what: 'in a dialog'; dialog: Dialog };

export interface Asked {
  sentence: string;
  wish: Wish;
  needsReason: boolean;
  instead?: { words: string; intention: Intention } | null;
  moving?: Preview['moving'];
}

/** What is opened over the bench as a whole. */
export type Dialog = 'credits' | 'words' | 'person' | 'history' | 'shortcuts' | 'board' | 'chain' | 'copy' | 'bundle' | 'grow' | 'propose' | 'facts';

/** A change that met somebody else's; it waits for this person's choice, whatever else is opened meanwhile. */
export interface Conflict {
  sentence: string;
  wish: Wish;
  /** The version that holds; a change made after all is made against it. */
  version: number;
  yours?: Button;
  theirs?: Button;
}

export interface BenchState {
  board: string;
  marked: Cell;
  /** Counts up when the focus should go to the marked cell. Marking alone never takes the focus from where somebody types. */
  focus: number;
  doing: Doing;
  /** Ids of buttons of this board chosen together, to be changed at once. */
  chosen: string[];
  /** The first is shown; the others wait. */
  conflicts: Conflict[];
}

const RESTING: Doing = { what: 'resting' };
/** Who is walking with a button in hand, to link it or to move it, goes on doing so on another board. */
const kept = (doing: Doing): Doing => (doing.what === 'linking' || doing.what === 'moving' ? doing : RESTING);
const TOP: Cell = { row: 0, column: 0 };

export type Move =
  | { move: 'opened'; board: Board; keptFree: Cell[] }
  | { move: 'mark'; cell: Cell; focus?: boolean }
  | { move: 'type'; text: string }
  | { move: 'pick'; picture: string }
  | { move: 'rename' }
  | { move: 'choose picture' }
  | { move: 'look' }
  | { move: 'preview'; intention: Intention; moving: Preview['moving'] }
  | { move: 'asked'; asked: Asked }
  | { move: 'open'; dialog: Dialog }
  | { move: 'link' | 'carry'; board: string; button: string; label: string }
  | { move: 'rest'; focus?: boolean }
  | { move: 'put'; on: Board; added: string[]; keptFree: Cell[] }
  | { move: 'not put'; text: string }
  | { move: 'met'; conflict: Conflict }
  | { move: 'choose'; board: Board; cell: Cell; how: 'this too' | 'up to here' }
  | { move: 'choose all'; ids: string[] }
  | { move: 'settled' };

export const begin = (board: string): BenchState => ({ board, marked: TOP, focus: 1, doing: RESTING, chosen: [], conflicts: [] });

export function moved(state: BenchState, made: Move): BenchState {
  switch (made.move) {
    case 'opened':
      return made.board.id === state.board && state.focus > 1
        ? state
        : {
            ...state,
            board: made.board.id,
            marked: nextEmpty(made.board, TOP, made.keptFree) ?? TOP,
            focus: state.focus + 1,
            doing: kept(state.doing),
            chosen: [],
          };
    case 'mark':
      return {
        ...state,
        marked: made.cell,
        focus: state.focus + (made.focus ? 1 : 0),
        doing: state.doing.what === 'renaming' ? RESTING : state.doing,
        chosen: [],
      };
    case 'choose':
      return { ...state, marked: made.how === 'this too' ? made.cell : state.marked, chosen: chosenBy(state, made.board, made.cell, made.how) };
    case 'choose all':
      return { ...state, chosen: made.ids };
    case 'type':
      return { ...state, doing: { what: 'typing', text: made.text } };
    case 'pick':
      return { ...state, doing: { what: 'typing', text: typed(state).text, picture: made.picture } };
    case 'rename':
      return { ...state, doing: { what: 'renaming' } };
    case 'choose picture':
      return { ...state, doing: { what: 'choosing a picture' } };
    case 'look':
      return { ...state, doing: { what: 'looking' } };
    case 'preview':
      return { ...state, doing: { what: 'previewing', intention: made.intention, moving: made.moving } };
    case 'asked':
      return { ...state, doing: { what: 'asked', asked: made.asked } };
    case 'open':
      return { ...state, doing: { what: 'in a dialog', dialog: made.dialog } };
    case 'link':
    case 'carry':
      return { ...state, doing: { what: made.move === 'link' ? 'linking' : 'moving', board: made.board, button: made.button, label: made.label } };
    case 'rest':
      return { ...state, doing: RESTING, focus: state.focus + (made.focus ? 1 : 0) };
    case 'put': {
      const last = made.on.buttons.filter((b) => made.added.includes(b.id)).at(-1);
      return last && made.on.id === state.board ? { ...state, marked: nextEmpty(made.on, last.cell, made.keptFree) ?? last.cell } : state;
    }
    case 'not put':
      return typed(state).text === '' ? { ...state, doing: { what: 'typing', text: made.text } } : state;
    case 'met':
      return { ...state, conflicts: [...state.conflicts, made.conflict] };
    case 'settled':
      return { ...state, conflicts: state.conflicts.slice(1) };
  }
}

/** Ctrl takes one more or gives it back, beginning with the one that is marked; Shift takes all from the mark to here. */
function chosenBy(state: BenchState, board: Board, cell: Cell, how: 'this too' | 'up to here'): string[] {
  const at = buttonAt(board, cell)?.id;
  if (how === 'this too') {
    const first = buttonAt(board, state.marked)?.id;
    const before = state.chosen.length > 0 || !first ? state.chosen : [first];
    if (!at) return before;
    return before.includes(at) && before.length > 1 ? before.filter((id) => id !== at) : [...before.filter((id) => id !== at), at];
  }
  return within(board, state.marked, cell);
}

/** What stands in the word line. */
export const typed = (state: BenchState): { text: string; picture?: string } => (state.doing.what === 'typing' ? state.doing : { text: '' });

/** The cell the mark stands in on a board, also after that board has changed under it. */
export function markedOn(state: BenchState, board: Board): Cell {
  const inside = { row: Math.min(state.marked.row, board.rows - 1), column: Math.min(state.marked.column, board.columns - 1) };
  return standing(board, inside);
}
