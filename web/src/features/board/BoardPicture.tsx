import type { Board } from '../../api/types';
import { Card } from './Card';
import drawn from './drawn.module.css';

/** A board as a small true picture: every button in its place, nothing to press. */
export function BoardPicture({ board, label }: { board: Board; label: string }) {
  return (
    <div className={`${drawn.mat} ${drawn.small}`} role="img" aria-label={label}
      style={{ gridTemplateColumns: `repeat(${board.columns}, minmax(0, 1fr))`, gridTemplateRows: `repeat(${board.rows}, minmax(0, 1fr))` }}>
      {board.buttons.filter((b) => !b.hidden).map((b) => (
        <span key={b.id} className={drawn.cell} style={{ gridArea: `${b.cell.row + 1} / ${b.cell.column + 1} / span ${b.span.rows} / span ${b.span.columns}` }}>
          <Card button={b} />
        </span>
      ))}
    </div>
  );
}
