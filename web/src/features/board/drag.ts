import { useCallback, useEffect, useRef, useState, type PointerEvent } from 'react';
import type { Board, Button, Cell } from '../../api/types';
import { sameCell, standing } from './grid';

/** A button that is being dragged over its board, and the cell under the pointer. */
export interface Drag { button: Button; over?: Cell }

/** A hand that only taps trembles less than this, in pixels. */
const MEANT = 8;

/** Dragging by mouse, pen or finger. Pointer events alone: they come with capture, and Escape lets go. */
export function useDrag(board: Board, onMove?: (button: Button, to: Cell) => void) {
  const [drag, setDrag] = useState<Drag>();
  const now = useRef({ board, onMove });
  now.current = { board, onMove };
  const stop = useRef<() => void>(undefined);
  useEffect(() => () => stop.current?.(), []);

  const begin = useCallback((event: PointerEvent, button: Button) => {
    if (!now.current.onMove || event.button !== 0) return;
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
    const key = (e: globalThis.KeyboardEvent) => { if (e.key === 'Escape') stop.current?.(); };
    // A click follows the drag where it ended; it is no choice of that cell.
    const click = (e: MouseEvent) => { if (held) { e.stopPropagation(); e.preventDefault(); } };
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
  return { drag, begin };
}

function cellUnder(x: number, y: number): Cell | undefined {
  const key = document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-cell]')?.dataset.cell;
  if (!key) return undefined;
  const [row, column] = key.split('-').map(Number);
  return { row, column };
}
