import { useCallback, useEffect, useRef, useState, type PointerEvent } from 'react';
import type { Board, Button, Cell } from '../../api/types';
import { buttonAt, standing, within } from '../../drawn/grid';
import { sameCell } from '../../data/cells';

/** A button that is being dragged over its board, and the cell under the pointer. */
export interface Drag {
  button: Button;
  over?: Cell;
}

/** A hand that only taps trembles less than this, in pixels. */
const MEANT = 8;

interface Drags {
  onMove?: (button: Button, to: Cell) => void;
  onBand?: (ids: string[]) => void;
  onPaint?: (ids: string[]) => void;
}

/**
 * Dragging by mouse, pen or finger. Pointer events alone: they come with capture, and Escape lets go. With `onPaint`, buttons are not
 * moved but stroked over, and what was passed is told when the pointer is lifted.
 */
export function useDrag(board: Board, { onMove, onBand, onPaint }: Drags) {
  const [drag, setDrag] = useState<Drag>();
  const [painted, setPainted] = useState<string[]>([]);
  const now = useRef({ board, onMove, onBand, onPaint });
  useEffect(() => {
    now.current = { board, onMove, onBand, onPaint };
  });
  const stop = useRef<() => void>(undefined);
  useEffect(() => () => stop.current?.(), []);

  const begin = useCallback((event: PointerEvent, button: Button | Cell) => {
    if (event.button !== 0) return;
    if (now.current.onPaint) {
      stop.current = stroke(
        'row' in button ? [] : [button.id],
        () => now.current.board,
        setPainted,
        (ids) => now.current.onPaint?.(ids),
      );
      return;
    }
    if ('row' in button) {
      if (now.current.onBand && event.pointerType === 'mouse') stop.current = band(button, () => now.current);
      return;
    }
    if (!now.current.onMove) return;
    const from = { x: event.clientX, y: event.clientY };
    let held: Drag | undefined;
    const move = (e: globalThis.PointerEvent) => {
      if (!held && Math.hypot(e.clientX - from.x, e.clientY - from.y) < MEANT) return;
      const over = cellUnder(e.clientX, e.clientY);
      const to = over && standing(now.current.board, over);
      if (held && (to === held.over || (to && held.over && sameCell(to, held.over)))) return;
      held = { button, over: to };
      setDrag(held);
    };
    const end = (e: globalThis.PointerEvent) => {
      stop.current?.();
      if (held?.over && e.type === 'pointerup' && !sameCell(held.over, button.cell)) now.current.onMove?.(button, held.over);
    };
    const key = (e: globalThis.KeyboardEvent) => {
      if (e.key === 'Escape') stop.current?.();
    };
    // A click follows the drag where it ended; it is no choice of that cell.
    const click = (e: MouseEvent) => {
      if (held) {
        e.stopPropagation();
        e.preventDefault();
      }
    };
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', end);
    window.addEventListener('pointercancel', end);
    window.addEventListener('keydown', key);
    window.addEventListener('click', click, { capture: true, once: true });
    stop.current = () => {
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', end);
      window.removeEventListener('pointercancel', end);
      window.removeEventListener('keydown', key);
      setTimeout(() => window.removeEventListener('click', click, { capture: true }));
      setDrag(undefined);
    };
  }, []);
  return { drag, begin, painted };
}

/** A stroke over buttons: each that is passed once. */
function stroke(first: string[], board: () => Board, onPassed: (ids: string[]) => void, onDone: (ids: string[]) => void): () => void {
  let passed = first;
  onPassed(passed);
  const move = (e: globalThis.PointerEvent) => {
    const cell = cellUnder(e.clientX, e.clientY);
    const id = cell && buttonAt(board(), cell)?.id;
    if (!id || passed.includes(id)) return;
    passed = [...passed, id];
    onPassed(passed);
  };
  const end = (e: globalThis.PointerEvent) => {
    stop();
    if (e.type === 'pointerup' && passed.length > 0) onDone(passed);
  };
  const key = (e: globalThis.KeyboardEvent) => {
    if (e.key === 'Escape') stop();
  };
  const stop = () => {
    window.removeEventListener('pointermove', move);
    window.removeEventListener('pointerup', end);
    window.removeEventListener('pointercancel', end);
    window.removeEventListener('keydown', key);
    onPassed([]);
  };
  window.addEventListener('pointermove', move);
  window.addEventListener('pointerup', end);
  window.addEventListener('pointercancel', end);
  window.addEventListener('keydown', key);
  return stop;
}

/** Dragging from an empty cell chooses the buttons between there and the pointer, as they are passed. */
function band(from: Cell, now: () => { board: Board; onBand?: (ids: string[]) => void }): () => void {
  let last: Cell = from;
  let chosen = false;
  const move = (e: globalThis.PointerEvent) => {
    const over = cellUnder(e.clientX, e.clientY);
    if (!over || sameCell(over, last)) return;
    last = over;
    chosen = true;
    now().onBand?.(within(now().board, from, over));
  };
  const click = (e: MouseEvent) => {
    if (chosen) {
      e.stopPropagation();
      e.preventDefault();
    }
  };
  const stop = () => {
    window.removeEventListener('pointermove', move);
    window.removeEventListener('pointerup', stop);
    window.removeEventListener('pointercancel', stop);
    setTimeout(() => window.removeEventListener('click', click, { capture: true }));
  };
  window.addEventListener('pointermove', move);
  window.addEventListener('pointerup', stop);
  window.addEventListener('pointercancel', stop);
  window.addEventListener('click', click, { capture: true, once: true });
  return stop;
}

function cellUnder(x: number, y: number): Cell | undefined {
  const key = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-cell]')?.dataset.cell;
  if (!key) return undefined;
  const [row, column] = key.split('-').map(Number);
  return { row, column };
}
