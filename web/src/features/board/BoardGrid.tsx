import { useEffect, useRef, type KeyboardEvent } from 'react';
import type { Board, Button, Cell } from '../../api/types';
import { Card } from './Card';
import { arrow, buttonAt, sameCell, spoken, stops, tab } from './grid';

interface Props {
  board: Board;
  marked: Cell;
  next?: Cell;
  loose: Cell[];
  keptFree: Cell[];
  /** Counts up when the focus should go to the marked cell. Marking alone never takes the focus from where somebody types. */
  focus: number;
  onMark: (cell: Cell) => void;
  onOpen: (button: Button) => void;
  onType: (letters: string) => void;
  onTakeOff: (button: Button) => void;
  onChange: () => void;
}

/** The board on its mat. One cell is marked and takes the keys; the others follow by arrows, Tab and Shift+Tab. */
export function BoardGrid({ board, marked, next, loose, keptFree, focus, onMark, onOpen, onType, onTakeOff, onChange }: Props) {
  const grid = useRef<HTMLDivElement>(null);
  const at = buttonAt(board, marked)?.cell ?? marked;

  useEffect(() => {
    if (focus > 0) grid.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
  }, [focus]);

  function keys(event: KeyboardEvent) {
    const button = buttonAt(board, marked);
    if (event.ctrlKey || event.metaKey) return;
    if (event.altKey && event.key !== 'Enter') return;
    if (event.key === 'Tab') {
      const to = tab(board, marked, event.shiftKey);
      if (!to) return;
      event.preventDefault();
      move(to);
    } else if (['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End'].includes(event.key)) {
      event.preventDefault();
      move(arrow(board, marked, event.key));
    } else if ((event.key === 'Delete' || event.key === 'Backspace') && button) {
      event.preventDefault();
      onTakeOff(button);
    } else if (event.key === 'Enter') {
      event.preventDefault();
      if (!button) onType('');
      else if (event.altKey) onOpen(button);
      else onChange();
    } else if (event.key.length === 1 && event.key !== ' ') {
      event.preventDefault();
      onType(event.key);
    }
  }

  function move(to: Cell) {
    onMark(to);
    const target = grid.current?.querySelector<HTMLElement>(`[data-cell="${to.row}-${to.column}"]`);
    target?.focus();
  }

  function paste(event: React.ClipboardEvent) {
    const text = event.clipboardData.getData('text/plain');
    if (text.trim()) {
      event.preventDefault();
      onType(text);
    }
  }

  const rows = Array.from({ length: board.rows }, (_, row) => stops(board).filter((c) => c.row === row));
  return (
    <div ref={grid} className={`mat bench-mat${board.columns > 16 || board.rows > 16 ? ' crowded' : ''}`} role="grid" aria-label={`Board ${board.name}`} onKeyDown={keys} onPaste={paste}
      style={{ gridTemplateColumns: `repeat(${board.columns}, minmax(0, 1fr))`, gridTemplateRows: `repeat(${board.rows}, minmax(0, 1fr))` }}>
      {rows.map((cells, row) => (
        <div role="row" key={row} className="row">
          {cells.map((cell) => {
            const button = buttonAt(board, cell);
            const isMarked = sameCell(cell, at);
            const isNext = next !== undefined && sameCell(cell, next);
            const isLoose = loose.some((l) => sameCell(l, cell));
            const classes = ['cell', button ? '' : keptFree.some((k) => sameCell(k, cell)) ? 'empty kept-free' : 'empty', isMarked ? 'marked' : '', isNext ? 'next' : '', button?.hidden ? 'hidden-word' : ''].filter(Boolean).join(' ');
            return (
              <div
                key={`${cell.row}-${cell.column}`} role="gridcell" className={classes} data-cell={`${cell.row}-${cell.column}`}
                tabIndex={isMarked ? 0 : -1} aria-selected={isMarked} aria-label={name(button, cell, isLoose)}
                style={{ gridArea: `${cell.row + 1} / ${cell.column + 1} / span ${button?.span.rows ?? 1} / span ${button?.span.columns ?? 1}` }}
                onClick={() => move(cell)} onDoubleClick={() => button && onOpen(button)}
              >
                {button && <Card button={button} />}
                {isLoose && <span className="tag">leads nowhere</span>}
              </div>
            );
          })}
        </div>
      ))}
    </div>
  );
}

function name(button: Button | undefined, cell: Cell, loose: boolean): string {
  if (!button) return `empty, ${spoken(cell)}`;
  const opens = loose ? ', leads nowhere' : button.leads.type === 'opens' ? ', opens a board' : '';
  return `${button.label || 'picture'}, ${spoken(cell)}${opens}`;
}
