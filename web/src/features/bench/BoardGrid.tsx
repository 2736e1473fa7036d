import { t } from '@lingui/core/macro';
import { memo, useCallback, useContext, useEffect, useMemo, useRef, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { Board, Button, Cell } from '../../api/types';
import { BOARD_DRAGGED } from '../boardlist';
import { Card } from '../../drawn/Card';
import { arrow, buttonAt, stops, tab } from '../../drawn/grid';
import { keyOf, sameCell, spoken } from '../../data/cells';
import { asOfNow, boardAsOfNow, DayWords } from '../../data/dayWords';
import type { Overlay } from '../../drawn/overlay';
import { gridLines, LooksOfBoard, seen, USUAL, type Looks } from '../../drawn/looks';
import { useDrag, type Drag } from './drag';
import bench from '../../shell/bench.module.css';
import drawn from '../../drawn/drawn.module.css';

interface Props {
  board: Board;
  looks: Looks;
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
  /** A key that stands for something else than a word: one of the signs, or Escape, which leaves the cells. */
  onKey: (key: string) => void;
  /** Moves a button to a cell of this board; none if it may not be. */
  onMove?: (button: Button, to: Cell) => void;
  /** A button is in hand: a cell that is chosen is where it goes. */
  placing?: (cell: Cell) => void;
  onChoose?: (cell: Cell, how: 'this too' | 'up to here') => void;
  onChooseAll?: () => void;
  /** Buttons between an empty cell and where the mouse was dragged from it. */
  onBand?: (ids: string[]) => void;
  /** Buttons a person taps or strokes over, instead of marking, dragging and opening them. */
  onPaint?: (ids: string[]) => void;
  /** Drawn over the whole board. */
  over?: ReactNode;
  /** A board of the list was dropped into a cell. */
  onBoardDropped?: (board: string, cell: Cell) => void;
}

/** Signs no word begins with: on the marked cell they are shortcuts. */
export const SIGNS = ['?', '=', '+', '<', '*', '|'];

const MOVES = ['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End'];
const CROWDED = 16;

/** The board on its mat. One cell is marked and takes the keys; the others follow by arrows, Tab and Shift+Tab. */
export const BoardGrid = memo(
  function BoardGrid({
    board,
    looks,
    overlays,
    marked,
    chosen,
    next,
    focus,
    onMark,
    onOpen,
    onType,
    onTakeOff,
    onRename,
    onKey,
    onMove,
    placing,
    onChoose,
    onChooseAll,
    onBand,
    onBoardDropped,
    onPaint,
    over,
  }: Props) {
    const grid = useRef<HTMLDivElement>(null);
    const days = useContext(DayWords);
    const { drag, begin, painted } = useDrag(board, { onMove, onBand, onPaint });

    useEffect(() => {
      if (focus > 0) grid.current?.querySelector<HTMLElement>('[tabindex="0"]')?.focus();
    }, [focus]);

    const onPress = useCallback(
      (cell: Cell) => {
        onMark(cell);
        grid.current?.querySelector<HTMLElement>(`[data-cell="${keyOf(cell)}"]`)?.focus();
      },
      [onMark],
    );

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
      } else if ((event.key === 'Enter' || event.key === ' ') && onPaint && button) {
        event.preventDefault();
        onPaint([button.id]);
      } else if (event.key === 'Enter') {
        event.preventDefault();
        if (placing) placing(marked);
        else if (!button) onType('');
        else if (event.altKey) onOpen(button);
        else onRename();
      } else if (event.key === 'Escape') {
        onKey(event.key);
      } else if (SIGNS.includes(event.key)) {
        event.preventDefault();
        onKey(event.key);
      } else if (event.key.length === 1 && event.key !== ' ') {
        event.preventDefault();
        onType(event.key);
      }
    }

    function dropped(event: React.DragEvent) {
      const cell = cellOf(event.target as HTMLElement);
      const id = event.dataTransfer.getData(BOARD_DRAGGED);
      if (!onBoardDropped || !cell || !id) return;
      event.preventDefault();
      onBoardDropped(id, cell);
    }

    const crowded = board.columns > CROWDED || board.rows > CROWDED;
    const rows = Array.from({ length: board.rows }, (): Cell[] => []);
    for (const cell of stops(board)) rows[cell.row].push(cell);
    return (
      <LooksOfBoard.Provider value={useMemo(() => ({ whole: looks, board: boardAsOfNow(board, days) }), [looks, board, days])}>
        <div
          ref={grid}
          className={`${drawn.mat} ${bench.benchMat} ${crowded ? bench.crowded : ''}`}
          role="grid"
          aria-label={t`Board ${board.name}`}
          aria-multiselectable
          onKeyDown={keys}
          onDragOver={(e) => {
            if (onBoardDropped && e.dataTransfer.types.includes(BOARD_DRAGGED)) e.preventDefault();
          }}
          onDrop={dropped}
          style={{ ...gridLines(board), ...matStyle(seen(looks, board.look, {})) }}
        >
          {rows.map((cells, row) => (
            <div role="row" key={row} className={drawn.row}>
              {cells.map((cell) => (
                <GridCell
                  key={keyOf(cell)}
                  cell={cell}
                  button={buttonAt(board, cell)}
                  overlay={overlays.get(keyOf(cell))}
                  marked={sameCell(cell, marked)}
                  next={next !== undefined && sameCell(cell, next)}
                  chosen={(chosen.length > 0 || painted.length > 0) && [...chosen, ...painted].includes(buttonAt(board, cell)?.id ?? '')}
                  drag={dragOn(drag, cell)}
                  onPress={placing ?? onPress}
                  onChoose={onChoose}
                  onOpen={onOpen}
                  onGrab={begin}
                />
              ))}
            </div>
          ))}
          {over}
        </div>
      </LooksOfBoard.Provider>
    );
  },
  (was, is) =>
    (Object.keys(is) as (keyof Props)[]).every((prop) => was[prop] === is[prop] || ((prop === 'marked' || prop === 'next') && sameOrNone(was[prop], is[prop]))),
);

const sameOrNone = (one?: Cell, other?: Cell) => one !== undefined && other !== undefined && sameCell(one, other);

interface CellProps {
  cell: Cell;
  button?: Button;
  overlay?: Overlay;
  marked: boolean;
  next: boolean;
  chosen: boolean;
  drag?: 'from' | 'to';
  onChoose?: Props['onChoose'];
  onPress: (cell: Cell) => void;
  onOpen: (button: Button) => void;
  onGrab: (event: PointerEvent, button: Button | Cell) => void;
}

/** One cell; drawn anew only if something about it changed, as a board can have 1,600. */
const GridCell = memo(
  function GridCell({ cell, button, overlay, marked, next, chosen, drag, onPress, onOpen, onGrab, onChoose }: CellProps) {
    const days = useContext(DayWords);
    const classes = [
      drawn.cell,
      !button && bench.empty,
      ...(overlay?.classes ?? []).map((c) => bench[c]),
      marked && bench.marked,
      chosen && bench.chosenToo,
      next && bench.next,
      drag === 'from' && bench.dragged,
      drag === 'to' && bench.dropped,
    ]
      .filter(Boolean)
      .join(' ');
    const press = (e: React.MouseEvent) =>
      onChoose && (e.ctrlKey || e.metaKey || e.shiftKey) ? onChoose(cell, e.shiftKey ? 'up to here' : 'this too') : onPress(cell);
    return (
      <div
        role="gridcell"
        className={classes}
        data-cell={keyOf(cell)}
        tabIndex={marked ? 0 : -1}
        aria-selected={marked || chosen}
        aria-label={name(button && asOfNow(button, days), cell, overlay)}
        style={{ gridArea: `${cell.row + 1} / ${cell.column + 1} / span ${button?.span.rows ?? 1} / span ${button?.span.columns ?? 1}` }}
        onPointerDown={(e) => {
          if (button || !(e.ctrlKey || e.shiftKey || e.metaKey)) onGrab(e, button ?? cell);
        }}
        onClick={press}
        onDoubleClick={() => button && onOpen(button)}
      >
        {button && <Card button={button} />}
        {drag === 'to' && button && <span className={bench.tag}>{t`changes places`}</span>}
        {overlay?.tag && <span className={bench.tag}>{overlay.tag}</span>}
        {overlay?.kept && !button && (
          <span className={bench.keptNote} aria-hidden>
            {overlay.kept}
          </span>
        )}
        {overlay?.badge && (
          <span
            className={overlay.badge.paper === 'held' ? `${bench.badge} ${bench.heldBadge}` : bench.badge}
            style={overlay.badge.paper === 'held' ? undefined : { background: overlay.badge.paper }}
          >
            {overlay.badge.text}
          </span>
        )}
        {overlay?.note && (
          <span className={bench.lensNote} dir="auto">
            {overlay.note}
          </span>
        )}
      </div>
    );
  },
  (was, is) => sameCell(was.cell, is.cell) && (Object.keys(is) as (keyof CellProps)[]).every((prop) => prop === 'cell' || was[prop] === is[prop]),
);

function cellOf(element: HTMLElement): Cell | undefined {
  const key = element.closest<HTMLElement>('[data-cell]')?.dataset.cell;
  const [row, column] = key?.split('-').map(Number) ?? [];
  return key ? { row, column } : undefined;
}

/** The mat under the buttons: its colour, and the gap as a share of the screen that the mat stands for. */
const matStyle = ({ background, gap }: { background?: string; gap: number }) => ({
  ...(background && { background }),
  ...(gap !== USUAL.gap && { gap: `calc(var(--mat-width) * ${gap / 1000})` }),
});

const dragOn = (drag: Drag | undefined, cell: Cell) =>
  !drag ? undefined : sameCell(drag.button.cell, cell) ? 'from' : drag.over && sameCell(drag.over, cell) ? 'to' : undefined;

function name(button: Button | undefined, cell: Cell, overlay?: Overlay): string {
  if (!button) return overlay?.told ? t`empty, ${spoken(cell)}, ${overlay.told}` : t`empty, ${spoken(cell)}`;
  const opens = overlay?.told ? `, ${overlay.told}` : button.leads.type === 'opens' ? t`, opens a board` : '';
  return `${button.label || t`picture`}, ${spoken(cell)}${opens}`;
}
