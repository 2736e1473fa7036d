import { useState, type PointerEvent } from 'react';
import type { Rect } from '../../api/types';
import css from './wordlist.module.css';

/** The cells of a grid of one’s own, over its sheet: a word is dragged from one to another, and what stands there comes into its cell. */
export function Arranging({ cells, onArrange }: { cells: Rect[]; onArrange: (from: number, to: number) => void }) {
  const [from, setFrom] = useState<number>();
  const [to, setTo] = useState<number>();

  /** The cell under the pointer, which the cell it was pressed in holds on to. */
  const under = (event: PointerEvent) => {
    const at = document.elementsFromPoint(event.clientX, event.clientY).find((e) => e instanceof SVGElement && e.dataset.cell !== undefined);
    return at instanceof SVGElement ? Number(at.dataset.cell) : undefined;
  };
  function release(event: PointerEvent) {
    const there = under(event);
    if (from !== undefined && there !== undefined && there !== from) onArrange(from, there);
    setFrom(undefined);
    setTo(undefined);
  }
  return (
    <>
      {cells.map((cell, i) => (
        <rect
          key={i}
          data-cell={i}
          className={i === from ? css.carried : i === to ? css.target : css.arrangeable}
          x={cell.x}
          y={cell.y}
          width={cell.width}
          height={cell.height}
          onPointerDown={(e) => {
            e.currentTarget.setPointerCapture(e.pointerId);
            setFrom(i);
          }}
          onPointerMove={(e) => from !== undefined && setTo(under(e))}
          onPointerUp={release}
          onPointerCancel={() => {
            setFrom(undefined);
            setTo(undefined);
          }}
        />
      ))}
    </>
  );
}
