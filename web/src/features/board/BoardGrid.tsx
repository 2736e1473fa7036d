import { memo, useCallback, useEffect, useRef, type KeyboardEvent } from 'react';
import type { Board, Button, Cell } from '../../api/types';
import { Card } from './Card';
import { arrow, buttonAt, keyOf, sameCell, spoken, stops, tab } from './grid';
import type { Overlay } from './lenses';
import bench from './bench.module.css';
import drawn from './drawn.module.css';

interface Props {
  board: Board;
  /** What the lens lays over cells, by their key. */
  overlays: Map<string, Overlay>;
  marked: Cell;
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
}

/** Signs no word begins with: on the marked cell they are shortcuts. */
export const SIGNS = ['?', '=', '+', '<', '*'];

const MOVES = ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End'];
const CROWDED = 16;

/** The board on its mat. One cell is marked and takes the keys; the others follow by arrows, Tab and Shift+Tab. */
export const BoardGrid = memo(function BoardGrid({ board, overlays, marked, next, focus, onMark, onOpen, onType, onTakeOff, onRename, onKey }: Props) {
  const grid = useRef<HTMLDivElement>(null);

  useEffect(() => {
    if (focus > 0) grid.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  }, [focus]);

  const onPress = useCallback((cell: Cell) => {
    onMark(cell);
    grid.current?.querySelector<HTMLElement>(`[data-cell="${keyOf(cell)}"]`)?.focus();
  }, [onMark]);

  function keys(event: KeyboardEvent) {
    const button = buttonAt(board, marked);
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
      if (!button) onType('');
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

  function paste(event: React.ClipboardEvent) {
    const text = event.clipboardData.getData('text/plain');
    if (text.trim()) {
      event.preventDefault();
      onType(text);
    }
  }

  const rows = Array.from({ length: board.rows }, (): Cell[] => []);
  for (const cell of stops(board)) rows[cell.row].push(cell);
  return (
    <div ref={grid} className={`${drawn.mat} ${bench.benchMat} ${board.columns > CROWDED || board.rows > CROWDED ? bench.crowded : ''}`} role="grid" aria-label={`Board ${board.name}`} onKeyDown={keys} onPaste={paste}
      style={{ gridTemplateColumns: `repeat(${board.columns}, minmax(0, 1fr))`, gridTemplateRows: `repeat(${board.rows}, minmax(0, 1fr))` }}>
      {rows.map((cells, row) => (
        <div role="row" key={row} className={drawn.row}>
          {cells.map((cell) => (
            <GridCell key={keyOf(cell)} cell={cell} button={buttonAt(board, cell)} overlay={overlays.get(keyOf(cell))} marked={sameCell(cell, marked)}
              next={next !== undefined && sameCell(cell, next)} onPress={onPress} onOpen={onOpen} />
          ))}
        </div>
      ))}
    </div>
  );
});

interface CellProps { cell: Cell; button?: Button; overlay?: Overlay; marked: boolean; next: boolean; onPress: (cell: Cell) => void; onOpen: (button: Button) => void }

/** One cell; drawn anew only if something about it changed, as a board can have 1,600. */
const GridCell = memo(function GridCell({ cell, button, overlay, marked, next, onPress, onOpen }: CellProps) {
  const classes = [drawn.cell, button ? '' : bench.empty, ...(overlay?.classes ?? []).map((c) => bench[c]), marked ? bench.marked : '', next ? bench.next : ''].filter(Boolean).join(' ');
  return (
    <div role="gridcell" className={classes} data-cell={keyOf(cell)} tabIndex={marked ? 0 : -1} aria-selected={marked} aria-label={name(button, cell, overlay)}
      style={{ gridArea: `${cell.row + 1} / ${cell.column + 1} / span ${button?.span.rows ?? 1} / span ${button?.span.columns ?? 1}` }}
      onClick={() => onPress(cell)} onDoubleClick={() => button && onOpen(button)}>
      {button && <Card button={button} />}
      {overlay?.tag && <span className={bench.tag}>{overlay.tag}</span>}
      {overlay?.note && <span className={bench.lensNote} dir="auto">{overlay.note}</span>}
    </div>
  );
}, (was, is) => sameCell(was.cell, is.cell) && was.button === is.button && was.overlay === is.overlay && was.marked === is.marked && was.next === is.next
  && was.onPress === is.onPress && was.onOpen === is.onOpen);

function name(button: Button | undefined, cell: Cell, overlay?: Overlay): string {
  if (!button) return `empty, ${spoken(cell)}`;
  const opens = overlay?.told ? `, ${overlay.told}` : button.leads.type === 'opens' ? ', opens a board' : '';
  return `${button.label || 'picture'}, ${spoken(cell)}${opens}`;
}
