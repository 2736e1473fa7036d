import { memo, useCallback, useEffect, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Board, Button, Cell } from '../../api/types';
import { Card } from './Card';
import { arrow, buttonAt, keyOf, sameCell, spoken, stops, tab } from './grid';
import type { Overlay } from './lenses';
import { useDrag, type Drag } from './drag';
import bench from './bench.module.css';
import drawn from './drawn.module.css';

interface Props {
  board: Board;
  /** What the lens lays over cells, by their key. */
  overlays: Map<string, Overlay>;
  marked: Cell;
  /** Ids of buttons chosen together. */
  chosen: string[];
  next?: Cell;
  /** Counts up when the focus should go to the marked cell. */
  focus: number;
  onMark: (cell: Cell) => void;
  onOpen: (button: Button) => void;
  onType: (letters: string) => void;
  onTakeOff: (button: Button) => void;
  onRename: () => void;
  /** A key that stands for something else than a word. */
  onKey: (key: string) => void;
  /** Moves a button to a cell of this board; none if it may not be. */
  onMove?: (button: Button, to: Cell) => void;
  /** A button is in hand: a cell that is chosen is where it goes. */
  placing?: (cell: Cell) => void;
  onChoose?: (cell: Cell, how: 'this too' | 'up to here') => void;
  onChooseAll?: () => void;
}

/** Signs no word begins with: on the marked cell they are shortcuts. */
export const SIGNS = ['?', '=', '+', '<', '*'];

const MOVES = ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End'];
const CROWDED = 16;

/** The board on its mat. One cell is marked and takes the keys; the others follow by arrows, Tab and Shift+Tab. */
export const BoardGrid = memo(function BoardGrid({ board, overlays, marked, chosen, next, focus, onMark, onOpen, onType, onTakeOff, onRename, onKey, onMove, placing, onChoose, onChooseAll }: Props) {
  const grid = useRef<HTMLDivElement>(null);
  const { drag, begin } = useDrag(board, onMove);

  useEffect(() => {
    if (focus > 0) grid.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  }, [focus]);

  const onPress = useCallback((cell: Cell) => {
    onMark(cell);
    grid.current?.querySelector<HTMLElement>(`[data-cell="${keyOf(cell)}"]`)?.focus();
  }, [onMark]);

  function keys(event: KeyboardEvent) {
    const button = buttonAt(board, marked);
    if (event.ctrlKey && event.shiftKey && button && onMove && event.key.startsWith('Arrow')) {
      event.preventDefault();
      const to = arrow(board, marked, event.key);
      if (!sameCell(to, marked)) {
        onMove(button, to);
        onPress(to);
      }
      return;
    }
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'a' && onChooseAll) {
      event.preventDefault();
      onChooseAll();
    }
    if ((event.ctrlKey || event.metaKey) && event.key === ' ' && onChoose) {
      event.preventDefault();
      onChoose(marked, 'this too');
    }
    if (event.ctrlKey || event.metaKey) return;
    if (event.altKey && event.key !== 'Enter') return;
    if (event.key === 'Tab') {
      const to = tab(board, marked, event.shiftKey);
      if (!to) return;
      event.preventDefault();
      onPress(to);
    } else if (MOVES.includes(event.key)) {
      event.preventDefault();
      onPress(arrow(board, marked, event.key));
    } else if ((event.key === 'Delete' || event.key === 'Backspace') && button) {
      event.preventDefault();
      onTakeOff(button);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (placing) placing(marked);
      else if (!button) onType('');
      else if (event.altKey) onOpen(button);
      else onRename();
    } else if (SIGNS.includes(event.key)) {
      event.preventDefault();
      onKey(event.key);
    } else if (event.key.length === 1 && event.key !== ' ') {
      event.preventDefault();
      onType(event.key);
    }
  }

  const rows = Array.from({ length: board.rows }, (): Cell[] => []);
  for (const cell of stops(board)) rows[cell.row].push(cell);
  return (
    <div ref={grid} className={`${drawn.mat} ${bench.benchMat} ${board.columns > CROWDED || board.rows > CROWDED ? bench.crowded : ''}`} role="grid" aria-label={`Board ${board.name}`} aria-multiselectable onKeyDown={keys}
      style={{ gridTemplateColumns: `repeat(${board.columns}, minmax(0, 1fr))`, gridTemplateRows: `repeat(${board.rows}, minmax(0, 1fr))` }}>
      {rows.map((cells, row) => (
        <div role="row" key={row} className={drawn.row}>
          {cells.map((cell) => (
            <GridCell key={keyOf(cell)} cell={cell} button={buttonAt(board, cell)} overlay={overlays.get(keyOf(cell))} marked={sameCell(cell, marked)}
              next={next !== undefined && sameCell(cell, next)} chosen={chosen.length > 0 && chosen.includes(buttonAt(board, cell)?.id ?? '')} drag={dragOn(drag, cell)} onPress={placing ?? onPress} onChoose={onChoose} onOpen={onOpen} onGrab={begin} />
          ))}
        </div>
      ))}
    </div>
  );
}, (was, is) => (Object.keys(is) as (keyof Props)[]).every((prop) => was[prop] === is[prop] || (prop === 'marked' || prop === 'next') && sameOrNone(was[prop], is[prop])));

const sameOrNone = (one?: Cell, other?: Cell) => one !== undefined && other !== undefined && sameCell(one, other);

interface CellProps { cell: Cell; button?: Button; overlay?: Overlay; marked: boolean; next: boolean; chosen: boolean; drag?: 'from' | 'to'; onChoose?: Props['onChoose']; onPress: (cell: Cell) => void; onOpen: (button: Button) => void; onGrab: (event: PointerEvent, button: Button) => void }

/** One cell; drawn anew only if something about it changed, as a board can have 1,600. */
const GridCell = memo(function GridCell({ cell, button, overlay, marked, next, chosen, drag, onPress, onOpen, onGrab, onChoose }: CellProps) {
  const classes = [drawn.cell, button ? '' : bench.empty, ...(overlay?.classes ?? []).map((c) => bench[c]), marked ? bench.marked : '', chosen ? bench.chosenToo : '', next ? bench.next : '', drag === 'from' ? bench.dragged : drag === 'to' ? bench.dropped : ''].filter(Boolean).join(' ');
  return (
    <div role="gridcell" className={classes} data-cell={keyOf(cell)} tabIndex={marked ? 0 : -1} aria-selected={marked || chosen} aria-label={name(button, cell, overlay)}
      style={{ gridArea: `${cell.row + 1} / ${cell.column + 1} / span ${button?.span.rows ?? 1} / span ${button?.span.columns ?? 1}` }}
      onPointerDown={button ? (e) => onGrab(e, button) : undefined} onClick={(e) => (onChoose && (e.ctrlKey || e.metaKey || e.shiftKey) ? onChoose(cell, e.shiftKey ? 'up to here' : 'this too') : onPress(cell))} onDoubleClick={() => button && onOpen(button)}>
      {button && <Card button={button} />}
      {drag === 'to' && button && <span className={bench.tag}>changes places</span>}
      {overlay?.tag && <span className={bench.tag}>{overlay.tag}</span>}
      {overlay?.note && <span className={bench.lensNote} dir="auto">{overlay.note}</span>}
    </div>
  );
}, (was, is) => sameCell(was.cell, is.cell) && was.button === is.button && was.overlay === is.overlay && was.marked === is.marked && was.next === is.next && was.drag === is.drag && was.chosen === is.chosen && was.onChoose === is.onChoose
  && was.onPress === is.onPress && was.onOpen === is.onOpen && was.onGrab === is.onGrab);

const dragOn = (drag: Drag | undefined, cell: Cell) => (!drag ? undefined : sameCell(drag.button.cell, cell) ? 'from' : drag.over && sameCell(drag.over, cell) ? 'to' : undefined);

function name(button: Button | undefined, cell: Cell, overlay?: Overlay): string {
  if (!button) return `empty, ${spoken(cell)}`;
  const opens = overlay?.told ? `, ${overlay.told}` : button.leads.type === 'opens' ? ', opens a board' : '';
  return `${button.label || 'picture'}, ${spoken(cell)}${opens}`;
}
