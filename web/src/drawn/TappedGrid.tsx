import { t } from '@lingui/core/macro';
import type { Cell } from '../api/types';
import drawn from './drawn.module.css';

/** A board as a small grid with one cell filled. */
export function TappedGrid({ rows, columns, cell }: { rows: number; columns: number; cell: Cell }) {
  const unit = 10;
  return (
    <svg
      className={drawn.tapped}
      viewBox={`-4 -4 ${columns * unit + 6} ${rows * unit + 6}`}
      role="img"
      aria-label={t`tap row ${cell.row + 1}, place ${cell.column + 1}`}
    >
      {Array.from({ length: rows * columns }, (_, i) => {
        const [r, c] = [Math.floor(i / columns), i % columns];
        return (
          <rect
            key={i}
            x={c * unit}
            y={r * unit}
            width={unit - 2.5}
            height={unit - 2.5}
            rx={1.5}
            className={r === cell.row && c === cell.column ? drawn.tap : undefined}
          />
        );
      })}
    </svg>
  );
}
